import type { DaySum } from './sum-day.ts';
import type { Room } from './what-fits.ts';

/**
 * What is left of the aim of a meal, after what is on it: no more points than are left of the day, and the protein that
 * it still wants, in whole numbers on the safe side.
 *
 * @param on what the meal comes to so far
 * @param dayLeft the points left of the day; null where nobody counts them
 * @example roomOfMeal({ points: 12, kcal: null, protein: 30 }, soup, 20) // { points: 8, kcal: null, protein: 19 }
 */
export function roomOfMeal(
  aim: Room,
  on: Pick<DaySum, 'points'> & Readonly<Record<'kcal' | 'protein', Pick<DaySum['kcal'], 'value'>>>,
  dayLeft: number | null,
): Room {
  const ofAim = aim.points === null || on.points === null ? null : Math.max(0, aim.points - on.points);
  const protein = aim.protein === null ? 0 : aim.protein - on.protein.value;
  return {
    points: ofAim === null ? dayLeft : dayLeft === null ? ofAim : Math.min(ofAim, dayLeft),
    kcal: aim.kcal === null ? null : Math.max(0, Math.floor(aim.kcal - on.kcal.value)),
    protein: protein > 0 ? Math.ceil(protein) : null,
  };
}
