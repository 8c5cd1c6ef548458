import { leakWords } from '../counting/plate.ts';
import { type Certainty, certaintyOf } from '../program/count.ts';
import { roundPoints } from '../program/rule.ts';
import type { Interval } from '../quantity/interval.ts';
import { countShare, type ShareCount, wholeOf } from './count-share.ts';
import type { Frozen } from './frozen.ts';

/** Something that lies beside a dish on a plate. */
interface BesideCount {
  readonly label: string;
  readonly points: number;
}

/** A plate with a share of a dish and what lies beside it. */
export interface CookPlate {
  readonly dish: ShareCount;
  /** Each thing beside it, rounded on its own. */
  readonly beside: readonly BesideCount[];
  /** All of it, unrounded and rounded once. */
  readonly raw: number;
  readonly points: number;
  readonly pointsRange: Interval;
  readonly certainty: Certainty;
  /** The rounded points of the dish and of each thing, added. */
  readonly apart: number;
  readonly kcal: number | null;
  /** What rounding one by one hides or adds, in words; null where it does neither. */
  readonly words: string | null;
}

/**
 * Counts a plate: the share of the dish, toppings and sides, and what rounding each of them hides.
 *
 * @param beside what lies beside it, frozen by itself; null for nothing
 * @throws RangeError for somebody the dish, or what lies beside it, was not frozen for
 */
export function countPlate(frozen: Frozen, key: string, share: number, beside: Frozen | null): CookPlate {
  const dish = countShare(frozen, key, share);
  const dishKcal = dish.nutrition.kcal.value;
  if (beside === null) {
    const { raw, points, pointsRange, certainty } = dish;
    return { dish, beside: [], raw, points, pointsRange, certainty, apart: points, kcal: dishKcal, words: null };
  }
  const each = beside.lines.map((line, i) => ({ label: line.label, count: countShare(onlyLine(beside, i), key, 1) }));
  const raw = each.reduce((sum, e) => sum + e.count.raw, dish.raw);
  const counter = frozen.counters.find((c) => c.key === key)!;
  const other = beside.counters.find((c) => c.key === key)!;
  const points = roundPoints(raw, counter.rule);
  const pointsRange = {
    low: Math.min(points, roundPoints(raw - counter.below * share - other.below, counter.rule)),
    high: Math.max(points, roundPoints(raw + counter.above * share + other.above, counter.rule)),
  };
  const apart = each.reduce((sum, e) => sum + e.count.points, dish.points);
  const own = wholeOf(beside).kcal.value;
  return {
    dish,
    beside: each.map(({ label, count }) => ({ label, points: count.points })),
    raw,
    points,
    pointsRange,
    certainty: certaintyOf(points, pointsRange),
    apart,
    kcal: dishKcal === null || own === null ? null : dishKcal + own,
    words: leakWords(points, apart),
  };
}

/** One line of a record, as a record of its own. */
const onlyLine = (frozen: Frozen, i: number): Frozen => ({
  ...frozen,
  lines: [frozen.lines[i]!],
  counters: frozen.counters.map((c) => ({ ...c, pinned: [c.pinned[i]!], uncounted: [c.uncounted[i]!] })),
});
