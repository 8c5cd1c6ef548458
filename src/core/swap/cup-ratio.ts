import type { Food } from '../food/food.ts';

const cupOf = (food: Food | null): number | null =>
  food?.measures.find((m) => m.unit === 'cup' && m.form === null)?.grams ?? null;

/**
 * The ratio by weight that takes a cup of one food for a cup of another, g for each g; null when nobody knows what a
 * cup of either weighs.
 */
export function cupRatio(from: Food | null, into: Food | null): number | null {
  const [a, b] = [cupOf(from), cupOf(into)];
  return a === null || b === null ? null : b / a;
}
