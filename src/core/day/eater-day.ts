/** What is said of a day of somebody's. */
export interface EaterDay {
  readonly eaterId: string;
  readonly day: string;
  /** Whether it is to be a low day: an exception, and known as such. */
  readonly low: boolean;
  /** Whether it was told that it is below the floor. */
  readonly told: boolean;
  /** Points of the week's reserve that are kept for it. */
  readonly saves: number;
  /** What for; empty where nobody said. */
  readonly event: string;
  /** What was ticked of the household's own daily aims, by their id, how often. */
  readonly ticked: Readonly<Record<string, number>>;
}

/** By what somebody counted on a day that is over: programs and allowances may move on. */
export interface CountedBy {
  readonly programId: string;
  readonly programRevision: number;
  readonly allowance: number;
}

/** A day of which nothing is said yet. */
export const blankDay = (eaterId: string, day: string): EaterDay => ({
  eaterId,
  day,
  low: false,
  told: false,
  saves: 0,
  event: '',
  ticked: {},
});
