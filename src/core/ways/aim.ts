/** What a way has to reach. Points by counter, in the order of the context; null for one that sets no limit. */
export interface Aim {
  readonly points: readonly (number | null)[];
  readonly kcal: number | null;
  /** The least protein of a serving, g. */
  readonly protein: number | null;
  /** The most sodium of a serving, mg, without what is salted to taste. */
  readonly sodium: number | null;
  /** The least a serving may weigh, g: eating less is not a swap. */
  readonly grams: number | null;
  /** The most lines that may change. */
  readonly changes: number | null;
}
