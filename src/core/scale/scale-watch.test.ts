import { describe, expect, it } from 'vitest';
import type { ScaleReading } from './scale-reading.ts';
import { scaleTrouble } from './scale-watch.ts';

const AT = Date.parse('2026-11-28T12:00:00Z');
const read = (ms: number, grams: number | null, rest: Partial<ScaleReading> = {}): ScaleReading => ({
  at: new Date(AT + ms).toISOString(),
  state: 'on',
  grams,
  steady: true,
  unit: 'g',
  battery: 'ok',
  ...rest,
});

describe('what is wrong with a scale, in a word', () => {
  it('is nothing while it is quiet or something is poured', () => {
    expect(scaleTrouble([read(0, 100), read(200, 100)], AT + 300)).toBeNull();
    const poured = Array.from({ length: 12 }, (_, i) => read(i * 200, i * 9, { steady: false }));
    expect(scaleTrouble(poured, AT + 2300)).toBeNull();
  });
  it('says that it is silent', () => {
    expect(scaleTrouble([], AT)?.kind).toBe('silent');
    expect(scaleTrouble([read(0, 100)], AT + 3500)).toMatchObject({
      kind: 'silent',
      words: 'The scale says nothing. Is it on, and near enough? You can write the weight instead.',
    });
  });
  it('says that it went off, and that its nought is gone', () => {
    expect(scaleTrouble([read(0, null, { state: 'off' })], AT + 100)?.words).toMatch(/went off/);
    const again = scaleTrouble([read(0, 412), read(200, null, { state: 'off' }), read(400, 0)], AT + 500);
    expect(again).toMatchObject({ kind: 'nought lost' });
    expect(again!.words).toMatch(/set it to zero again/);
  });
  it('says that it is too much', () => {
    expect(scaleTrouble([read(0, null, { state: 'overload' })], AT + 100)?.words).toMatch(
      /too heavy.*take something off/i,
    );
  });
  it('says that it jumps', () => {
    const jumps = [0, 80, 12, 95, 3, 70, 20].map((g, i) => read(i * 200, g, { steady: false }));
    expect(scaleTrouble(jumps, AT + 1300)).toMatchObject({ kind: 'jumps' });
    expect(scaleTrouble(jumps, AT + 1300)!.words).toMatch(/stands even|leans/);
  });
  it('says that its battery is low, last of all', () => {
    expect(scaleTrouble([read(0, 100, { battery: 'low' })], AT + 100)?.kind).toBe('battery');
    expect(scaleTrouble([read(0, null, { battery: 'low', state: 'overload' })], AT + 100)?.kind).toBe('overload');
  });
});
