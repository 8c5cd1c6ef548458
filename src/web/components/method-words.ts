import type { CountingMethod } from '../../core/program/rule.ts';

/** What the methods of counting do, in words. */
export const METHOD_WORDS: Readonly<Record<CountingMethod, string>> = {
  ingredients: 'ingredients added, rounded once',
  serving: 'the finished serving through the rule',
  items: 'each line rounded, then added',
};
