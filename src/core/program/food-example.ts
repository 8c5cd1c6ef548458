import type { Food } from '../food/food.ts';
import { scaleProfile } from '../food/nutrients.ts';
import { rawOfFood } from './compare-foods.ts';
import type { Counter } from './program.ts';
import { roundPoints, type Term, termsOf } from './rule.ts';
import { isUncounted, type Listing } from './uncounted.ts';

/** An amount of one food, worked out term by term. */
export interface FoodExample {
  /** What each nutrient adds by the rule, whether or not the food is counted. */
  readonly terms: readonly Term[];
  /** Whether it counts at all, and which entry says so. */
  readonly listing: Listing;
  /** Unrounded points as they are counted: 0 for an uncounted food, a pin's where there is one. */
  readonly raw: number;
  readonly points: number;
}

/**
 * Works a food out under a program, for a cook who wants to follow it.
 *
 * @param grams g of the food
 */
export function exampleOf(food: Food, grams: number, counter: Counter): FoodExample {
  const { rule, list } = counter.program;
  const raw = rawOfFood(food, grams, counter);
  return {
    terms: termsOf(rule, scaleProfile(food.per100g, grams / 100)),
    listing: isUncounted(food, list, counter.exceptions),
    raw,
    points: roundPoints(raw, rule),
  };
}
