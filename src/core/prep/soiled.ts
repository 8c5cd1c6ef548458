import type { Allergen, Food } from '../food/food.ts';

/** How dirty a board, a bowl or a blender may be before something, and is after it. */
export interface Soiled {
  readonly bears: number;
  readonly soils: number;
}

/** Clean; used; of strong smell; raw; what somebody at the table must not have. Each is washed off before what bears less. */
const [USED, STRONG, RAW, ALLERGEN] = [1, 2, 3, 4] as const;

const isRawAnimal = (f: Food): boolean =>
  f.state !== 'cooked' &&
  f.state !== 'canned' &&
  f.kinds.some(
    (k) => k === 'meat' || k === 'poultry' || k === 'poultrybreast' || k === 'fish' || k === 'shellfish' || k === 'egg',
  ) &&
  !/\b(?:ham|salami|bacon|smoked|hard-boiled)\b/i.test(f.name);
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
