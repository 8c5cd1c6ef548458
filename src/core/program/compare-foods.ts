import type { Food } from '../food/food.ts';
import { type NutrientProfile, scaleProfile } from '../food/nutrients.ts';
import { servingGrams } from '../food/serving-grams.ts';
import { exactly } from '../quantity/interval.ts';
import { type CountLine, count } from './count.ts';
import type { Counter } from './program.ts';

/** An amount at which foods are compared. */
export type CompareAt = 'serving' | '100g' | 'point';

/** One of the foods compared, at its amount. */
export interface ComparedFood {
  readonly food: Food;
  /** g; null when there is none: any amount of it counts nothing, or it has no household measure. */
  readonly grams: number | null;
  readonly profile: NutrientProfile | null;
  readonly kcal: number | null;
  /** Raw points for each counter, in the order given; null where there are no grams. */
  readonly raw: readonly number[] | null;
}

const lineOfGrams = (food: Food, grams: number): CountLine => ({
  id: food.id,
  label: food.name,
  parts: [{ food, grams, range: exactly(grams) }],
  open: false,
});

/** Raw points of an amount of one food. */
export const rawOfFood = (food: Food, grams: number, counter: Counter): number =>
  count([lineOfGrams(food, grams)], counter, { servings: 1 }).raw;

/** Grams of a food that are one raw point; null when no amount of it is. */
export function gramsPerPoint(food: Food, counter: Counter): number | null {
  const per100 = rawOfFood(food, 100, counter);
  return per100 > 1e-9 ? 100 / per100 : null;
}

/**
 * A food at an amount that it is compared at: a household serving, 100 g, or what makes one point.
 *
 * @param counters the first one decides what "a point" is.
 */
export function foodAt(food: Food, at: CompareAt, counters: readonly Counter[]): ComparedFood {
  const first = counters[0];
  const grams = at === '100g' ? 100 : at === 'serving' ? servingGrams(food) : first ? gramsPerPoint(food, first) : null;
  if (grams === null) return { food, grams, profile: null, kcal: null, raw: null };
  const profile = scaleProfile(food.per100g, grams / 100);
  return { food, grams, profile, kcal: profile.kcal.value, raw: counters.map((c) => rawOfFood(food, grams, c)) };
}
