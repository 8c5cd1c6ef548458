import type { ComparedWord } from './compare-readings.ts';
import { fractionOffers, withWhole } from './lost-fraction.ts';
import { slipOf } from './slip.ts';
import { isMeasure } from './unsigned-word.ts';

/** Why a word of a photographed line is asked about: a fraction that got lost, another number, or any word. */
export type DoubtWhy = 'fraction' | 'number' | 'word';

/** One word of a photographed line that nobody should take as read. */
export interface WordDoubt {
  /** Its place in the line, from 0. */
  readonly word: number;
  readonly why: DoubtWhy;
  /** What may stand there instead, likeliest first; what was read is one more. */
  readonly offers: readonly string[];
}

/** Below this a word is asked about though two looks saw it alike, 0 to 100: measured on photographed pages. */
const SURE_OF_WORD = 30;
/** Figures of an amount have to be surer: a fraction seen as a figure is nearly always less sure than this. */
const SURE_OF_AMOUNT = 50;
/** The widest figure of any face, against its height. */
const WIDEST_FIGURE = 0.9;
/** Letters that no kitchen writes inside a word. */
const STRAY = /[|!}{¢§_~¥#<>\\^=@©®€£$*]/;

/** Every word of a line to ask about, in the order in which they stand. */
export function wordDoubts(words: readonly ComparedWord[]): WordDoubt[] {
  return words.flatMap((_, i) => wordDoubt(words, i) ?? []);
}

function wordDoubt(words: readonly ComparedWord[], word: number): WordDoubt | null {
  const { text, sure, otherwise } = words[word]!;
  const isAmount = standsAsAmount(words, word);
  const fraction = isAmount ? fractionOffers(words, word) : null;
  if (fraction !== null) return { word, why: 'fraction', offers: fraction };
  const slip = slipOf(words, word);
  if (slip !== null) return { word, why: 'number', offers: slip };
  if (isAmount && /\d/.test(text) && (sure < SURE_OF_AMOUNT || otherwise !== null || isTooWide(words[word]!)))
    return { word, why: 'fraction', offers: withWhole(text) };
  if (otherwise !== null)
    return { word, why: /\d/.test(text + otherwise) ? 'number' : 'word', offers: otherwise === '' ? [] : [otherwise] };
  if (sure < SURE_OF_WORD || STRAY.test(text) || isOutOfPlace(words, word)) return { word, why: 'word', offers: [] };
  return null;
}

/** Whether one figure is as wide as it is high: it was a fraction, of which only a part was seen. */
const isTooWide = ({ text, box }: ComparedWord): boolean =>
  /^\d$/.test(text) && box.right - box.left > WIDEST_FIGURE * (box.bottom - box.top);

/** A letter alone in its line, and an "and" with nothing to join. */
function isOutOfPlace(words: readonly ComparedWord[], i: number): boolean {
  const { text } = words[i]!;
  if (text === '&') return i === 0 || i === words.length - 1;
  return words.length === 1 && text.length === 1 && !/\d/.test(text);
}

/** Whether a word stands where an amount does: first, behind a bracket, or before a unit. */
function standsAsAmount(words: readonly ComparedWord[], i: number): boolean {
  const { text } = words[i]!;
  if (i === 0 || text.startsWith('(')) return true;
  const next = words[i + 1]?.text;
  return next !== undefined && isMeasure(next) && !isMeasure(text);
}
