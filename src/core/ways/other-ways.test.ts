import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { testChoiceContext } from '../../../tests/support/test-ways.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { applyEntry } from '../version/entry.ts';
import type { Version } from '../version/version.ts';
import { otherWays } from './other-ways.ts';

const LE = plainCounter(sample('LE'));
const dish = (lines: string[], ...steps: string[]): Version =>
  readVersion(lines, { servings: 12, steps: steps.map((text, i) => ({ id: `s${i}`, text })) });
const cookies = dish(
  ['250 g butter', '250 g sugar', '300 g flour', '2 eggs'],
  'Cream butter and sugar, stir in eggs and flour and bake the cookies 12 minutes.',
);
const bake = dish(
  ['2 kg potatoes', '400 g carrots', '400 g cheddar', '600 ml cream'],
  'Put potatoes and carrots in a dish, pour over the cream, scatter the cheddar on top and bake for an hour.',
);
const ways = (v: Version) => otherWays(v, testChoiceContext([LE], { title: 'Sunday' }));

describe('lighter in other ways', () => {
  it('are more pieces of the same dough, with what each weighs', () => {
    const more = ways(cookies).find((w) => w.kind === 'morePieces')!;
    expect(more.words).toBe('15 smaller ones instead of 12');
    expect(more.grams).toBeLessThan(countVersion(cookies, kitchenOf(), [LE]).servingGrams);
    expect(more.departure).toBe(0);
  });
  it('are a smaller pan, half and half, more vegetable and the table, each counted as it would be', () => {
    const found = ways(bake);
    expect(new Set(found.map((w) => w.kind))).toEqual(
      new Set(['smallerPan', 'halfAndHalf', 'moreVegetable', 'toPlate']),
    );
    for (const w of found) {
      const after = applyEntry(bake, { id: 'e', label: 'e', changes: w.changes, undoes: null });
      const counted = countVersion(after, kitchenOf(), [LE]);
      expect(counted.counts[0]!.points).toBe(w.points[0]);
      expect(counted.servingGrams).toBeCloseTo(w.grams, 6);
    }
    const before = countVersion(bake, kitchenOf(), [LE]);
    const more = found.find((w) => w.kind === 'moreVegetable')!;
    expect(more.grams).toBeGreaterThan(before.servingGrams);
    expect(more.points[0]).toBeLessThanOrEqual(before.counts[0]!.points);
  });
  it('bring in nothing that somebody must not eat, and touch nothing that is kept', () => {
    const context = testChoiceContext([LE], { without: { allergies: ['milk'], avoids: [] } });
    expect(otherWays(bake, context).filter((w) => w.kind === 'halfAndHalf')).toEqual([]);
    const kept = { ...bake, lines: bake.lines.map((l) => ({ ...l, kept: true })) };
    expect(otherWays(kept, testChoiceContext([LE])).map((w) => w.kind)).toEqual(['smallerPan']);
    expect(shippedFood('cheddar-light')!.allergens).toContain('milk');
  });
});
