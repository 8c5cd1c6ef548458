import { numericQuantity } from 'numeric-quantity';

const WORDS: Readonly<Record<string, number>> = {
  one: 1,
  two: 2,
  three: 3,
  four: 4,
  five: 5,
  six: 6,
  seven: 7,
  eight: 8,
  nine: 9,
  ten: 10,
  eleven: 11,
  twelve: 12,
};
const DENOMINATORS: Readonly<Record<string, number>> = {
  half: 2,
  halves: 2,
  third: 3,
  thirds: 3,
  quarter: 4,
  quarters: 4,
  fourth: 4,
  fourths: 4,
  eighth: 8,
};
const WORD = Object.keys(WORDS).join('|');
const DENOMINATOR = Object.keys(DENOMINATORS).join('|');
const DIGITS = String.raw`\d{1,6}\s+\d{1,3}\/\d{1,3}|\d{1,6}\/\d{1,4}|\d{1,3}(?:,\d{3})+(?:\.\d+)?|\d{1,6}[.,]\d{1,4}|\.\d{1,4}|\d{1,7}`;

const PATTERNS: ReadonlyArray<readonly [RegExp, (m: RegExpExecArray) => number]> = [
  [new RegExp(String.raw`^(${WORD}|\d+) and (?:a|one) (${DENOMINATOR})\b`, 'i'), (m) => small(m[1]!) + 1 / den(m[2]!)],
  // "one and three quarter cups"
  [
    new RegExp(String.raw`^(${WORD}|\d+) and (${WORD}) (${DENOMINATOR})\b`, 'i'),
    (m) => small(m[1]!) + small(m[2]!) / den(m[3]!),
  ],
  [new RegExp(`^(${DIGITS}) dozen\\b`, 'i'), (m) => digits(m[1]!) * 12],
  [/^half (?:a )?dozen\b/i, () => 6],
  // As it is spoken: "a half a cup".
  [/^an? half (?:of )?an?\b/i, () => 0.5],
  [/^half of an?\b/i, () => 0.5],
  [/^(\d{1,2}\/\d{1,2}) of an?\b/i, (m) => digits(m[1]!)],
  [/^half(?: an?)?\b/i, () => 0.5],
  [
    new RegExp(String.raw`^(${WORD}|an?|\d+)[ -](${DENOMINATOR})(?: of(?: an?)?)?(?![\w-])`, 'i'),
    (m) => small(m[1]!) / den(m[2]!),
  ],
  [/^(quarter|third)(?: of)?(?: an?)?(?= [a-z])/i, (m) => 1 / den(m[1]!)],
  [/^(?:an? )?dozen\b/i, () => 12],
  [new RegExp(String.raw`^(${WORD}|\d+) dozen\b`, 'i'), (m) => small(m[1]!) * 12],
  [/^(?:an? )?couple(?: of)?\b/i, () => 2],
  [/^(?:an? )?few\b/i, () => 3],
  [new RegExp(String.raw`^(${WORD})(?![\w-])`, 'i'), (m) => small(m[1]!)],
  [new RegExp(`^(${DIGITS})(?![\\d%])(?!\\/\\d)`), (m) => digits(m[1]!)],
  [/^an?(?= )/i, () => 1],
];

const small = (word: string): number => (/^an?$/i.test(word) ? 1 : (WORDS[word.toLowerCase()] ?? Number(word)));
const den = (word: string): number => DENOMINATORS[word.toLowerCase()]!;

/** Reads written digits; `1,200` is twelve hundred, `1,5` one and a half. NaN for division by zero. */
function digits(text: string): number {
  const grouped = /^[1-9]\d{0,2}(,\d{3})+/.test(text);
  const plain = grouped ? text.replaceAll(',', '') : text.replace(',', '.');
  const value = numericQuantity(plain.replace(/\s+/g, ' '), { round: false });
  return Number.isFinite(value) ? value : Number.NaN;
}

export interface NumberRead {
  readonly value: number;
  /** What follows the number, without leading space. */
  readonly rest: string;
  /** Whether it was `a` or `an`, which may be a mere article. */
  readonly article: boolean;
}

/**
 * Reads a number at the start of normalized text: digits, fractions, decimals with point or comma, or number words.
 *
 * @example readNumber('three quarters of a cup') // { value: 0.75, rest: 'cup', article: false }
 */
export function readNumber(text: string): NumberRead | null {
  for (const [pattern, read] of PATTERNS) {
    const m = pattern.exec(text);
    if (m === null) continue;
    const value = read(m);
    if (Number.isNaN(value)) return null;
    return { value, rest: text.slice(m[0].length).trimStart(), article: /^an?$/i.test(m[0]) };
  }
  return null;
}
