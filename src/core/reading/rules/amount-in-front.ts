import { withAmountRead } from '../draft.ts';
import { readAmount } from '../read-amount.ts';
import type { ReadingRule } from '../rule.ts';

const ALONE = /^(?:pinch|dash|splash|drizzle|knob|handful|squeeze|dollop|drop|glug|sprinkle)(?:es|s)? (?:of )?/i;

/** "Pinch of salt" means one. */
export const oneIsMeant: ReadingRule = {
  name: 'a pinch, a splash: one is meant',
  example: 'pinch of salt',
  takes: 'pinch',
  take: (d) => {
    const amount = d.amount === null && ALONE.test(d.text) ? readAmount(`1 ${d.text}`) : null;
    return amount === null ? null : withAmountRead(d, amount);
  },
};

/** "80/20 ground beef" begins with a grade, lean to fat, and not with four. */
function isLeanGrade(text: string): boolean {
  const m = /^(\d{2})\/(\d{1,2})(?= )/.exec(text);
  return m !== null && Number(m[1]) + Number(m[2]) === 100;
}

export const amountInFront: ReadingRule = {
  name: 'the amount in front',
  example: 'about 2 to 3 heaping cups flour',
  takes: 'about 2 to 3 heaping cups',
  take: (d) => {
    const amount = d.amount === null && !isLeanGrade(d.text) ? readAmount(d.text) : null;
    return amount === null ? null : withAmountRead(d, amount);
  },
};
