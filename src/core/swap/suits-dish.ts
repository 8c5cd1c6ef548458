import type { Food, FoodKind } from '../food/food.ts';
import type { Version } from '../version/version.ts';
import type { Swap } from './swap.ts';

/** So much sweetening a serving makes a dish a sweet one, g: common practice. */
const SWEET_G = 6;
const SAVOURY_KINDS: readonly FoodKind[] = ['meat', 'poultry', 'poultrybreast', 'poultrydeli', 'fish', 'shellfish'];
const SAVOURY = /^(?:onion|shallot|garlic|leek|bacon|ham|sausage|mayonnaise|mustard|broth|stock)/;
/** Vegetables that cooks bake and stew sweet. */
const SWEET_VEGETABLES = /^(?:carrot|pumpkin|courgette|zucchini|beet|rhubarb|parsnip|squash)/;

/** Whether a dish is a sweet one: sweetened, and nothing in it that belongs to a savoury one. */
export function isSweetDish(version: Version, food: (id: string) => Food | null): boolean {
  let sweetening = 0;
  for (const line of version.lines) {
    const own = line.food.kind === 'food' ? food(line.food.foodId) : null;
    if (own === null || line.leftOut) continue;
    if (SAVOURY.test(own.id) || own.kinds.some((k) => SAVOURY_KINDS.includes(k))) return false;
    if (own.roles.includes('sweetness')) sweetening += line.weight?.grams ?? 0;
  }
  return sweetening / (version.servings ?? 4) >= SWEET_G;
}

/** Whether what a swap brings in belongs into a dish: no cauliflower into a rice pudding. */
export function suitsDish(swap: Swap, sweet: boolean, food: (id: string) => Food | null): boolean {
  if (!sweet) return true;
  return swap.into.every((t) => {
    const own = food(t.foodId);
    if (own === null || swap.from.includes(own.id)) return true;
    // Beans are for the sweet dishes that a swap names: brownies.
    if (own.kinds.includes('legume')) return swap.fits?.some((c) => c.kind === 'word') ?? false;
    return !SAVOURY.test(own.id) && (!own.kinds.includes('veg') || SWEET_VEGETABLES.test(own.id));
  });
}
