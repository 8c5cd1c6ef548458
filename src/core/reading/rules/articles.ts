import type { ReadingRule } from '../rule.ts';

/** An article that says nothing, before what the line begins with. */
function article(name: string, pattern: RegExp, example: string, takes: string): ReadingRule {
  return {
    name,
    example,
    takes,
    take: (d) => {
      const text = d.text.replace(pattern, '');
      return text === d.text ? null : { ...d, text };
    },
  };
}

export const articleBeforeJuice = article(
  'an article before juice or zest',
  /^the (?=juice|zest|rind)/i,
  'the juice of 1 lemon',
  'the',
);
export const articleBeforeMeasure = article(
  'an article before a measure',
  /^an? (?=(?:scant|heaping|heaped|rounded|generous|level|good|full) (?:\d|half|third|quarter))/i,
  'a generous ¼ cup honey',
  'a',
);
