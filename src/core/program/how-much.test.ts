import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { counterOf, pointFood, sample, testFood, testLine, testProgram } from '../../../tests/support/test-lines.ts';
import { count, scaleLine } from './count.ts';
import { mostOfLine } from './how-much.ts';

describe('how much of a line may stay', () => {
  const cheese = testFood('cheese', { kcal: 400, satFat: 20, sugars: 0, protein: 25, fibre: 0 });
  it('by hand: cheese of 10.7 raw points a 100 g, 4 servings, nothing else', () => {
    // E = 400 + 135 − 50 = 485 a 100 g; below 2.5 points a serving: 4 · 2.5 · 45 / 4.85 = 92.78 g.
    const lines = [testLine(cheese, 150)];
    expect(mostOfLine(lines, 'line-cheese', counterOf(sample('LE')), { servings: 4 }, 2)).toEqual({
      kind: 'grams',
      grams: 92,
    });
  });
  it('is any amount of what does not count, and never where the rest is too much', () => {
    const counter = counterOf(testProgram());
    const nothing = testFood('nothing', { kcal: 0 });
    const lines = [testLine(nothing, 10), testLine(pointFood(), 20)];
    expect(mostOfLine(lines, 'line-nothing', counter, { servings: 1 }, 20)).toEqual({
      kind: 'grams',
      grams: Number.POSITIVE_INFINITY,
    });
    expect(mostOfLine(lines, 'line-nothing', counter, { servings: 1 }, 5)).toEqual({ kind: 'never' });
    expect(() => mostOfLine(lines, 'no-line', counter, { servings: 1 }, 5)).toThrow(/weighs nothing/);
  });
  it('never exceeds the target, and a grain more would, whatever the rule', () => {
    fc.assert(
      fc.property(
        fc.constantFrom('ingredients', 'serving', 'items'),
        fc.constantFrom('nearest', 'up', 'down'),
        fc.double({ min: 0.5, max: 12, noNaN: true }),
        fc.integer({ min: 1, max: 9 }),
        (by, rounding, servings, target) => {
          const counter = counterOf(testProgram({ rounding, per: 40 }, { by }));
          const lines = [testLine(cheese, 100), testLine(pointFood(), 30)];
          const most = mostOfLine(lines, 'line-cheese', counter, { servings }, target);
          const at = (g: number) => count(scaleLine(lines, 'line-cheese', g / 100), counter, { servings }).points;
          if (most.kind === 'never') {
            expect(at(0)).toBeGreaterThan(target);
            return;
          }
          expect(at(most.grams)).toBeLessThanOrEqual(target);
          expect(at(most.grams + 1.001)).toBeGreaterThan(target);
        },
      ),
    );
  });
});
