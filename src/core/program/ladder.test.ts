import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { counterOf, pointFood, sample, testFood, testLine, testProgram } from '../../../tests/support/test-lines.ts';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { count } from './count.ts';
import { ladderOf } from './ladder.ts';
import { plainCounter } from './program.ts';

const pointsOf = (id: string, grams: number, mark: string): number =>
  count([testLine(shippedFood(id)!, grams)], plainCounter(sample(mark)), { servings: 1 }).points;

describe('the ladder of a food', () => {
  it('of butter, by hand: 10.6235 a gram over 45, edges at ½, 1½, 2½', () => {
    const perGram = 1062.35 / 100 / 45;
    const rungs = ladderOf(shippedFood('butter')!, plainCounter(sample('LE')), 3);
    expect(rungs.map((r) => r.points)).toEqual([0, 1, 2]);
    [0.5, 1.5, 2.5].forEach((edge, i) => {
      const grain = edge / perGram < 10 ? 0.1 : 1;
      expect(rungs[i]!.mostGrams).toBeCloseTo(Math.floor(edge / perGram / grain) * grain, 6);
    });
  });
  it('never promises too much, and a grain more is too much, for every food under every program', () => {
    for (const food of SHIPPED_FOODS.filter((_, i) => i % 7 === 0)) {
      for (const program of FIXTURE_PROGRAMS) {
        for (const rung of ladderOf(food, plainCounter(program), 4)) {
          if (!Number.isFinite(rung.mostGrams)) continue;
          const at = (g: number) => count([testLine(food, g)], plainCounter(program), { servings: 1 }).points;
          expect(at(rung.mostGrams), `${food.id} ${program.mark}`).toBeLessThanOrEqual(rung.points);
          expect(at(rung.mostGrams + (rung.mostGrams < 10 ? 0.2 : 1.1)), `${food.id} ${program.mark}`).toBeGreaterThan(
            rung.points,
          );
        }
      }
    }
  });
  it('has no end for what is uncounted, or counts below nothing', () => {
    expect(ladderOf(shippedFood('onion')!, plainCounter(sample('LE')), 5)).toEqual([
      { points: 0, mostGrams: Number.POSITIVE_INFINITY },
    ]);
    const negative = testFood('n', { kcal: 6, fibre: 4, carbs: 4, fat: 0, satFat: 0, sugars: 0, protein: 0 });
    expect(ladderOf(negative, plainCounter(sample('LE')), 5)).toHaveLength(1);
  });
  it('shows that several zeros add up to a point', () => {
    const zero = ladderOf(shippedFood('mayonnaise-light')!, plainCounter(sample('LE')), 1)[0]!.mostGrams;
    expect(pointsOf('mayonnaise-light', zero, 'LE')).toBe(0);
    expect(pointsOf('mayonnaise-light', zero * 2, 'LE')).toBe(1);
  });
  it('is bisected under a rule with caps', () => {
    const capped = counterOf(testProgram({ caps: { kcal: 2.2 } }));
    expect(ladderOf(pointFood(), capped, 5)).toEqual([
      { points: 0, mostGrams: 0.4 },
      { points: 1, mostGrams: 1.4 },
      { points: 2, mostGrams: Number.POSITIVE_INFINITY },
    ]);
  });
});
