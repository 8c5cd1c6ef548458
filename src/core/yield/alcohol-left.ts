/**
 * How much of the alcohol of a dish is left, by how it is cooked. USDA Table of Nutrient Retention Factors, release 6;
 * from memory.
 */
export const ALCOHOL_LEFT = [
  { words: 'stirred in off the heat', left: 0.85 },
  { words: 'simmered 15 minutes', left: 0.4 },
  { words: 'simmered 30 minutes', left: 0.35 },
  { words: 'simmered 1 hour', left: 0.25 },
  { words: 'simmered 1½ hours', left: 0.2 },
  { words: 'simmered 2 hours', left: 0.1 },
  { words: 'simmered 2½ hours', left: 0.05 },
] as const;

/** The alcohol that is gone, g. @param left the share of it that stays */
export const alcoholAway = (grams: number, left: number): number => grams * (1 - left);
