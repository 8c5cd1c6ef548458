import type { PrepDish } from '../../core/prep/prep.ts';
import type { PrepTask } from '../../core/prep/prep-task.ts';

/** Where a task is cooked by; null where its dish was not begun. */
export function stovePath(h: string, dishes: readonly PrepDish[], task: PrepTask): string | null {
  const dish = dishes.find((d) => d.id === task.dishId);
  if (dish === undefined || dish.cookId === null) return null;
  const recipe = `/h/${h}/recipes/${dish.recipeId}`;
  return task.stepId === null ? `${recipe}/dish-up?cook=${dish.cookId}` : `${recipe}/cook/${dish.cookId}`;
}
