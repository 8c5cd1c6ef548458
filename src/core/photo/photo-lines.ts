import { compareReadings } from './compare-readings.ts';
import type { PhotoBox, RecognisedLine, RecognisedWord } from './recognised.ts';
import { type WordDoubt, wordDoubts } from './word-doubts.ts';

/** A line of a photographed page: what was read, where it stands, and what has to be asked about it. */
export interface PhotoLine {
  readonly text: string;
  /** Its words: the doubts name them by their place. */
  readonly words: readonly string[];
  readonly box: PhotoBox;
  /** None where the line may be taken as it was read. */
  readonly doubts: readonly WordDoubt[];
}

/** A speck, a fold or the edge of the table: a dot or a dash that nobody is sure of. What could have been a figure stays. */
const isSpeck = ({ text, sure }: RecognisedWord): boolean => /^[.,·•‘’'"“”`~_—–=:;()*°«»+-]+$/.test(text) && sure < 75;

/** The lines of a page that was looked at twice, specks left out, each with what is unsure in it. */
export function photoLines(first: readonly RecognisedLine[], second: readonly RecognisedLine[]): PhotoLine[] {
  return compareReadings(withoutSpecks(first), withoutSpecks(second)).map(({ words, box }) => {
    const texts = words.map((w) => w.text);
    return { text: texts.join(' '), words: texts, box, doubts: wordDoubts(words) };
  });
}

const withoutSpecks = (lines: readonly RecognisedLine[]): RecognisedLine[] =>
  lines.flatMap(({ words: all, box }) => {
    const words = all.filter((w) => !isSpeck(w));
    if (words.length === 0 || words.every((w) => !/[\p{L}\p{N}]/u.test(w.text))) {
      // Signs alone are no words; a lost fraction alone in its line is one.
      if (!words.some((w) => /[%½¼¾⅓⅔⅛]/.test(w.text))) return [];
    }
    return [{ words, box }];
  });
