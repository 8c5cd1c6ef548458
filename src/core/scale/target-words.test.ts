import { expect, it } from 'vitest';
import { targetWords } from './target-words.ts';

it('says how what went in stands to what is wanted', () => {
  expect([null, 0, 64.2, 65, 66, 71].map((went) => targetWords(65, went))).toEqual([
    'Wanted: 65 g.',
    '65 g to go.',
    'That is what is wanted.',
    'That is what is wanted.',
    'That is what is wanted.',
    '6 g over the 65 g of the step.',
  ]);
});
