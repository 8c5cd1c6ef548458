import { formatAmount, formatGrams } from '../quantity/format-amount.ts';
import { type Outcome, shareOf, type Taken } from './divide.ts';

/** What is taken of a dish, in the words of how it was divided. @example takenWords(out, 1 / 6) // '370 g' */
export function takenWords(out: Outcome, share: number): string {
  const amount = out.amount * share;
  if (out.by === 'grams') return formatGrams(amount);
  const words =
    out.by === 'pieces'
      ? `${formatAmount(amount)} ${amount === 1 ? 'piece' : 'pieces'}`
      : `${formatAmount(amount)} ${amount === 1 ? 'cup' : 'cups'}`;
  return out.grams === null ? words : `${words} (${formatGrams(out.grams * share)})`;
}

/** An amount in the unit in which a dish is divided. */
export const takenIn = (out: Outcome, amount: number): Taken =>
  out.by === 'grams' ? { grams: amount } : out.by === 'pieces' ? { pieces: amount } : { cups: amount };

/** The share that an amount in that unit is. */
export const shareOfAmount = (out: Outcome, amount: number): number => shareOf(out, takenIn(out, amount));
