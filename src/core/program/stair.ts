import { type CountLine, type CountOptions, count, isLinear } from './count.ts';
import type { Counter } from './program.ts';
import { edgeOf, roundPoints } from './rule.ts';

/** Where a step of the stair starts: from this many servings on, this many points. */
export interface Edge {
  readonly portion: number;
  readonly points: number;
}

export interface Stair {
  /** Points of the smallest portion. */
  readonly start: number;
  readonly edges: readonly Edge[];
  /** The largest portion looked at, in servings. */
  readonly upTo: number;
}

/** How finely a stair without a closed form is sampled before each step is bisected. */
const SAMPLES = 360;

/**
 * Points against portion size, from nothing to `upTo` servings. In closed form where the count is linear in the
 * portion, else sampled and bisected to 1e-9 servings. A dish of raw ≤ 0 has no edge.
 */
export function stairOf(lines: readonly CountLine[], counter: Counter, options: CountOptions, upTo: number): Stair {
  const rule = counter.program.rule;
  const by = options.by ?? counter.program.by;
  const at = (portion: number) => count(lines, counter, { ...options, by, portion });
  if (isLinear(rule, by)) {
    const perServing = at(1).raw;
    const edges: Edge[] = [];
    if (perServing > 0) {
      for (let points = rule.step; ; points += rule.step) {
        const portion = edgeOf(points, rule) / perServing;
        if (portion > upTo || edges.length >= 2000) break;
        edges.push({ portion, points });
      }
    }
    return { start: 0, edges, upTo };
  }
  const edges: Edge[] = [];
  let low = upTo / SAMPLES / 1000;
  let lowPoints = at(low).points;
  const start = lowPoints;
  for (let i = 1; i <= SAMPLES; i++) {
    const high = (upTo * i) / SAMPLES;
    const highPoints = at(high).points;
    if (highPoints !== lowPoints) {
      let a = low;
      let b = high;
      while (b - a > 1e-9) {
        const mid = (a + b) / 2;
        if (at(mid).points === lowPoints) a = mid;
        else b = mid;
      }
      edges.push({ portion: b, points: highPoints });
    }
    low = high;
    lowPoints = highPoints;
  }
  return { start, edges, upTo };
}

/**
 * What rounding hides on a plate: the points of the unrounded sum against the sum of the rounded.
 *
 * @example roundingLeak([0.4, 0.4, 0.4], rule) // { together: 1, apart: 0 }
 */
export function roundingLeak(
  raws: readonly number[],
  rule: Parameters<typeof roundPoints>[1],
): { readonly together: number; readonly apart: number } {
  let sum = 0;
  let apart = 0;
  for (const r of raws) {
    sum += r;
    apart += roundPoints(r, rule);
  }
  return { together: roundPoints(sum, rule), apart };
}
