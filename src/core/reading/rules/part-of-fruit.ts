import { withAmountRead } from '../draft.ts';
import { readAmount } from '../read-amount.ts';
import type { ReadingRule } from '../rule.ts';

const PART =
  /^((?:finely |freshly )?(?:grated |squeezed )?(?:juice|zest|rind|peel)(?: and (?:grated )?(?:juice|zest|rind|peel))?) (?:of|from) (.+)$/i;

/** The fruit's count is the amount, its juice the food. */
export const partOfFruit: ReadingRule = {
  name: 'juice or zest of a fruit',
  example: 'juice and zest of half a lemon',
  takes: 'juice and zest of half a',
  take: (d) => {
    const m = PART.exec(d.text);
    const amount = m === null ? null : readAmount(m[2]!);
    if (m === null || amount === null || amount.unit !== null) return null;
    const drawn = m[1]!.toLowerCase().replace(/(?:finely|freshly|grated|squeezed) /g, '');
    const fruit = amount.rest.replace(/^([a-z]+?)(?:(?<=o)es|s)(?![a-z])/i, '$1');
    return { ...withAmountRead(d, amount, fruit), drawn };
  },
};
