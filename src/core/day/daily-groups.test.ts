import { describe, expect, it } from 'vitest';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import type { DaySources } from './count-entry.ts';
import { aimsStand, dailyGroups } from './daily-groups.ts';
import type { DayEntry, Eaten } from './day-entry.ts';

const pan = readVersion(['400 g carrots', '200 g spinach', '4 tbsp olive oil', '400 g salmon'], {
  id: 'pan',
  recipeId: 'r',
  servings: 4,
});
const from: DaySources = {
  kitchen: kitchenOf(pan),
  version: (id) => (id === 'pan' ? pan : null),
  cook: () => null,
  box: () => null,
  pot: () => null,
  feast: () => null,
  food: shippedFood,
};
const entry = (what: Eaten, portion = 1): DayEntry => ({
  id: 'e',
  eaterId: 'ada',
  day: '2026-11-28',
  meal: 'm',
  position: 0,
  what,
  words: 'e',
  portion,
  spread: 0,
  state: 'planned',
});

describe('the groups of a day', () => {
  const groups = dailyGroups(
    [
      entry({ kind: 'version', recipeId: 'r', versionId: 'pan' }, 2),
      entry({ kind: 'food', foodId: 'milk-whole', grams: 200, low: 200, high: 200 }),
      entry({ kind: 'known', points: 3, kcal: null }),
    ],
    from,
  );
  it('are the grams of them in what is eaten, and the colours of the vegetables', () => {
    // Half of the pan: 200 g of carrots, 100 g of spinach, 200 g of salmon.
    expect(groups).toMatchObject({ vegetables: 300, fish: 200, dairy: 200 });
    expect(groups.oil).toBeGreaterThan(25);
    expect([...groups.colours].sort()).toEqual(['green', 'orange']);
  });
  it('stand beside what the household would like, with what is ticked by hand', () => {
    const aims = [
      { id: 'veg', name: 'Vegetables', kind: 'vegetables', least: 400, per: 'day' },
      { id: 'col', name: 'Colours', kind: 'colours', least: 2, per: 'day' },
      { id: 'water', name: 'Water', kind: 'ticked', least: 6, per: 'day' },
    ] as const;
    expect(aimsStand(aims, groups, { water: 6 }).map((a) => [a.aim.id, a.has, a.isMet])).toEqual([
      ['veg', 300, false],
      ['col', 2, true],
      ['water', 6, true],
    ]);
  });
});
