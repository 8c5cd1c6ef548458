import { DAIRY_SWAPS } from './shipped/dairy.data.ts';
import { FATS_SWAPS } from './shipped/fats.data.ts';
import { MEAT_FISH_EGGS_SWAPS } from './shipped/meat-fish-eggs.data.ts';
import { RETIRED_SWAPS_TABLE } from './shipped/retired.data.ts';
import { SAME_AGAIN_SWAPS } from './shipped/same-again.data.ts';
import { SAUCES_DRINKS_SWAPS } from './shipped/sauces-drinks.data.ts';
import { STARCHES_SWAPS } from './shipped/starches.data.ts';
import { SWEETS_SWAPS } from './shipped/sweets.data.ts';
import { VEGETABLES_PLATE_SWAPS } from './shipped/vegetables-plate.data.ts';
import type { Swap } from './swap.ts';
import { readSwapTable } from './swap-table.ts';

/** The swaps that come with Imbiss. */
export const SWAPS: readonly Swap[] = [
  MEAT_FISH_EGGS_SWAPS,
  DAIRY_SWAPS,
  FATS_SWAPS,
  SWEETS_SWAPS,
  STARCHES_SWAPS,
  SAUCES_DRINKS_SWAPS,
  VEGETABLES_PLATE_SWAPS,
]
  .flatMap(readSwapTable)
  .concat(readSwapTable(SAME_AGAIN_SWAPS).map((s) => ({ ...s, sameAgain: true })));

/** Swaps that came with Imbiss once: what was made with them still knows them. */
export const RETIRED_SWAPS: readonly Swap[] = readSwapTable(RETIRED_SWAPS_TABLE);

/** The swaps that fit a food, nearest to the family's dish first. */
export function swapsFor(foodId: string, swaps: readonly Swap[] = SWAPS): Swap[] {
  return swaps.filter((s) => s.from.includes(foodId)).sort((a, b) => a.departure - b.departure);
}
