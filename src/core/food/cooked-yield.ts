import type { Food } from './food.ts';

/** How many times its dry weight a food weighs cooked: common practice. The first pattern that fits the id decides. */
const YIELDS: ReadonlyArray<readonly [RegExp, number]> = [
  [/^(?:pasta|egg-noodles|lasagne|ramen)/, 2.25],
  [/^(?:rice-noodles)/, 2.5],
  [/^(?:rice|millet|quinoa|buckwheat$)/, 2.8],
  [/^(?:barley|farro|bulgur|oats|cornmeal)/, 3],
  [/^couscous/, 2.5],
  [/^(?:lentils|beans|chickpeas|peas-split|mung)/, 2.4],
  [/^textured-soya/, 3],
  [/^mushroom-dried/, 5],
];
/** What a cup of a cooked grain or pulse weighs, g for each ml: common practice, about 180 g a cup. */
export const COOKED_DENSITY = 0.76;

/** How many times its dry weight a dry food weighs when it is cooked; null for what is not cooked in water. */
export function cookedYield(food: Pick<Food, 'id' | 'state'>): number | null {
  if (food.state !== 'dry') return null;
  return YIELDS.find(([id]) => id.test(food.id))?.[1] ?? null;
}
