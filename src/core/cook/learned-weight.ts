/** A time that a recipe was cooked, as its page tells of it. */
export interface CookedOnce {
  readonly id: string;
  readonly day: string;
  readonly fromId: string;
  readonly versionId: string;
  /** What came out, g; null where nobody weighed it. */
  readonly grams: number | null;
  readonly note: string;
}

/**
 * What all of a version weighs cooked, as it was weighed the last time, g; null where it never was.
 *
 * @param cooked the newest first
 */
export const learnedWeight = (cooked: readonly CookedOnce[], versionId: string): number | null =>
  cooked.find((c) => c.grams !== null && (c.versionId === versionId || c.fromId === versionId))?.grams ?? null;

/** What the cook wanted to remember for the next time, the newest; null where there is nothing. */
export const lastNote = (cooked: readonly CookedOnce[]): CookedOnce | null => cooked.find((c) => c.note !== '') ?? null;
