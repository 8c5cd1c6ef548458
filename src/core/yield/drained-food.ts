import type { Food } from '../food/food.ts';
import type { Nutrient, NutrientAmount, NutrientProfile } from '../food/nutrients.ts';
import type { LineLoss } from '../version/line-loss.ts';

/** Energy of a gram, general Atwater factors. */
const KCAL_OF = { fat: 9, alcohol: 7 } as const;

/**
 * A food of which fat was poured off, per 100 g of what is left: the fat, its saturated and trans fat and its energy
 * are less, and all else is in the pan. Never below nothing.
 *
 * @param grams what there was of it, g
 * @param loss the fat that leaves, g
 */
export function drainedFood(food: Food, grams: number, loss: LineLoss): Food {
  const fat = food.per100g.fat.value ?? 0;
  const ofFat = (n: 'satFat' | 'transFat'): number => (fat > 0 ? (food.per100g[n].value ?? 0) / fat : 0);
  return without(food, grams, loss, {
    kcal: KCAL_OF.fat,
    fat: 1,
    satFat: ofFat('satFat'),
    transFat: ofFat('transFat'),
  });
}

/** A food of which alcohol cooked away, per 100 g of what is left: only the alcohol and its energy are less. */
export const reducedFood = (food: Food, grams: number, loss: LineLoss): Food =>
  without(food, grams, loss, { kcal: KCAL_OF.alcohol, alcohol: 1 });

/** @param leaves what goes with each gram that leaves */
function without(food: Food, grams: number, loss: LineLoss, leaves: Readonly<Partial<Record<Nutrient, number>>>): Food {
  const left = grams - (loss.low + loss.high) / 2;
  if (!(left > 0)) return food;
  const per100g: Record<Nutrient, NutrientAmount> = { ...food.per100g };
  for (const n of Object.keys(per100g) as Nutrient[]) {
    const was = per100g[n];
    const at = (per100: number, gone: number): number =>
      Math.max(0, (((per100 * grams) / 100 - (leaves[n] ?? 0) * gone) / left) * 100);
    per100g[n] = {
      value: was.value === null ? null : at(was.value, (loss.low + loss.high) / 2),
      low: at(was.low, loss.high),
      high: at(was.high, loss.low),
    };
  }
  return { ...food, per100g: per100g satisfies NutrientProfile };
}
