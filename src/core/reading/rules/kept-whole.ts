import type { ReadingRule } from '../rule.ts';

/** Lines longer than this are not ingredient lines; they are kept whole and asked about. */
export const LONGEST_LINE = 400;

export const tooLong: ReadingRule = {
  name: 'too long for an ingredient',
  example: `1 cup ${'sugar and spice '.repeat(30)}`,
  takes: '',
  take: (d) =>
    d.text.length <= LONGEST_LINE
      ? null
      : {
          ...d,
          whole: true,
          warnings: ['This line is too long for an ingredient. Is it a step, or several lines in one?'],
        },
};

export const belowZero: ReadingRule = {
  name: 'an amount below zero',
  example: '-3 eggs',
  takes: '',
  take: (d) =>
    /^-\s?\d/.test(d.text)
      ? { ...d, whole: true, warnings: ['An amount below zero cannot be. Write the amount that goes in.'] }
      : null,
};
