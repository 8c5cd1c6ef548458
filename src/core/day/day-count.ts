/** What something that is eaten comes to, for its eater, under the program that it was counted by. */
export interface DayCount {
  /** The program's id and revision; null for somebody who does not count. */
  readonly programId: string | null;
  readonly programRevision: number | null;
  /** The state of what was counted; null where it has none. */
  readonly refRevision: number | null;
  /** Unrounded points, and what they may be; null where nobody counts, or where it cannot be counted. */
  readonly raw: number | null;
  readonly rawLow: number | null;
  readonly rawHigh: number | null;
  readonly points: number | null;
  readonly low: number | null;
  readonly high: number | null;
  readonly kcal: number | null;
  /** g */
  readonly protein: number | null;
  /** g */
  readonly fibre: number | null;
  /** mg */
  readonly sodium: number | null;
  /** Whether all of it is read and weighed: "so far" where not. */
  readonly complete: boolean;
}

/** Nothing is known of it. */
export const UNCOUNTED_DAY: DayCount = {
  programId: null,
  programRevision: null,
  refRevision: null,
  raw: null,
  rawLow: null,
  rawHigh: null,
  points: null,
  low: null,
  high: null,
  kcal: null,
  protein: null,
  fibre: null,
  sodium: null,
  complete: false,
};
