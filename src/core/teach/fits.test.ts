import { describe, expect, it } from 'vitest';
import { seeded } from '../../../tests/support/hard-choices.ts';
import { asKnown, hiddenRule, madeUpFood, pointsBy, SEVEN } from '../../../tests/support/hidden-rules.ts';
import type { Rule } from '../program/rule.ts';
import { anythingOf, coefficientRanges, fitsOf, pointsOverAll } from './fits.ts';

const foods = (random: () => number, n: number) => Array.from({ length: n }, (_, i) => madeUpFood(random, `food ${i}`));

describe('every rule that fits', () => {
  it('has the hidden one among it, whatever its rounding, step and cap: nothing said as certain is wrong', () => {
    const random = seeded(21);
    const kinds: Partial<Rule>[] = [
      {},
      { rounding: 'up' },
      { rounding: 'down', step: 0.5 },
      { step: 0.5 },
      { caps: { fibre: 4 } },
      { caps: { protein: 20 }, rounding: 'up' },
    ];
    let proved = 0;
    let all = 0;
    for (const [i, over] of [...kinds, ...kinds].entries()) {
      const rule = hiddenRule(random, over);
      const known = foods(random, 25).map((f) => asKnown(rule, f));
      const fits = fitsOf(known, anythingOf(SEVEN));
      const isTrue = fits.some(
        ({ hypothesis: { mode, cap } }) =>
          mode.rounding === rule.rounding &&
          mode.step === rule.step &&
          (rule.caps[cap?.nutrient ?? 'kcal'] ?? null) === (cap?.most ?? null) &&
          Object.keys(rule.caps).length === (cap === null ? 0 : 1),
      );
      expect(isTrue, `rule ${i} is not ruled out`).toBe(true);
      for (const food of foods(random, 60)) {
        const { low, high } = pointsOverAll(fits, SEVEN, food);
        const truth = pointsBy(rule, food);
        expect(low, `rule ${i}, ${food.name}`).toBeLessThanOrEqual(truth);
        expect(high, `rule ${i}, ${food.name}`).toBeGreaterThanOrEqual(truth);
        all++;
        if (low === high) proved++;
      }
      for (const [j, { low, high }] of coefficientRanges(fits, SEVEN).entries()) {
        const c = rule.coefficients[SEVEN[j]!] ?? 0;
        expect(low - 1e-6).toBeLessThanOrEqual(c);
        expect(high + 1e-6).toBeGreaterThanOrEqual(c);
      }
    }
    // It says something, too.
    expect(proved / all).toBeGreaterThan(0.1);
  });
  it('says the very points of the foods that are known', () => {
    const random = seeded(4);
    const rule = hiddenRule(random);
    const known = foods(random, 30).map((f) => asKnown(rule, f));
    const fits = fitsOf(known, anythingOf(SEVEN));
    for (const food of known) expect(pointsOverAll(fits, SEVEN, food)).toEqual({ low: food.points, high: food.points });
  });
});
