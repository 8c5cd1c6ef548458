import type { PhotoBox, RecognisedLine } from './recognised.ts';

/** The empty band between two columns of a page. */
export interface Gutter {
  /** Its middle, px. */
  readonly x: number;
  /** Where the columns begin and end, px. */
  readonly top: number;
  readonly bottom: number;
}

/** So many lines have to have a gap in the same place: fewer are chance. */
const LEAST_LINES = 4;
/** The band lies in the middle of what is written: further out it is a list of amounts and their foods. */
const GUTTER_BETWEEN = { from: 0.3, to: 0.7 };

/**
 * Where lines that were read across a page are two columns: a band that no word crosses, with words at both sides.
 * Null for a page of one column.
 */
export function gutterOf(lines: readonly RecognisedLine[]): Gutter | null {
  const left = Math.min(...lines.map((l) => l.box.left));
  const width = Math.max(...lines.map((l) => l.box.right)) - left;
  let best: { readonly places: number[]; readonly score: number; readonly split: readonly RecognisedLine[] } | null =
    null;
  for (let x = left + width * GUTTER_BETWEEN.from; x <= left + width * GUTTER_BETWEEN.to; x += width / 200) {
    const split = lines.filter((l) => hasGapAt(l, x));
    const top = Math.min(...split.map((l) => l.box.top));
    const crossed = lines.filter((l) => l.box.top >= top && isCrossedAt(l, x)).length;
    const score = split.length - 4 * crossed;
    if (split.length < LEAST_LINES || score <= 0 || (best !== null && score < best.score)) continue;
    if (best !== null && score === best.score) best.places.push(x);
    else best = { places: [x], score, split };
  }
  if (best === null) return null;
  const x = best.places[Math.floor(best.places.length / 2)]!;
  const top = Math.min(...best.split.map((l) => l.box.top));
  return { x, top, bottom: Math.max(...lines.filter((l) => !isCrossedAt(l, x)).map((l) => l.box.bottom)) };
}

const isCrossedAt = ({ words }: RecognisedLine, x: number): boolean =>
  words.some((w) => w.box.left < x && w.box.right > x);

/** Whether a line has words at both sides of a place and a gap there that is wider than between words. */
function hasGapAt({ words, box }: RecognisedLine, x: number): boolean {
  const before = Math.max(...words.filter((w) => w.box.right <= x).map((w) => w.box.right));
  const after = Math.min(...words.filter((w) => w.box.left >= x).map((w) => w.box.left));
  return Number.isFinite(before) && Number.isFinite(after) && after - before > (box.bottom - box.top) * 0.9;
}

/** The two columns beside a gutter, px. */
export const columnsOf = ({ x, top, bottom }: Gutter, width: number): readonly [PhotoBox, PhotoBox] => [
  { left: 0, top, right: x, bottom },
  { left: x, top, right: width, bottom },
];
