import { describe, expect, it } from 'vitest';
import { seeded } from '../../../tests/support/hard-choices.ts';
import { asKnown, hiddenRule, madeUpFood, SEVEN } from '../../../tests/support/hidden-rules.ts';
import { contradictionsOf } from './contradictions.ts';
import { anythingOf, fitsOf, type Teachable } from './fits.ts';
import type { KnownFood } from './known-food.ts';

const NEAREST: Teachable = { nutrients: SEVEN, modes: [{ rounding: 'nearest', step: 1 }], caps: [null] };
const table = (random: () => number, n: number): KnownFood[] => {
  const rule = hiddenRule(random);
  return Array.from({ length: n }, (_, i) => asKnown(rule, madeUpFood(random, `food ${i}`)));
};
const spoilt = (known: readonly KnownFood[], at: number, by: number): KnownFood[] =>
  known.map((k, i) => (i === at ? { ...k, points: k.points + by } : k));

/** All sets of the fewest foods without which the rest fits, by trying every set. */
function byTrying(known: readonly KnownFood[], teachable: Teachable): number[][] {
  const fits = (without: readonly number[]) => fitsOf(known, teachable, new Set(without)).length > 0;
  if (fits([])) return [[]];
  for (let size = 1; size <= 3; size++) {
    const found: number[][] = [];
    const from = (start: number, set: number[]): void => {
      if (set.length === size) {
        if (fits(set)) found.push(set);
        return;
      }
      for (let i = start; i < known.length; i++) from(i + 1, [...set, i]);
    };
    from(0, []);
    if (found.length > 0) return found;
  }
  return [];
}
const sorted = (sets: readonly (readonly number[])[]) => sets.map((s) => [...s].sort((a, b) => a - b).join(' ')).sort();

describe('known points that contradict each other', () => {
  it('are the sets that trying everything finds', () => {
    const random = seeded(5);
    let contradict = 0;
    for (let n = 0; n < 50; n++) {
      let known = table(random, 9 + Math.floor(random() * 4));
      const errors = n % 3;
      for (let e = 0; e < errors; e++)
        known = spoilt(known, Math.floor(random() * known.length), random() < 0.5 ? 3 : 5);
      const { sets } = contradictionsOf(known, NEAREST);
      const expected = byTrying(known, NEAREST);
      expect(sorted(sets), `${n}`).toEqual(sorted(expected[0]?.length === 0 ? [] : expected));
      if (sets.length > 0) contradict++;
    }
    expect(contradict).toBeGreaterThan(15);
  });

  it('point to the one that was typed wrong', () => {
    const random = seeded(9);
    let first = 0;
    for (let n = 0; n < 20; n++) {
      const known = spoilt(table(random, 30), 12, 2);
      const { sets } = contradictionsOf(known, NEAREST);
      if (sets[0]?.length === 1 && sets[0][0] === 12) first++;
    }
    expect(first).toBeGreaterThanOrEqual(18);
  });

  it('are none where foods turn out not to be counted: those are named instead', () => {
    const random = seeded(13);
    for (let n = 0; n < 5; n++) {
      const known = table(random, 32);
      const dear = known.flatMap((k, i) => (k.points >= 3 ? [i] : [])).slice(0, 3);
      const found = contradictionsOf(
        known.map((k, i) => (dear.includes(i) ? { ...k, points: 0 } : k)),
        anythingOf(SEVEN),
      );
      expect(found.sets).toEqual([]);
      expect(
        found.uncounted.every((i) => dear.includes(i)),
        'nobody falsely suspected',
      ).toBe(true);
      expect(found.uncounted.length).toBeGreaterThanOrEqual(2);
    }
  });
});
