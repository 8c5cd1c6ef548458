import { describe, expect, it } from 'vitest';
import { searchBench } from '../../src/core/ways/find-ways.ts';
import { everyPick, leastByTrying, smallCases } from '../support/small-ways.ts';

/** Small dishes: a third with allergies or something avoided, a third with limits, some with lacking and kept lines. */
const CASES = 300;

describe('the way of least departure', () => {
  const cases = smallCases(20261127, CASES);
  it('is the one that trying everything through the counting engine finds, with allergies, limits and kept lines', () => {
    for (const [i, c] of cases.entries()) {
      const found = searchBench(c.model, c.aim, { frontierOf: null });
      const least = leastByTrying(c);
      const words = `case ${i}: ${c.version.lines.map((l) => l.text).join(', ')} ${JSON.stringify(c.aim)} ${JSON.stringify(c.context.without)}`;
      expect(found.reachable, words).toBe(least !== null);
      if (least !== null) expect(found.ways[0]!.departure, words).toBeCloseTo(least, 6);
    }
  });
  it('is counted from a base to which any pick adds up', () => {
    for (const { model } of cases) {
      let n = 0;
      for (const picks of everyPick(model)) {
        if (++n % 7 !== 0) continue;
        const got = model.recount(picks.filter((c) => c.kind !== 'stay'));
        const sum = (of: (c: (typeof picks)[number]) => number): number => picks.reduce((s, c) => s + of(c), 0);
        if (model.additive)
          for (const [i, raw] of model.base.raw.entries())
            expect(raw + sum((c) => c.raw[i]!)).toBeCloseTo(got.raw[i]!, 6);
        expect(model.base.kcal + sum((c) => c.kcal)).toBeCloseTo(got.kcalAtMost, 4);
        expect(model.base.grams + sum((c) => c.grams)).toBeCloseTo(got.grams, 6);
        expect(model.base.sodium + sum((c) => c.sodium)).toBeCloseTo(got.sodiumAtMost, 4);
        expect(model.base.protein + sum((c) => c.protein)).toBeCloseTo(got.protein ?? 0, 6);
      }
    }
  });
});
