import type { LineChoice } from './line-choices.ts';

/** A set of changes that reaches an aim, recounted by the counting engine. */
export interface Way {
  /** Points of a serving, by counter. */
  readonly points: readonly number[];
  readonly raw: readonly number[];
  readonly kcal: number | null;
  readonly protein: number | null;
  /** mg; null where some of it is unknown. */
  readonly sodium: number | null;
  readonly grams: number;
  /** 0 on, in tenths: the departures of its changes added up. */
  readonly departure: number;
  readonly changes: readonly LineChoice[];
  /** How it differs from the best, in words; null for the best. */
  readonly differs: string | null;
}

/** The least departure at which a counter comes to at most so many points. */
export interface FrontierPoint {
  readonly points: number;
  readonly departure: number;
  readonly way: Way;
  /** Whether it is proved that nothing departs less. */
  readonly proved: boolean;
}

/** What stands in the way of an aim, in words, and the closest that can be reached. */
export interface Obstacle {
  readonly words: readonly string[];
  readonly closest: Way | null;
}

export interface WaysOptions {
  /** The counter that the frontier is drawn for; the others' limits hold. null for no frontier. */
  readonly frontierOf: number | null;
  /** Asked now and then; true ends the search with what is found so far. */
  readonly stop?: () => boolean;
  /** Called with the share that is done, 0 to 1. */
  readonly progress?: (done: number) => void;
}

/** Two ways are the same when they make the same changes. */
export const wayKey = (way: Way): string => way.changes.map((c) => `${c.lineId} ${c.swapId} ${c.share}`).join('|');
