import type { Outcome } from './divide.ts';

/**
 * How shares change when what came out is measured once more. Grams, pieces and cups that are on plates and in boxes
 * stay as many; divided another way, their shares stay.
 */
export function measuredAnew(before: Outcome | null, after: Outcome): (share: number) => number {
  const by = before === null || before.by !== after.by ? 1 : before.amount / after.amount;
  return (share) => share * by;
}
