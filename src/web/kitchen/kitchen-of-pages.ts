import type { RecipePage } from '../../contract/recipe.ts';
import type { Food } from '../../core/food/food.ts';
import type { Kitchen } from '../../core/version/kitchen.ts';
import { learntFood } from '../data/learnt-foods.ts';

/** Everything that the versions of some recipes count with: foods in the revisions they name, recipes inside them. */
export function kitchenOfPages(pages: readonly RecipePage[], pantry: readonly Food[]): Kitchen {
  const foods = new Map([...pantry, ...pages.flatMap((p) => p.foods)].map((f) => [`${f.id}@${f.revision}`, f]));
  const inner = new Map(pages.flatMap((p) => p.inner).map((i) => [i.version.id, i.version]));
  return {
    food: (id, revision) => foods.get(`${id}@${revision}`) ?? learntFood(id, revision),
    version: (id) => inner.get(id) ?? null,
  };
}
