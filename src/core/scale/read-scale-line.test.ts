import { expect, it } from 'vitest';
import { readScaleLine } from './read-scale-line.ts';

it.each([
  ['ST,GS,+  123.4 g', { state: 'on', grams: 123.4, steady: true, unit: 'g' }],
  ['US,NT,-   12.0g', { state: 'on', grams: -12, steady: false, unit: 'g' }],
  ['   0.250 kg', { state: 'on', grams: 250, steady: true, unit: 'g' }],
  ['S S     3.5 oz', { state: 'on', grams: 99.22, steady: true, unit: 'oz' }],
  ['S D     3.5 oz', { state: 'on', grams: 99.22, steady: false, unit: 'oz' }],
  ['1.000 lb', { state: 'on', grams: 453.59, steady: true, unit: 'lb' }],
  ['OL', { state: 'overload', grams: null, steady: false, unit: 'g' }],
  ['S +', { state: 'overload', grams: null, steady: false, unit: 'g' }],
] as const)('a line of a scale: %s', (line, wanted) => {
  const read = readScaleLine(line, '2026-11-28T12:00:00.000Z')!;
  expect({ ...read, grams: read.grams === null ? null : Math.round(read.grams * 100) / 100 }).toEqual({
    at: '2026-11-28T12:00:00.000Z',
    battery: 'ok',
    ...wanted,
  });
});
it('is nothing where it is no weight', () => {
  for (const line of ['', 'READY', '12', 'abc g', '1e9 kg', 'x'.repeat(500)])
    expect(readScaleLine(line, '')).toBeNull();
});
