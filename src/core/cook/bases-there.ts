import { fold } from '../food/food-words.ts';
import type { Box } from './cook.ts';

/** Something that was cooked, of which there is some in boxes. */
export interface BaseThere {
  readonly cookId: string;
  readonly recipeId: string;
  readonly title: string;
  readonly packed: string;
  /** What is there of it, g. */
  readonly grams: number;
  /** What all of it weighed when it came out of the pot, g. */
  readonly whole: number;
}

/**
 * What was cooked and is there in boxes, to be an ingredient: by any of some words of its name, the oldest first.
 *
 * @param words folded
 * @param butRecipeId the recipe that it would go into
 */
export function basesThere(boxes: readonly Box[], words: readonly string[], butRecipeId: string): BaseThere[] {
  const found = new Map<string, BaseThere>();
  for (const { cookId, recipeId, title, packed, grams, share, taken, as } of boxes) {
    const isNamed = words.some((w) => fold(title).includes(w));
    if (taken !== null || as === 'kits' || grams === null || !(share > 0) || recipeId === butRecipeId || !isNamed)
      continue;
    const before = found.get(cookId);
    found.set(cookId, {
      cookId,
      recipeId,
      title,
      packed,
      grams: (before?.grams ?? 0) + grams,
      whole: before?.whole ?? grams / share,
    });
  }
  return [...found.values()].sort((a, b) => a.packed.localeCompare(b.packed));
}
