import { type Meal, mealOf } from '../table/meal.ts';
import type { CountedEntry } from './eater-week.ts';

/** A row of a week as a table: what stands in it, under the names of its columns. */
export type WeekRow = Readonly<Record<string, string | number | null>>;

/** Days as the rows of a table, one for everything that is on them; what is not known is left empty. */
export function weekRows(
  entries: readonly CountedEntry[],
  meals: readonly Meal[],
  nameOf: (eaterId: string) => string,
): WeekRow[] {
  return entries
    .toSorted(
      (a, b) =>
        a.entry.day.localeCompare(b.entry.day) || nameOf(a.entry.eaterId).localeCompare(nameOf(b.entry.eaterId), 'en'),
    )
    .map(({ entry, count }) => ({
      day: entry.day,
      eater: nameOf(entry.eaterId),
      meal: mealOf(meals, entry.meal).name,
      what: entry.words,
      portion: entry.portion,
      state: entry.state,
      points: count.points,
      points_low: count.low,
      points_high: count.high,
      kcal: rounded(count.kcal, 0),
      protein_g: rounded(count.protein, 1),
      fibre_g: rounded(count.fibre, 1),
      sodium_mg: rounded(count.sodium, 0),
    }));
}

const rounded = (n: number | null, digits: number): number | null => (n === null ? null : Number(n.toFixed(digits)));
