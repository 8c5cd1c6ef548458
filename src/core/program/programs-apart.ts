import { countsNothing, type Food } from '../food/food.ts';
import { servingOr100 } from '../food/serving-grams.ts';
import { rawOfFood } from './compare-foods.ts';
import type { Counter } from './program.ts';
import { roundPoints } from './rule.ts';

/** A serving of a food under two programs. */
export interface FoodApart {
  readonly food: Food;
  /** What is counted, g: a household serving, 100 g where it has none or one for many. */
  readonly grams: number;
  /** Rounded, under the one and the other. */
  readonly points: readonly [number, number];
}

/**
 * Where two programs part: a serving of every food under both, the furthest apart first. What has nothing to count is
 * left out.
 */
export function programsApart(foods: readonly Food[], one: Counter, other: Counter): FoodApart[] {
  const points = (food: Food, grams: number, counter: Counter): number =>
    roundPoints(rawOfFood(food, grams, counter), counter.program.rule);
  return foods
    .filter((f) => !countsNothing(f))
    .map((food): FoodApart => {
      const grams = servingOr100(food);
      return { food, grams, points: [points(food, grams, one), points(food, grams, other)] };
    })
    .sort(
      (a, b) =>
        Math.abs(b.points[0] - b.points[1]) - Math.abs(a.points[0] - a.points[1]) ||
        a.food.name.localeCompare(b.food.name),
    );
}
