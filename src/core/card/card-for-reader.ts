import { type Certainty, certaintyOf, MOST_SERVINGS } from '../program/count.ts';
import { roundPoints } from '../program/rule.ts';
import type { Card } from './card.ts';
import { sayLineSize } from './line-size.ts';
import type { RawPart, ReaderWay } from './reader-counts.ts';

/** What a reader asks of a card; null for what the card says itself. */
export interface ReaderWish {
  readonly servings: number | null;
  /** So many servings on the plate. */
  readonly portion: number | null;
}

/** A card counted for its reader. */
export interface CardForReader extends ReaderWish {
  readonly programs: readonly {
    readonly mark: string;
    readonly name: string;
    /** null where nobody can say it from the card. */
    readonly points: number | null;
    readonly low: number;
    readonly high: number;
    readonly certainty: Certainty;
    readonly complete: boolean;
  }[];
  /** Of the portion. */
  readonly kcal: number | null;
  /** The amounts for these servings. */
  readonly ingredients: readonly { readonly amount: string; readonly name: string }[];
}

/** Portions that are counted, servings. */
export const LEAST_PORTION = 0.25;
export const MOST_PORTION = 10;

/**
 * A card for other servings, and for another portion, from what it was counted from on its day: the points on the stair,
 * the amounts as a kitchen has them. A portion stays a portion, for however many the dish is made.
 *
 * @returns null for a card that was made before this was kept with it
 */
export function cardForReader(card: Card, { servings, portion }: ReaderWish): CardForReader | null {
  if (card.reader === null) return null;
  const share = portion ?? 1;
  // Of a card that says no servings nobody can say how much is for so many.
  const wanted = card.servings === null ? null : servings;
  const factor = wanted === null ? 1 : wanted / card.servings!;
  return {
    servings: wanted,
    portion,
    programs: card.programs.map(({ mark, name, complete }, i) => {
      const way = card.reader!.ways[i] ?? null;
      const known = { mark, name, complete };
      if (way === null) return { ...known, points: null, low: 0, high: 0, certainty: 'exact' as const };
      const [points, low, high] = (['raw', 'low', 'high'] as const).map((end) => pointsAt(way, share, end)) as [
        number,
        number,
        number,
      ];
      return { ...known, points, low, high, certainty: certaintyOf(points, { low, high }) };
    }),
    kcal: card.kcal === null ? null : card.kcal * share,
    ingredients: card.reader.sizes.map((size) => sayLineSize(size, factor)),
  };
}

const pointsAt = (way: ReaderWay, share: number, end: keyof RawPart): number =>
  way.parts.reduce((sum, p) => sum + roundPoints(p[end] * share, way), 0);

/** What a reader wrote into the form of a card, with what is wrong about it. */
export interface WrittenWish extends ReaderWish {
  readonly wrong: string | null;
}

/** Reads the form of a card. What cannot be is said in words, and nothing that was written is shown again. */
export function readReaderWish(query: Readonly<Record<string, unknown>>): WrittenWish {
  const servings = writtenNumber(query.for);
  const portion = writtenNumber(query.portion);
  const isWithin = (n: number | null, least: number, most: number): boolean => n === null || (n >= least && n <= most);
  if (!isWithin(servings, LEAST_PORTION, MOST_SERVINGS))
    return { servings: null, portion: null, wrong: `Write for how many it is, up to ${MOST_SERVINGS}.` };
  if (!isWithin(portion, LEAST_PORTION, MOST_PORTION))
    return { servings: null, portion: null, wrong: `Write a portion from ¼ of a serving to ${MOST_PORTION}.` };
  return { servings, portion, wrong: null };
}

const WRITTEN_FRACTIONS: Readonly<Record<string, number>> = { '¼': 0.25, '½': 0.5, '¾': 0.75 };

/** A number as people write it; null for nothing, NaN for what is none. */
function writtenNumber(said: unknown): number | null {
  if (said === undefined) return null;
  if (typeof said !== 'string') return Number.NaN;
  const text = said.trim();
  if (text === '') return null;
  const m = /^(\d{0,3})(?:[.,](\d{1,3})|([¼½¾]))?$/.exec(text);
  if (m === null) return Number.NaN;
  return Number(m[1] || 0) + Number(`0.${m[2] ?? 0}`) + (WRITTEN_FRACTIONS[m[3] ?? ''] ?? 0);
}
