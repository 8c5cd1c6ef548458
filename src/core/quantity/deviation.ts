import type { Interval } from './interval.ts';

/** How far a value may lie below and above what it is thought to be; neither is negative. */
export interface Deviation {
  readonly below: number;
  readonly above: number;
}

export const NO_DEVIATION: Deviation = { below: 0, above: 0 };

/** What an interval leaves on either side of one inside it. */
export const deviationOf = (inner: Interval, outer: Interval): Deviation => ({
  below: Math.max(0, inner.low - outer.low),
  above: Math.max(0, outer.high - inner.high),
});

/**
 * The deviation of a sum of two things that know nothing of each other: the root of the squares, as independent
 * errors combine (JCGM 100:2008, 5.1.2).
 *
 * @example combine({ below: 3, above: 3 }, { below: 4, above: 4 }) // { below: 5, above: 5 }
 */
export const combine = (a: Deviation, b: Deviation): Deviation => ({
  below: Math.sqrt(a.below ** 2 + b.below ** 2),
  above: Math.sqrt(a.above ** 2 + b.above ** 2),
});

export const widened = (a: Interval, by: Deviation): Interval => ({ low: a.low - by.below, high: a.high + by.above });
