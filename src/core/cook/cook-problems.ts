import type { Outcome } from './divide.ts';

/** What is looked at before a dish is dished up. */
interface ToBeDishedUp {
  readonly out: Outcome;
  /** The scale with the pot on it, and the pot alone, g; null where it was not weighed so. */
  readonly gross: number | null;
  readonly tare: number | null;
  /** Shares that plates and boxes take. */
  readonly taken: readonly number[];
}

/** Scales and sums are off by so much. */
const WITHIN = 1e-6;

/** What cannot be, each with what to do about it; none where all is well. */
export function cookProblems({ out, gross, tare, taken }: ToBeDishedUp): string[] {
  const problems: string[] = [];
  if (gross !== null && tare !== null && gross <= tare)
    problems.push(
      'The pot with what is in it is lighter than when it is empty. Weigh it again, or choose another pot.',
    );
  const { amount, grams } = out;
  if (!Number.isFinite(amount) || (grams !== null && !Number.isFinite(grams)))
    problems.push('Write how much came out as a number.');
  else if (amount < 0 || (grams ?? 0) < 0) problems.push('Nothing weighs below nothing: write what the scale shows.');
  else if (amount === 0 && out.by === 'pieces') problems.push('0 pieces cannot be shared. Count them once more.');
  else if (amount === 0 || grams === 0) problems.push('Nothing came out: write how much there is.');
  if (taken.some((t) => t < 0)) problems.push('A plate or a box holds less than nothing: write what is in it.');
  const sum = taken.reduce((a, b) => a + b, 0);
  if (sum > 1 + WITHIN)
    problems.push('Plates and boxes take more than came out. Make one of them smaller, or weigh the pot again.');
  return problems;
}
