import type { Allergen, Food, FoodKind } from '../food/food.ts';

/** How dirty a board, a bowl or a blender may be before something, and is after it. */
export interface Soiled {
  readonly bears: number;
  readonly soils: number;
}

/** Clean; used; of strong smell; raw; what somebody at the table must not have. Each is washed off before what bears less. */
const [USED, STRONG, RAW, ALLERGEN] = [1, 2, 3, 4] as const;

/** A name that says of something off a package that it is eaten as it is. */
const READY = /\b(?:ham|salami|smoked|hard-boiled|cooked|roasted?|cured|dried|jerky|pepperoni|pickled)\b/i;
/** Bacon is sold raw, smoked or not (USDA FSIS). */
const SOLD_RAW = /\b(?:bacon|pancetta|lardons|speck)\b/i;
const ANIMAL: readonly FoodKind[] = ['meat', 'poultry', 'poultrybreast', 'fish', 'shellfish', 'egg'];

/** Whether a food is raw meat, fish or egg; what a household typed off a package is, unless its name says otherwise. */
export function isRawAnimal({ state, kinds, name }: Food): boolean {
  if (state === 'cooked' || state === 'canned' || state === 'drained' || !kinds.some((k) => ANIMAL.includes(k)))
    return false;
  return state === 'raw' || SOLD_RAW.test(name) || !READY.test(name);
}
const isStrong = (f: Food): boolean =>
  /\b(?:onion|garlic|leek|shallot|chil[li]+|horseradish|anchov|fish)/i.test(f.name);

/**
 * What foods leave behind. Raw meat, fish and egg go on nothing that is used again unwashed (USDA FSIS, "separate"); a
 * sweet dish bears no onion; what somebody is allergic to is washed off before another dish.
 *
 * @param sweet whether the dish is
 * @param mind what somebody at the table must not have
 */
export function soiledBy(foods: readonly Food[], sweet: boolean, mind: ReadonlySet<Allergen>): Soiled {
  const bears = sweet ? USED : STRONG;
  if (foods.some((f) => f.allergens.some((a) => mind.has(a)))) return { bears, soils: ALLERGEN };
  if (foods.some(isRawAnimal)) return { bears, soils: RAW };
  return { bears, soils: foods.some(isStrong) ? STRONG : USED };
}
