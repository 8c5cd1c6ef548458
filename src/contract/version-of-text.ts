import type { FoodIndex } from '../core/food/match-food.ts';
import { MOST_INGREDIENTS } from '../core/page/recipe-limits.ts';
import type { RecipeText } from '../core/page/recipe-text.ts';
import type { MeasureSystem } from '../core/quantity/measure-system.ts';
import { asWritten } from '../core/version/as-written.ts';
import { lineOf } from '../core/version/line-of.ts';
import type { Version } from '../core/version/version.ts';
import { readIngredient } from '../core/weighing/read-ingredient.ts';
import { withExpectedLosses } from '../core/yield/expected-loss.ts';

/** Ids for what a recipe is made of. */
export interface TextIds {
  readonly recipeId: string;
  readonly versionId: string;
  line(place: number): string;
  step(place: number): string;
}

/** A recipe with its lines read and weighed: the version that it is brought in as. */
export function versionOfText(text: RecipeText, foods: FoodIndex, measures: MeasureSystem, ids: TextIds): Version {
  const byId = new Map(foods.foods.map((f) => [f.id, f]));
  const lines = text.ingredients
    .slice(0, MOST_INGREDIENTS)
    .map((i, n) => lineOf(readIngredient(i.text, i.group, foods, measures), ids.line(n)));
  const written = asWritten({
    id: ids.versionId,
    recipeId: ids.recipeId,
    servings: text.servings,
    lines,
    steps: text.steps,
    stepId: ids.step,
  });
  return withExpectedLosses(written, (id) => byId.get(id) ?? null, text.title ?? '');
}
