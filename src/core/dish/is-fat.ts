import type { Food } from '../food/food.ts';

/** Whether a food is fat to cook with. */
export const isFat = (food: Food): boolean =>
  food.kinds.some((k) => k === 'oil' || k === 'fatspread') ||
  /^(?:butter(?!milk)|lard|ghee|shortening|margarine)/.test(food.id);
