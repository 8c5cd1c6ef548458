import type { Food } from './food.ts';

/** Measures that people take of a food as a serving, the likeliest first. */
const SERVING_MEASURES = ['serving', 'piece', 'medium', 'slice', 'tablespoon', 'cup', 'can', 'second'];
/** Nobody eats more of one food at once, g: a whole pumpkin is a piece, and no serving. */
const MOST_SERVING_G = 300;
const NO_SERVING_G = 100;

/** What a serving of a food weighs, by its household measures, g; null when it has none that one person eats. */
export function servingGrams(food: Food): number | null {
  const eaten = food.measures.filter((m) => m.grams <= MOST_SERVING_G);
  for (const unit of SERVING_MEASURES) {
    const m = eaten.find((x) => x.unit === unit && x.form === null);
    if (m) return m.grams;
  }
  return eaten[0]?.grams ?? null;
}

/** What a serving of a food weighs, g; 100 g where it has no household measure that one person eats. */
export const servingOr100 = (food: Food): number => servingGrams(food) ?? NO_SERVING_G;
