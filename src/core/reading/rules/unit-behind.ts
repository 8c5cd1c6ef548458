import { findUnit } from '../../quantity/units.ts';
import type { ReadingRule } from '../rule.ts';

export const unitBehind: ReadingRule = {
  name: 'the unit behind the food',
  example: '4 garlic cloves',
  takes: 'cloves',
  take: (d) => {
    if (d.amount === null || d.amount.unit !== null || d.packageSize !== null) return null;
    const m = /^([a-z -]*[a-z]) (cloves?|sprigs?|ribs?|stalks?)(?=$|[,;(])/i.exec(d.text);
    if (m === null) return null;
    return {
      ...d,
      text: `${m[1]}${d.text.slice(m[0].length)}`,
      amount: { ...d.amount, unit: findUnit(m[2]!)!.name },
    };
  },
};
