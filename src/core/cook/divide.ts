import { largestThat } from '../program/largest-that.ts';
import { countShare } from './count-share.ts';
import type { Frozen } from './frozen.ts';
import type { PanCut } from './pan-cut.ts';

/** What came out of the pot, and by what it is divided. */
export interface Outcome {
  readonly by: 'grams' | 'pieces' | 'cups';
  /** So many grams, pieces or cups in all. */
  readonly amount: number;
  /** What all of it weighs, g; null where nobody weighed it. */
  readonly grams: number | null;
  /** How a pan is cut, for its drawing; null where it is none. */
  readonly cut: PanCut | null;
}

/** Some of a dish. */
export type Taken = { readonly grams: number } | { readonly pieces: number } | { readonly cups: number };

/** What is in a pot, g; null where the pot with it is not heavier than alone. */
export const potNet = (gross: number, tare: number): number | null => (gross > tare ? gross - tare : null);

/**
 * The share of all of the dish. What was weighed is taken by its weight, also of a dish in pieces: they differ.
 *
 * @throws RangeError for an amount that nobody can take from such an outcome
 */
export function shareOf(out: Outcome, taken: Taken): number {
  if ('grams' in taken) {
    if (out.grams === null) throw new RangeError('nobody weighed what came out');
    return taken.grams / out.grams;
  }
  if ('pieces' in taken && out.by === 'pieces') return taken.pieces / out.amount;
  if ('cups' in taken && out.by === 'cups') return taken.cups / out.amount;
  throw new RangeError('it was not divided so');
}

/** How many pieces each of some plates gets, the first the most. */
export function piecesEach(pieces: number, plates: number): number[] {
  const each = Math.floor(pieces / plates);
  const over = pieces - each * plates;
  return Array.from({ length: plates }, (_, i) => each + (i < over ? 1 : 0));
}

/** More pieces than this nobody cuts. */
const MOST_PIECES = 200;

/** The fewest pieces of one size of which each counts at most so much; null where none that can be cut does. */
export function cutFor(frozen: Frozen, key: string, points: number): number | null {
  for (let pieces = 1; pieces <= MOST_PIECES; pieces++)
    if (countShare(frozen, key, 1 / pieces).points <= points) return pieces;
  return null;
}

/**
 * The most whole grams that count at most so much.
 *
 * @param grams what all of it weighs
 * @returns null where not even a gram does
 */
export function gramsFor(frozen: Frozen, key: string, points: number, grams: number): number | null {
  const fits = (g: number): boolean => countShare(frozen, key, g / grams).points <= points;
  if (fits(grams)) return grams;
  const most = Math.floor(largestThat(fits, grams));
  return most >= 1 ? most : null;
}
