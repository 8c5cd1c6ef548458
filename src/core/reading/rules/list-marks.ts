import type { ReadingRule } from '../rule.ts';

const BULLET = /^(?:[-*•·‣▢□☐☑✓✔>]\s+|\[[ x]?\]\s*|[•▢□☐☑✓✔]\s*)+/i;

/** The number of a line in a list, where an amount stands behind it: "2) 2 tbsp oil". */
const NUMBERING =
  /^\d{1,2}[.)]\s+(?=\d|\.\d|an? |half |(?:one|two|three|four|five|six|seven|eight|nine|ten|twelve|quarter)\b)/i;

export const numbering: ReadingRule = {
  name: 'the number of a line in a list',
  example: '2) 3 tablespoons olive oil',
  takes: '2)',
  take: (d) => {
    const text = d.text.replace(NUMBERING, '');
    return text === d.text ? null : { ...d, text };
  },
};

/** Marks of emphasis around words: "**1 cup** oats". */
export const emphasis: ReadingRule = {
  name: 'marks of emphasis',
  example: '**1 cup** rolled oats',
  takes: '** … **',
  take: (d) => {
    const text = d.text.replace(/(\*\*|__)(.+?)\1/g, '$2').replace(/(^|\s)([*_])(\S.*?)\2(?=\s|$)/g, '$1$3');
    return text === d.text ? null : { ...d, text };
  },
};

export const listMarks: ReadingRule = {
  name: 'bullets and boxes to tick',
  example: '[ ] 2 cups flour',
  takes: '[ ]',
  take: (d) => {
    const text = d.text.replace(BULLET, '').replace(/^\+ (?=\d)/, '');
    return text === d.text ? null : { ...d, text };
  },
};
