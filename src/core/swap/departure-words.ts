import { trimmed } from '../quantity/format-amount.ts';

/** The ends of the scale's words, in tenths of a departure from 0 to 100. */
const UP_TO: ReadonlyArray<readonly [upTo: number, words: ScaleWord]> = [
  [5, 'nobody notices'],
  [15, 'a little'],
  [49.9, 'clearly'],
  [100, 'another dish'],
];

type ScaleWord = 'nobody notices' | 'a little' | 'clearly' | 'another dish';

/** The words of the scale, the nearest first. */
export const SCALE_WORDS: readonly ScaleWord[] = UP_TO.map(([, word]) => word);

/** The most that a word of the scale says, tenths of 0 to 100. */
export const mostOf = (word: ScaleWord): number => UP_TO.find(([, w]) => w === word)![0];

/** From here on it is another dish, tenths of 0 to 100. */
export const ANOTHER_DISH = 50;

/** The most that a dish departs: beyond it, it is another one altogether. */
export const MOST_DEPARTURE = 100;

/** Departures of changes added up to that of a whole dish, 0 to 100 in tenths. */
export const wholeDeparture = (sum: number): number => Math.min(MOST_DEPARTURE, Math.round(sum * 10) / 10);

/**
 * A departure in words: how far a swap or a dish is from the family's.
 *
 * @example departureIn(12) // 'a little'
 */
export function departureIn(departure: number): string {
  if (departure === 0) return 'as it was';
  return UP_TO.find(([upTo]) => departure <= upTo + 1e-9)?.[1] ?? 'another dish';
}

/** How far along the scale's words a departure is: 0 as it was, 4 another dish. */
export const departureStep = (departure: number): number =>
  departure === 0 ? 0 : 1 + UP_TO.findIndex(([upTo]) => departure <= upTo + 1e-9);

/**
 * Where on the scale a departure stands when each of its four words has as much room: 0 as it was, 4 the most. For a
 * picture, in which the lesser words would else have none.
 *
 * @example departureAlong(10) // 1.5, in the middle of "a little"
 */
export function departureAlong(departure: number): number {
  let from = 0;
  for (const [i, [upTo]] of UP_TO.entries()) {
    if (departure <= upTo + 1e-9) return i + (departure - from) / (upTo - from);
    from = upTo;
  }
  return UP_TO.length;
}

/**
 * A departure as it is shown: the number, and what it means.
 *
 * @example departureSaid(12) // '12, a little'
 */
export const departureSaid = (departure: number): string => `${trimmed(departure, 1)}, ${departureIn(departure)}`;

/** Whether a change makes another dish of it: what it is named after, or mostly is, goes. */
export const isAnotherDish = (changes: readonly { readonly departure: number }[]): boolean =>
  changes.some((c) => c.departure >= ANOTHER_DISH);
