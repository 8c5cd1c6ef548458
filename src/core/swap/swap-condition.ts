import { FOOD_KINDS, type FoodKind } from '../food/food.ts';
import { DISH_KINDS, type DishKind, TECHNIQUES, type Technique } from '../version/dish-words.ts';

/** Where a swap holds, or does not: a kind of dish, what the steps do with the line, a word, a food beside it. */
export type SwapCondition =
  | { readonly kind: 'dish'; readonly dish: DishKind }
  | { readonly kind: 'technique'; readonly technique: Technique }
  /** The beginning of a word in the title, in the line, or in the steps. */
  | { readonly kind: 'word'; readonly word: string }
  /** A food of this kind is in the dish. */
  | { readonly kind: 'with'; readonly food: FoodKind }
  /** The dish is named after the line. */
  | { readonly kind: 'named' };

/**
 * Reads conditions as the table of swaps writes them; none for "any".
 *
 * @throws Error for a word that is none of them
 * @example readConditions('batter cake, fry in, "muffin", with mix, named')
 */
export function readConditions(cell: string): SwapCondition[] {
  const words = cell
    .split(',')
    .map((t) => t.trim())
    .filter((t) => t !== '' && t !== 'any');
  return words.map((text): SwapCondition => {
    if (text === 'named') return { kind: 'named' };
    if (/^".+"$/.test(text)) return { kind: 'word', word: text.slice(1, -1).toLowerCase() };
    if (text.startsWith('with ')) {
      const food = FOOD_KINDS.find((k) => k === text.slice(5));
      if (food !== undefined) return { kind: 'with', food };
    }
    const dish = DISH_KINDS.find((d) => d === text);
    if (dish !== undefined) return { kind: 'dish', dish };
    const technique = TECHNIQUES.find((t) => t === text);
    if (technique !== undefined) return { kind: 'technique', technique };
    throw new Error(`"${text}" is no place for a swap`);
  });
}
