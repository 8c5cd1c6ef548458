import type { PhotoBox, RecognisedLine, RecognisedWord } from './recognised.ts';

/** A word that was looked at twice. */
export interface ComparedWord extends RecognisedWord {
  /** What the other look saw in its place; null where both saw the same, then `sure` is the surer of the two. */
  readonly otherwise: string | null;
}

/** A line that was looked at twice. */
export interface ComparedLine {
  readonly words: readonly ComparedWord[];
  readonly box: PhotoBox;
}

/**
 * The lines of a picture from two looks at it in different sizes: what both see alike is nearly never wrong, and a lost
 * fraction is nearly never seen alike. A line that only one of them saw is kept, and differs as a whole.
 */
export function compareReadings(
  first: readonly RecognisedLine[],
  second: readonly RecognisedLine[],
): readonly ComparedLine[] {
  const left = new Set(second);
  const out: ComparedLine[] = first.map((line) => {
    const other = nearestLine(line, left);
    if (other === null) return alone(line);
    left.delete(other);
    return { box: line.box, words: comparedWords(line.words, other.words) };
  });
  for (const line of left) {
    // Before the line that it stands above, in its own column.
    const at = out.findIndex(
      (l) => l.box.top > line.box.top && overlap(l.box.left, l.box.right, line.box.left, line.box.right) > 0,
    );
    out.splice(at < 0 ? out.length : at, 0, alone(line));
  }
  return out;
}

const alone = ({ words, box }: RecognisedLine): ComparedLine => ({
  box,
  words: words.map((w) => ({ ...w, otherwise: '' })),
});

const overlap = (a0: number, a1: number, b0: number, b1: number): number => Math.min(a1, b1) - Math.max(a0, b0);

/** The line of the other look in the same place: most of its height, and some of its width. */
function nearestLine({ box }: RecognisedLine, others: ReadonlySet<RecognisedLine>): RecognisedLine | null {
  let best: RecognisedLine | null = null;
  let most = 0.5;
  for (const other of others) {
    const height = Math.min(box.bottom - box.top, other.box.bottom - other.box.top);
    const share = overlap(box.top, box.bottom, other.box.top, other.box.bottom) / Math.max(1, height);
    if (share > most && overlap(box.left, box.right, other.box.left, other.box.right) > 0) {
      best = other;
      most = share;
    }
  }
  return best;
}

/** As it is compared: the quotes of both are one, and capitals of a word say nothing. */
const alike = (word: string): string =>
  word.replace(/[’‘`´]/g, "'").replace(/\p{L}{2,}/gu, (letters) => letters.toLowerCase());
const asOneWord = (words: readonly RecognisedWord[]): string => words.map((w) => alike(w.text)).join('');

function comparedWords(first: readonly RecognisedWord[], second: readonly RecognisedWord[]): ComparedWord[] {
  if (asOneWord(first) === asOneWord(second)) {
    // Cut into words otherwise, it is as sure as the least sure of the other look.
    const least = Math.min(...second.map((w) => w.sure));
    return first.map((w, i) => ({ ...w, sure: Math.max(surer(w, second[i]), least), otherwise: null }));
  }
  const pairs = commonWords(first, second);
  let at = 0;
  return first
    .map((word, i) => {
      const pair = pairs.get(i);
      const upTo = pair ?? nextPair(pairs, i, second.length);
      // What stands in front of a word that both saw belongs to it: one look may have missed an amount.
      const before = second.slice(at, upTo);
      if (pair === undefined) {
        at = upTo;
        return { ...word, otherwise: texts(before) };
      }
      at = pair + 1;
      return {
        ...word,
        sure: surer(word, second[pair]),
        otherwise: before.length > 0 ? `${texts(before)} ${word.text}` : null,
      };
    })
    .map((word, i, all) => (i === all.length - 1 && at < second.length ? withMore(word, second.slice(at)) : word));
}

const texts = (words: readonly RecognisedWord[]): string => words.map((w) => w.text).join(' ');
const surer = (word: RecognisedWord, other: RecognisedWord | undefined): number =>
  other !== undefined && alike(other.text) === alike(word.text) ? Math.max(word.sure, other.sure) : word.sure;
const withMore = (word: ComparedWord, more: readonly RecognisedWord[]): ComparedWord => ({
  ...word,
  otherwise: `${word.otherwise ?? word.text} ${texts(more)}`.trim(),
});
const nextPair = (pairs: ReadonlyMap<number, number>, i: number, end: number): number => {
  const after = [...pairs.entries()].filter(([a]) => a > i).map(([, b]) => b);
  return after.length > 0 ? Math.min(...after) : end;
};

/** Which words of one look are which of the other (longest common subsequence), by place. */
function commonWords(a: readonly RecognisedWord[], b: readonly RecognisedWord[]): Map<number, number> {
  const same = (i: number, j: number): boolean => alike(a[i]!.text) === alike(b[j]!.text);
  const best = Array.from({ length: a.length + 1 }, () => new Array<number>(b.length + 1).fill(0));
  for (let i = a.length - 1; i >= 0; i--)
    for (let j = b.length - 1; j >= 0; j--)
      best[i]![j] = same(i, j) ? best[i + 1]![j + 1]! + 1 : Math.max(best[i + 1]![j]!, best[i]![j + 1]!);
  const pairs = new Map<number, number>();
  for (let i = 0, j = 0; i < a.length && j < b.length; ) {
    if (same(i, j)) pairs.set(i++, j++);
    else if (best[i + 1]![j]! >= best[i]![j + 1]!) i++;
    else j++;
  }
  return pairs;
}
