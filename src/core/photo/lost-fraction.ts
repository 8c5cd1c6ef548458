import type { ComparedWord } from './compare-readings.ts';
import { isMeasure, unsigned } from './unsigned-word.ts';

/** Those that kitchens measure with. */
const KITCHEN_FRACTIONS = ['½', '¼', '¾', '⅓', '⅔', '⅛'];
/** What stands before a unit in words. */
const SAID_BEFORE_UNITS = new Set(
  'a an one two three four five six seven eight nine ten twelve half quarter dozen each per every few some another heaped level rounded scant generous about small large medium packed'.split(
    ' ',
  ),
);
/** What a lost fraction may have been; null where nothing looks like one. */
export function fractionOffers(words: readonly ComparedWord[], i: number): string[] | null {
  const read = unsigned(words[i]!.text);
  const next = words[i + 1] === undefined ? '' : unsigned(words[i + 1]!.text);
  const beforeUnit = isMeasure(next);
  const over = /^(\d{1,3})\/(\d{1,2})$/.exec(read);
  if (over !== null) {
    const [, top, under] = over as unknown as [string, string, string];
    if (Number(top) < Number(under) && top.length === 1) return null;
    // "11/2" is "1 1/2" whose gap got lost.
    return top.length > 1 ? [`${top.slice(0, -1)} ${top.slice(-1)}/${under}`] : KITCHEN_FRACTIONS;
  }
  const range = /^(\d)[-–—~]+(\d)$/.exec(read);
  if (range !== null && Number(range[1]) < Number(range[2]) && '23458'.includes(range[2]!))
    return [`${range[1]}/${range[2]}`];
  if (i === 0 && isMeasure(read) && next !== '') return KITCHEN_FRACTIONS.map((f) => `${f} ${words[i]!.text}`);
  // Read as a letter and a sign or two: "Y2", "%", "V4", "1'/3".
  if (/^\d*[^\d\sa-z(]*[%¥#'’‘&?/;:][^a-z]*$/i.test(read) && !/^\d+(?:[.,]\d+)?$/.test(read) && !isDegrees(read))
    return withWhole(read);
  if (/^\d*[YV¥£][\dasioz%:;]?$/i.test(read) && (beforeUnit || /[\d%]/.test(read))) return withWhole(read);
  if (
    beforeUnit &&
    !/^\d+(?:[.,-]\d+)?$/.test(read) &&
    !/[½¼¾⅓⅔⅛]$/.test(read) &&
    !SAID_BEFORE_UNITS.has(read.toLowerCase())
  )
    return [...figuresLike(read), ...withWhole(read)];
  // "5 cup": more than one, and yet one cup.
  if (/^\d+$/.test(read) && Number(read) > 1 && next === 'cup') return withWhole(read);
  return null;
}

const isDegrees = (read: string): boolean => /^\d+°[CF]?$/.test(read);

/** Figures that are read as these letters. */
const LIKE: Readonly<Record<string, string>> = {
  S: '5',
  s: '5',
  l: '1',
  I: '1',
  i: '1',
  '|': '1',
  '!': '1',
  B: '8',
  O: '0',
  Z: '2',
};
const figuresLike = (read: string): string[] => (LIKE[read] === undefined ? [] : [LIKE[read]]);

/** The fractions, behind the whole number that may still be there, and alone. */
export function withWhole(read: string): string[] {
  const whole = /^\d(?=.)/.exec(read)?.[0];
  return whole === undefined
    ? KITCHEN_FRACTIONS
    : [...KITCHEN_FRACTIONS.map((f) => `${whole}${f}`), ...KITCHEN_FRACTIONS];
}
