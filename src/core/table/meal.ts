/** A meal of the household's own making. */
export interface Meal {
  readonly id: string;
  readonly name: string;
  /** When, HH:MM; null where it has no time. */
  readonly time: string | null;
}

/** As most households have them, until they say otherwise. */
export const USUAL_MEALS: readonly Meal[] = [
  { id: 'meal-breakfast', name: 'Breakfast', time: '07:30' },
  { id: 'meal-lunch', name: 'Midday', time: '12:30' },
  { id: 'meal-supper', name: 'Evening', time: '18:30' },
  { id: 'meal-between', name: 'In between', time: null },
];

/**
 * The meal that is nearest to a time of the day; the first where none has a time.
 *
 * @param time HH:MM
 * @example mealAt(USUAL_MEALS, '13:10').name // 'Midday'
 */
export function mealAt(meals: readonly Meal[], time: string): Meal {
  const minutes = (t: string): number => Number(t.slice(0, 2)) * 60 + Number(t.slice(3));
  const timed = meals.filter((m) => m.time !== null);
  const off = (m: Meal): number => Math.abs(minutes(m.time!) - minutes(time));
  return timed.toSorted((a, b) => off(a) - off(b))[0] ?? meals[0] ?? USUAL_MEALS[0]!;
}

/** The meal of an id; what was in a meal that is gone stands in the last one. */
export const mealOf = (meals: readonly Meal[], id: string): Meal =>
  meals.find((m) => m.id === id) ?? meals[meals.length - 1] ?? USUAL_MEALS[0]!;
