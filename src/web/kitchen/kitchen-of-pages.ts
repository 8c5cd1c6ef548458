import type { RecipePage } from '../../contract/recipe.ts';
import type { Food } from '../../core/food/food.ts';
import { type Kitchen, kitchenOf } from '../../core/version/kitchen.ts';
import { learntFood } from '../data/learnt-foods.ts';

/** Everything that the versions of some recipes count with: foods in the revisions they name, recipes inside them. */
export function kitchenOfPages(pages: readonly RecipePage[], pantry: readonly Food[]): Kitchen {
  const kitchen = kitchenOf(
    [...pantry, ...pages.flatMap((p) => p.foods)],
    pages.flatMap((p) => p.inner.map((i) => i.version)),
  );
  return { ...kitchen, food: (id, revision) => kitchen.food(id, revision) ?? learntFood(id, revision) };
}
