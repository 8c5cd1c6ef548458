import type { LineChoice } from './line-choices.ts';
import type { SearchModel } from './search-model.ts';

/**
 * How few points each counter can surely come to, whatever it takes: every line as light as its choices make it. What
 * takes other lines along is left aside, so that all of them hold at once.
 */
export function leastPoints(bench: SearchModel): number[] {
  return bench.counters.map((_, i) => {
    const picked = bench.choices.flatMap((l): LineChoice[] => {
      const own = l.choices.filter((c) => c.along.length === 0);
      const least = own.reduce<LineChoice | null>((a, c) => (a === null || c.raw[i]! < a.raw[i]! ? c : a), null);
      return least === null || least.kind === 'stay' ? [] : [least];
    });
    return bench.recount(picked).points[i]!;
  });
}

/** An aim to begin with is this share of what it counts now. */
const SHARE = 0.6;

/**
 * The target that a search begins with: well below what it counts now, and one that can be reached.
 *
 * @param step the program's step, 1 or ½
 */
export function firstTarget(now: number, least: number, step: number): number {
  const wished = Math.ceil((Math.max(0, now) * SHARE) / step) * step;
  return Math.min(Math.max(wished, least), Math.max(now, least));
}
