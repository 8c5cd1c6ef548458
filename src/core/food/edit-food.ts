import type { Allergen, Food } from './food.ts';
import { NUTRIENTS, type Nutrient, profileOf } from './nutrients.ts';

/** What a cook may change of an own food: its name, its values per 100 g, its allergens. */
export interface FoodEditing {
  readonly name: string;
  /** As written, per 100 g; null for unknown. */
  readonly per100g: Readonly<Record<Nutrient, number | null>>;
  readonly allergens: readonly Allergen[];
}

export const editOf = (food: Food): FoodEditing => ({
  name: food.name,
  per100g: Object.fromEntries(NUTRIENTS.map((n) => [n, food.per100g[n].value])) as Record<Nutrient, number | null>,
  allergens: food.allergens,
});

/**
 * A food with a cook's changes. Values that stay keep the interval that a label's rounding left them; changed ones
 * are as exact as they are written.
 */
export function editFood(food: Food, edit: FoodEditing): Food {
  const stays = (n: Nutrient): boolean => edit.per100g[n] === food.per100g[n].value;
  const ranges = Object.fromEntries(
    NUTRIENTS.filter((n) => stays(n) && edit.per100g[n] !== null).map((n) => [n, food.per100g[n]]),
  );
  const changed = NUTRIENTS.some((n) => !stays(n));
  return {
    ...food,
    name: edit.name,
    allergens: edit.allergens,
    per100g: changed ? profileOf(edit.per100g, ranges) : food.per100g,
    source: changed ? 'the cook' : food.source,
    energyNote: changed ? null : food.energyNote,
  };
}

/** A shipped food as a food of one's own, to be changed. */
export const ownCopy = (food: Food, id: string): Food => ({
  ...food,
  id,
  revision: 1,
  name: `${food.name}, ours`,
  group: 'own foods',
  source: `copied from ${food.name}`,
});
