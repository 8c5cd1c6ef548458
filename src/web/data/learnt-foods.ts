import type { Food } from '../../core/food/food.ts';

/**
 * Foods that this page has met beyond those it works with: of the pantry when a line was read, of a label that was just
 * copied. A line that names one counts at once, before the server has heard of it.
 */
const byRevision = new Map<string, Food>();
const newest = new Map<string, Food>();

export function learnFoods(foods: readonly Food[]): void {
  for (const food of foods) {
    byRevision.set(`${food.id}@${food.revision}`, food);
    const had = newest.get(food.id);
    if (had === undefined || had.revision <= food.revision) newest.set(food.id, food);
  }
}

export const learntFood = (id: string, revision: number): Food | null => byRevision.get(`${id}@${revision}`) ?? null;
export const newestLearntFood = (id: string): Food | null => newest.get(id) ?? null;
