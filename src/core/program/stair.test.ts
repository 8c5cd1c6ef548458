import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { counterOf, pointFood, sample, testFood, testLine, testProgram } from '../../../tests/support/test-lines.ts';
import { count } from './count.ts';
import { plainCounter } from './program.ts';
import { byEyeIsFine, slackOf } from './slack.ts';
import { roundingLeak, stairOf } from './stair.ts';

const dish = [testLine(pointFood('a'), 12), testLine(pointFood('b'), 6)];

describe('the stair', () => {
  it('has its edges where the points change, in closed form', () => {
    const stair = stairOf(dish, counterOf(testProgram()), { servings: 4 }, 2);
    // 4.5 raw a serving: points k begin at (k − ½)/4.5 servings.
    expect(stair.edges[0]).toEqual({ portion: 0.5 / 4.5, points: 1 });
    expect(stair.edges).toHaveLength(9);
    for (const e of stair.edges) {
      const at = (portion: number) => count(dish, counterOf(testProgram()), { servings: 4, portion }).points;
      expect(at(e.portion + 1e-6)).toBe(e.points);
      expect(at(e.portion - 1e-6)).toBe(e.points - 1);
    }
  });
  it('finds the same edges by bisection where there is no closed form', () => {
    const items = testProgram({}, { by: 'items' });
    const stair = stairOf(dish, counterOf(items), { servings: 4 }, 1);
    for (const e of stair.edges) {
      expect(count(dish, counterOf(items), { servings: 4, portion: e.portion }).points).toBe(e.points);
      expect(count(dish, counterOf(items), { servings: 4, portion: e.portion - 1e-6 }).points).toBeLessThan(e.points);
    }
    expect(stair.edges.length).toBeGreaterThan(3);
  });
  it('has no edge where nothing counts', () => {
    const negative = testFood('n', { kcal: 6, fibre: 4, carbs: 4, fat: 0, satFat: 0, sugars: 0, protein: 0 });
    expect(stairOf([testLine(negative, 100)], plainCounter(sample('LE')), { servings: 1 }, 3).edges).toEqual([]);
  });
  it('shows what rounding hides on a plate', () => {
    expect(roundingLeak([0.4, 0.4, 0.4], testProgram().rule)).toEqual({ together: 1, apart: 0 });
  });
});

describe('slack', () => {
  it('is what may be added for nothing and what must go for a point', () => {
    const s = slackOf(dish, 'line-a', counterOf(testProgram()), { servings: 4 })!;
    // 18 for four is 4.5, which is 5; 5.5 is reached at 22. To fall below 4.5 any crumb will do: a gram on the scale.
    expect(s).toMatchObject({ mayAdd: 3, mustGo: 1 });
  });
  it('is recounted: what it says may be added changes nothing, a grain more does', () => {
    fc.assert(
      fc.property(fc.integer({ min: 20, max: 900 }), fc.integer({ min: 1, max: 12 }), (grams, servings) => {
        const lines = [
          testLine(testFood('f', { kcal: 350, satFat: 4, fat: 9, sugars: 3, carbs: 50, protein: 8, fibre: 2 }), grams),
        ];
        const counter = plainCounter(sample('LE'));
        const now = count(lines, counter, { servings }).points;
        const at = (g: number) => count([testLine(lines[0]!.parts[0]!.food, g)], counter, { servings }).points;
        const s = slackOf(lines, 'line-f', counter, { servings })!;
        expect(at(grams + s.mayAdd)).toBe(now);
        expect(at(grams + s.mayAdd + 1)).toBeGreaterThan(now);
        if (s.mustGo !== null) {
          expect(at(Math.max(0, grams - s.mustGo))).toBeLessThan(now);
          if (s.mustGo > 1) expect(at(grams - s.mustGo + 1)).toBe(now);
        }
      }),
      { numRuns: 200 },
    );
  });
  it('of a line below 10 g is in tenths of a gram, as a kitchen scale shows them', () => {
    // 4 + 6.23 is 10.23, which is 10: up to 10.5 there is 0.27, and below 9.5 some 0.73 have to go.
    const lines = [testLine(pointFood('a'), 4), testLine(pointFood('b'), 6.23)];
    expect(slackOf(lines, 'line-a', counterOf(testProgram()), { servings: 1 })).toMatchObject({
      mayAdd: 0.2,
      mustGo: 0.8,
    });
  });
  it('says so when not even leaving the line out is enough', () => {
    const lines = [testLine(pointFood('big'), 400), testLine(pointFood('small'), 0.2)];
    expect(slackOf(lines, 'line-small', counterOf(testProgram()), { servings: 1 })!.mustGo).toBeNull();
  });
  it('is endless for a line that adds nothing', () => {
    const lines = [testLine(testFood('veg', { kcal: 25 }, ['veg']), 100), testLine(pointFood(), 3)];
    expect(slackOf(lines, 'line-veg', plainCounter(sample('LE')), { servings: 1 })!.mayAdd).toBe(
      Number.POSITIVE_INFINITY,
    );
  });
  it('is found by bisection under rules that do not add up', () => {
    const items = counterOf(testProgram({}, { by: 'items' }));
    expect(slackOf(dish, 'line-a', items, { servings: 4 })).toMatchObject({ mayAdd: 1, mustGo: 3 });
  });
});

describe('by eye is fine', () => {
  it('for lines that move nobody’s number, and only for them', () => {
    const lines = [testLine(testFood('onion', { kcal: 40 }, ['veg']), 110), testLine(pointFood('oil'), 30)];
    const fine = byEyeIsFine(lines, [plainCounter(sample('LE')), counterOf(testProgram())], { servings: 4 });
    expect([...fine]).toEqual([]);
    expect([...byEyeIsFine(lines, [plainCounter(sample('LE'))], { servings: 4 })]).toContain('line-onion');
  });
});
