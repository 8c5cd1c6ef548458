import type { ReadingRule } from '../rule.ts';

const BULLET = /^(?:[-*•·‣▢□☐☑✓✔>]\s+|\[[ x]?\]\s*|[•▢□☐☑✓✔]\s*)+/i;

export const listMarks: ReadingRule = {
  name: 'bullets and boxes to tick',
  example: '[ ] 2 cups flour',
  takes: '[ ]',
  take: (d) => {
    const text = d.text.replace(BULLET, '').replace(/^\+ (?=\d)/, '');
    return text === d.text ? null : { ...d, text };
  },
};
