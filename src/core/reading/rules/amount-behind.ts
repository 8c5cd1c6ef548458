import { withAmountRead } from '../draft.ts';
import { readAmount } from '../read-amount.ts';
import type { ReadingRule } from '../rule.ts';

const BEHIND =
  /^(.*?[A-Za-z)%])(?:\s*[:,=-]\s*|\s+x\s*|\s+)(?=(?:about |approx\.? |scant |heaping )?(?:\d|\.\d|one |two |three |half |an? (?:pinch|dash|splash|handful|cup)))(.+)$/i;

/** "1 tin tomatoes x 2": so many times what stands in front. */
export const timesBehind: ReadingRule = {
  name: 'so many times, behind the food',
  example: '1 tin chopped tomatoes x 2',
  takes: 'x 2',
  take: (d) => {
    const m = d.amount === null ? null : /\s+x\s*(\d{1,2})$/i.exec(d.text);
    if (m === null) return null;
    const times = Number(m[1]);
    const amount = d.amount!;
    return {
      ...d,
      text: d.text.slice(0, m.index),
      amount: {
        ...amount,
        quantity: amount.quantity * times,
        quantityMax: amount.quantityMax === null ? null : amount.quantityMax * times,
      },
    };
  },
};

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
