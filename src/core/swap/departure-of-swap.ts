import { isNamedAfter } from '../dish/named-after.ts';
import type { Food } from '../food/food.ts';
import { foodWords } from '../food/food-words.ts';
import type { Line, Version } from '../version/version.ts';
import { ANOTHER_DISH } from './departure-words.ts';
import type { Swap } from './swap.ts';

/** The departure of a swap of this share: it grows with the share, to 100 at most. */
export const shareDeparture = (swap: Swap, share: number, departure: number = swap.departure): number =>
  Math.min(100, Math.round(departure * (share / swap.share) * 10) / 10);

/** What a dish is named after does not go unnoticed: so much is another dish, and a stand-in departs so much more. */
const RENAMED = 35;

/** A line in the dish as it is before the swap, and what the recipe is called. */
export interface SwappedLine {
  readonly line: Line;
  readonly version: Version;
  readonly title: string;
  readonly food: (id: string) => Food | null;
}

/** Whether a swap takes the food that the dish is named after out of it, and brings in none of that name. */
export function takesTheName(swap: Swap, share: number, { line, version, title, food }: SwappedLine): boolean {
  if (title === '' || share < 1 || swap.kind === 'twin' || swap.kind === 'bulkUp') return false;
  if (!isNamedAfter(title, line, version)) return false;
  const words = new Set(foodWords(title));
  return !swap.into.some((t) => foodWords(food(t.foodId)?.name ?? '').some((w) => words.has(w)));
}

/**
 * How far a swap moves a dish, 0 to 100 in tenths: by its share, and as another dish where what it is named after goes.
 *
 * @param departure the swap's own, or as the verdicts of a household corrected it
 */
export function departureOfSwap(swap: Swap, share: number, departure: number, at: SwappedLine): number {
  const far = shareDeparture(swap, share, departure);
  return takesTheName(swap, share, at) ? Math.min(100, Math.max(ANOTHER_DISH, far + RENAMED)) : far;
}
