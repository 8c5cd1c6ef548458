import type { ComparedWord } from '../../../src/core/photo/compare-readings.ts';
import type { RecognisedLine } from '../../../src/core/photo/recognised.ts';

/** Of a letter, px. */
const LETTER = { width: 12, height: 20 };

/** A line as if it was seen at a place, every letter as wide as the next; a word may say how sure: `2·36`. */
export function seenLine(words: string, left = 0, top = 0): RecognisedLine {
  let at = left;
  const seen = words.split(' ').map((word) => {
    const [text, sure = '96'] = word.split('·') as [string, string?];
    const box = { left: at, top, right: at + text.length * LETTER.width, bottom: top + LETTER.height };
    at = box.right + LETTER.width;
    return { text, sure: Number(sure), box };
  });
  return { words: seen, box: { left, top, right: at - LETTER.width, bottom: top + LETTER.height } };
}

/** The same, seen alike by both looks. */
export const seenAlike = (words: string): ComparedWord[] =>
  seenLine(words).words.map((w) => ({ ...w, otherwise: null }));
