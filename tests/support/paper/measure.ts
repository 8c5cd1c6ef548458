import type { PhotoLine } from '../../../src/core/photo/photo-lines.ts';

/** What became of the lines of a page. */
export interface Measured {
  readonly lines: number;
  /** Right, and nothing was asked. */
  readonly right: number;
  /** Something was asked. */
  readonly asked: number;
  /** Wrong, missing or made up, and nothing was asked: printed and read. */
  readonly silent: readonly (readonly [printed: string, read: string])[];
  /** Fractions that were lost without a question. */
  readonly lostFractions: readonly string[];
}

const FRACTION = /[½¼¾⅓⅔⅛]|\d\/\d/;
const PLAIN: Readonly<Record<string, string>> = {
  '½': '1/2',
  '¼': '1/4',
  '¾': '3/4',
  '⅓': '1/3',
  '⅔': '2/3',
  '⅛': '1/8',
};
/** As it is meant: a fraction in any letters, a quote of any shape, "1kg" and "1 kg", a word in capitals or not. */
const meant = (line: string): string =>
  line
    .replace(/(\d?)([½¼¾⅓⅔⅛])/g, (_, whole: string, f: string) => `${whole ? `${whole} ` : ''}${PLAIN[f]}`)
    .replace(/[’‘`´]/g, "'")
    .replace(/(\d)\s*([a-z])/gi, '$1 $2')
    .replace(/\s+/g, ' ')
    .replace(/\p{L}{2,}/gu, (word) => word.toLowerCase())
    .trim();

/** How many letters have to change to make one of the other (Levenshtein). */
function apart(a: string, b: string): number {
  let last = Array.from({ length: b.length + 1 }, (_, j) => j);
  for (let i = 1; i <= a.length; i++) {
    const row = [i];
    for (let j = 1; j <= b.length; j++)
      row.push(Math.min(row[j - 1]! + 1, last[j]! + 1, last[j - 1]! + (a[i - 1] === b[j - 1] ? 0 : 1)));
    last = row;
  }
  return last[b.length]!;
}

/** Holds what was read beside what is printed: each printed line has the read line that is nearest to it. */
export function measurePage(printed: readonly string[], read: readonly PhotoLine[]): Measured {
  const left = new Set(read);
  const silent: [string, string][] = [];
  const lostFractions: string[] = [];
  let right = 0;
  let asked = 0;
  const pairs = printed
    .flatMap((p) => read.map((r) => ({ p, r, off: apart(meant(p), meant(r.text)) / Math.max(p.length, 1) })))
    .filter(({ off }) => off < 0.6)
    .sort((a, b) => a.off - b.off);
  const found = new Map<string, PhotoLine>();
  for (const { p, r } of pairs) {
    if (found.has(p) || !left.has(r)) continue;
    found.set(p, r);
    left.delete(r);
  }
  for (const p of printed) {
    const r = found.get(p);
    const isRight = r !== undefined && meant(r.text) === meant(p);
    const isAsked = r !== undefined && r.doubts.length > 0;
    if (isAsked) asked++;
    else if (isRight) right++;
    else silent.push([p, r?.text ?? '']);
    if (FRACTION.test(p) && !isRight && !isAsked) lostFractions.push(p);
  }
  for (const r of left) if (r.doubts.length === 0) silent.push(['', r.text]);
  return { lines: printed.length, right, asked, silent, lostFractions };
}

/** Several pages as one. */
export const together = (pages: readonly Measured[]): Measured => ({
  lines: pages.reduce((n, p) => n + p.lines, 0),
  right: pages.reduce((n, p) => n + p.right, 0),
  asked: pages.reduce((n, p) => n + p.asked, 0),
  silent: pages.flatMap((p) => p.silent),
  lostFractions: pages.flatMap((p) => p.lostFractions),
});
