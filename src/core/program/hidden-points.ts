import type { Food } from '../food/food.ts';
import { scaleProfile } from '../food/nutrients.ts';
import { servingOr100 } from '../food/serving-grams.ts';
import type { Program } from './program.ts';
import { rawOf } from './rule.ts';
import { isUncounted } from './uncounted.ts';

/** Points that are not counted because an eater's own list leaves a food out. */
export interface HiddenPoints {
  /** Of a household serving, unrounded. */
  readonly serving: number;
  readonly grams: number;
  /** Of a serving every day of a week. */
  readonly week: number;
}

const DAYS = 7;

/** What leaving a food uncounted hides; null where the program's own list leaves it out, or its rule counts nothing. */
export function hiddenPoints(food: Food, program: Program): HiddenPoints | null {
  if (isUncounted(food, program.list).uncounted) return null;
  const grams = servingOr100(food);
  const serving = rawOf(program.rule, scaleProfile(food.per100g, grams / 100));
  return serving < 0.05 ? null : { serving, grams, week: serving * DAYS };
}

/** The same in words; null where nothing is hidden. */
export function hiddenWords(food: Food, program: Program): string | null {
  const hidden = hiddenPoints(food, program);
  return (
    hidden &&
    `hides ${hidden.serving.toFixed(1)} points in ${Math.round(hidden.grams)} g; ${hidden.week.toFixed(1)} a week, of one a day`
  );
}
