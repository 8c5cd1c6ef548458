import type { Food } from './food.ts';

/** Energy by the general factors of Atwater (USDA Agriculture Handbook 74), kcal per 100 g. */
export function atwaterEnergy(food: Food): number {
  const p = food.per100g;
  const g = (n: 'protein' | 'carbs' | 'fat' | 'alcohol') => p[n].value ?? 0;
  return 4 * g('protein') + 4 * g('carbs') + 9 * g('fat') + 7 * g('alcohol');
}

/**
 * Energy by Regulation (EU) 1169/2011, annex XIV, kcal per 100 g: fibre at 2, the rest of the carbohydrate at 4.
 * Our carbohydrate includes fibre, as US tables have it.
 */
export function europeanEnergy(food: Food): number {
  const p = food.per100g;
  const fibre = p.fibre.value ?? 0;
  return atwaterEnergy(food) - 4 * fibre + 2 * fibre;
}

/** How far a food's energy is from the nearer of the two rules, in kcal per 100 g, and whether that is within 12 % or 8 kcal. */
export function checkEnergy(food: Food): { readonly difference: number; readonly agrees: boolean } {
  const kcal = food.per100g.kcal.value ?? 0;
  const difference = Math.min(Math.abs(kcal - atwaterEnergy(food)), Math.abs(kcal - europeanEnergy(food)));
  return { difference, agrees: difference <= 8 || difference <= 0.12 * kcal };
}
