import { withAmountRead } from '../draft.ts';
import { readAmount } from '../read-amount.ts';
import type { ReadingRule } from '../rule.ts';

const BEHIND =
  /^(.*?[A-Za-z)%])(?:\s*[:,=-]\s*|\s+x\s*|\s+)(?=(?:about |approx\.? |scant |heaping )?(?:\d|\.\d|one |two |three |half |an? (?:pinch|dash|splash|handful|cup)))(.+)$/i;

export const amountBehind: ReadingRule = {
  name: 'the amount behind the food',
  example: 'Butter: 50 g',
  takes: ': 50 g',
  take: (d) => {
    const m = d.amount === null ? BEHIND.exec(d.text) : null;
    const amount = m === null ? null : readAmount(m[2]!);
    // What follows the amount may only be a note.
    if (m === null || amount === null || (amount.rest !== '' && !/^[,(;]/.test(amount.rest))) return null;
    return withAmountRead(d, amount, `${m[1]}${amount.rest}`);
  },
};
