/** What somebody aims for at a meal; null where nothing is aimed for. */
export interface MealAim {
  readonly eaterId: string;
  /** The most points. */
  readonly points: number | null;
  /** The most energy. */
  readonly kcal: number | null;
  /** The least protein, g. */
  readonly protein: number | null;
}

/** A meal of the household's own making. */
export interface Meal {
  readonly id: string;
  readonly name: string;
  /** When, HH:MM; null where it has no time. */
  readonly time: string | null;
  /** One at most for each eater. */
  readonly aims: readonly MealAim[];
}

/** As most households have them, until they say otherwise. */
export const USUAL_MEALS: readonly Meal[] = [
  { id: 'meal-breakfast', name: 'Breakfast', time: '07:30', aims: [] },
  { id: 'meal-lunch', name: 'Midday', time: '12:30', aims: [] },
  { id: 'meal-supper', name: 'Evening', time: '18:30', aims: [] },
  { id: 'meal-between', name: 'In between', time: null, aims: [] },
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

/** What somebody aims for at a meal; nothing where nobody said. */
export const mealAim = (meal: Meal, eaterId: string): MealAim =>
  meal.aims.find((a) => a.eaterId === eaterId) ?? { eaterId, points: null, kcal: null, protein: null };

/** A meal with another aim of somebody's; one that aims for nothing is none. */
export function withMealAim(meal: Meal, aim: MealAim): Meal {
  const others = meal.aims.filter((a) => a.eaterId !== aim.eaterId);
  const isNone = aim.points === null && aim.kcal === null && aim.protein === null;
  return { ...meal, aims: isNone ? others : [...others, aim] };
}

/**
 * The meal that something is for where nobody said which.
 *
 * @param filled the ids of the meals on which something was put
 * @param time HH:MM where the day is today; null for another day
 */
export function nextMeal(meals: readonly Meal[], filled: readonly string[], time: string | null): Meal {
  if (time !== null) return mealAt(meals, time);
  const timed = meals.filter((m) => m.time !== null);
  return timed.find((m) => !filled.includes(m.id)) ?? timed.at(-1) ?? mealAt(meals, '12:00');
}
