import type { Food } from '../food/food.ts';
import { type FoodIndex, foodNamed } from '../food/match-food.ts';
import { headOf } from '../food/name-words.ts';
import { readLine } from '../reading/read-line.ts';
import type { Reading } from '../reading/reading.ts';

/**
 * What a line says behind a comma with an amount of its own and the whole name of another food; null where there is
 * none. "handful lettuce, ½ tomato" is two foods, "2 eggs, 1 beaten" is one.
 *
 * @param food the one that the line is taken for
 * @example otherFoodInNote(readLine('handful lettuce, ½ tomato', null), lettuce, index) // '1/2 tomato'
 */
export function otherFoodInNote(reading: Reading, food: Pick<Food, 'id'>, index: FoodIndex): string | null {
  // An amount that stands behind the food is its own: "butter, 2 tbsp".
  if (reading.quantity === null || reading.note === null) return null;
  for (const part of reading.note.split(/[;,]/)) {
    const said = part.trim();
    if (!/\d/.test(said)) continue;
    const other = readLine(said, null);
    const named = other.quantity === null || other.item === '' ? null : foodNamed(index, other.item);
    // The same named twice is one of them, diced: no other food.
    if (named !== null && named.id !== food.id && headOf(other.item) !== headOf(reading.item)) return said;
  }
  return null;
}
