import type { Interval } from '../quantity/interval.ts';

/** Why some of a line is not eaten. */
export const LOSS_REASONS = [
  'frying',
  'marinade',
  'brine',
  'coating',
  'board',
  'poured-off',
  'cooking-water',
  'trimmed',
  'not-used',
  'cooked-away',
] as const;
export type LossReason = (typeof LOSS_REASONS)[number];

/**
 * What of a line is not eaten, g: it leaves before anything is counted. Of fat that is poured off it is the fat alone,
 * of what cooked away the alcohol alone, of all else the line's own food.
 */
export interface LineLoss extends Interval {
  readonly why: LossReason;
  /** Whether the cook said it; else it is expected, and the range is counted. */
  readonly answered: boolean;
}

/** The best guess of what leaves, g. */
export const lossGrams = (loss: LineLoss | null): number => (loss === null ? 0 : (loss.low + loss.high) / 2);

/** Whether some of a line is left behind: then a little less of it is a little less in the pot, and not on the plate. */
export const isLeftBehind = (loss: LineLoss | null): boolean => loss !== null && loss.high > 0;

/** A loss of so many times the line. */
export const scaledLoss = (loss: LineLoss | null, by: number): LineLoss | null =>
  loss === null ? null : { ...loss, low: loss.low * by, high: loss.high * by };

/** What the cook said is left of a line, g. */
export const answeredLoss = (why: LossReason, grams: number): LineLoss => ({
  why,
  low: grams,
  high: grams,
  answered: true,
});
