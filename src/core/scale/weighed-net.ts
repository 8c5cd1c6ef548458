/** What one weighs: what comes into the bowl, what leaves the tub, what is left over of a line. */
export const HOW_WEIGHED = ['put in', 'taken from', 'left over'] as const;
export type HowWeighed = (typeof HOW_WEIGHED)[number];

/** What was weighed, g; never below nothing. @param start what the scale showed at first, g @param shows what it shows, g */
export const weighedNet = (how: HowWeighed, start: number, shows: number): number =>
  Math.max(0, how === 'taken from' ? start - shows : shows - start);
