/** A closed interval of numbers: what a value may be. `low <= high`. */
export interface Interval {
  readonly low: number;
  readonly high: number;
}

export const exactly = (value: number): Interval => ({ low: value, high: value });
export const ZERO: Interval = exactly(0);
export const add = (a: Interval, b: Interval): Interval => ({ low: a.low + b.low, high: a.high + b.high });
export const subtract = (a: Interval, b: Interval): Interval => ({ low: a.low - b.high, high: a.high - b.low });

/** Multiplies by a number of either sign. */
export function scale(a: Interval, by: number): Interval {
  return by >= 0 ? { low: a.low * by, high: a.high * by } : { low: a.high * by, high: a.low * by };
}
