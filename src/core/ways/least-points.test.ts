import { describe, expect, it } from 'vitest';
import { smallCases } from '../../../tests/support/small-ways.ts';
import { testAim, testChoiceContext } from '../../../tests/support/test-ways.ts';
import { searchBench } from './find-ways.ts';
import { firstTarget, leastPoints } from './least-points.ts';

describe('the fewest points', () => {
  it('can be reached', () => {
    for (const { model } of smallCases(4711, 40)) {
      if (model.choices.some((l) => l.choices.length === 0)) continue;
      const least = leastPoints(model);
      least.forEach((points, i) => {
        const aim = testAim(least.map((_, n) => (n === i ? points : null)));
        expect(searchBench(model, aim, { frontierOf: null }).reachable).toBe(true);
      });
    }
    expect(testChoiceContext([]).counters).toEqual([]);
  });
});

describe('the target to begin with', () => {
  it('is 60 % of what it counts, in steps, and never one that cannot be reached', () => {
    expect(firstTarget(10, 2, 1)).toBe(6);
    expect(firstTarget(9, 2, 1)).toBe(6);
    expect(firstTarget(9, 2, 0.5)).toBe(5.5);
    expect(firstTarget(9, 8, 1)).toBe(8);
    expect(firstTarget(3, 3, 1)).toBe(3);
  });
});
