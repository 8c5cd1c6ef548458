import { describe, expect, it } from 'vitest';
import { readVersion } from '../../../tests/support/test-version.ts';
import { applyEntry, invertChanges } from './entry.ts';
import { panArea, panFactor, panInSteps, readPan } from './pan.ts';
import { scaleChangesBy } from './scale-version.ts';

describe('a pan', () => {
  it.each([
    ['9x13 inch', 22.86 * 33.02],
    ['9 x 13', 22.86 * 33.02],
    ['20 x 30 cm', 600],
    ['20×30', 600],
    ['8-inch square', 20.32 ** 2],
    ['26 cm round', Math.PI * 13 ** 2],
    ['9" round', (Math.PI * 22.86 ** 2) / 4],
    ['24', Math.PI * 12 ** 2],
  ])('%s', (text, area) => expect(panArea(readPan(text)!)).toBeCloseTo(area, 6));
  it.each([
    ['120 cm', 120],
    ['47 inch', 119.38],
    ['15', 38.1],
    ['16', 16],
  ])('%s is round, and as wide as it says', (text, diameterCm) =>
    expect(readPan(text)).toEqual({ shape: 'round', diameterCm }),
  );
  it.each(['', 'a large one', '0 cm', '20 x 0 cm', '121 cm', '48 inch', '400 x 300 cm'])('"%s" is none', (text) =>
    expect(readPan(text)).toBeNull(),
  );
  it('fits by its area: common practice says an 8-inch square holds what a 9-inch round does', () => {
    expect(panFactor(readPan('8-inch square')!, readPan('9-inch round')!)).toBeCloseTo(0.994, 3);
    expect(panFactor(readPan('8-inch round')!, readPan('9x13 inch')!)).toBeCloseTo(117 / (Math.PI * 16), 6);
  });
  it('is found in the steps', () => {
    expect(panInSteps([{ text: 'Heat the oven.' }, { text: 'Butter a 9x13-inch baking dish.' }])).toBe('9x13-inch');
    expect(panInSteps([{ text: 'Bake in a 26 cm springform tin.' }])).toBe('26 cm');
    expect(panInSteps([{ text: 'Bake for 20 minutes, until 8 cm high.' }])).toBeNull();
  });
  it('takes amounts and servings along, and undo brings them back', () => {
    const version = readVersion(['2 cups flour', '3 eggs'], { servings: 8 });
    const changes = scaleChangesBy(version, 1.5);
    const larger = applyEntry(version, { id: 'e', label: '', undoes: null, changes });
    expect(larger.servings).toBe(12);
    expect(larger.lines.map((l) => l.text)).toEqual(['3 cups flour', '4½ eggs (225 g)']);
    const back = applyEntry(larger, { id: 'u', label: '', undoes: 'e', changes: invertChanges(changes) });
    expect(back.lines).toEqual(version.lines);
    expect(scaleChangesBy({ ...version, servings: null }, 2)).toHaveLength(2);
    expect(scaleChangesBy(version, 0)).toEqual([]);
  });
});
