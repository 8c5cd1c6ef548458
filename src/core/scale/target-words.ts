import { formatGrams } from '../quantity/format-amount.ts';

/** What is nearer than this is what was wanted, g. */
const NEAR_G = 1;

/**
 * How what went in stands to what is wanted.
 *
 * @param target g
 * @param went g; null before anything was weighed
 */
export function targetWords(target: number, went: number | null): string {
  if (went === null) return `Wanted: ${formatGrams(target)}.`;
  const over = Math.round(went - target);
  if (Math.abs(over) <= NEAR_G) return 'That is what is wanted.';
  return over > 0
    ? `${formatGrams(over)} over the ${formatGrams(target)} of the step.`
    : `${formatGrams(-over)} to go.`;
}
