/**
 * The problem behind "find a way": for every line choose one of its choices, so that every limit holds and the
 * departures add up to as little as possible. A multiple-choice knapsack with one column for each limit.
 */
export interface ChoiceProblem {
  /** For each line its choices; the first is to stay. */
  readonly lines: readonly (readonly ProblemChoice[])[];
  readonly limits: readonly Limit[];
}

export interface ProblemChoice {
  /** In tenths, a whole number: departures are 0 to 100 in tenths. */
  readonly departure: number;
  /** What it adds to each limit's sum. */
  readonly amounts: readonly number[];
}

export interface Limit {
  /** The sum begins with this: what no choice changes. */
  readonly base: number;
  /** The largest sum that may hold; `holds` decides. */
  readonly most: number;
  /** Whether a sum holds, exactly. Once it does not hold, no larger sum does. */
  readonly holds: (sum: number) => boolean;
}

/** What a search says of a problem. */
export interface Solution {
  /** The choice of each line, by its place in the list. */
  readonly picks: readonly number[];
  /** In tenths. */
  readonly departure: number;
  readonly sums: readonly number[];
}

/** The sums of a choice of picks, in the order of the limits. */
export function sumsOf(problem: ChoiceProblem, picks: readonly number[]): number[] {
  const sums = problem.limits.map((l) => l.base);
  picks.forEach((p, i) => {
    const { amounts } = problem.lines[i]![p]!;
    for (let k = 0; k < sums.length; k++) sums[k]! += amounts[k]!;
  });
  return sums;
}

export const departureOfPicks = (problem: ChoiceProblem, picks: readonly number[]): number =>
  picks.reduce((d, p, i) => d + problem.lines[i]![p]!.departure, 0);

/** Whether picks keep every limit. */
export const keepsLimits = (problem: ChoiceProblem, picks: readonly number[]): boolean =>
  sumsOf(problem, picks).every((s, k) => problem.limits[k]!.holds(s));
