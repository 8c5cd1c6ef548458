import type { Food } from '../core/food/food.ts';
import { indexFoods } from '../core/food/match-food.ts';
import type { RecipeText } from '../core/page/recipe-text.ts';
import { asWritten } from '../core/version/as-written.ts';
import { lineOf } from '../core/version/line-of.ts';
import type { Version } from '../core/version/version.ts';
import { readIngredient } from '../core/weighing/read-ingredient.ts';
import { CliError } from './cli-error.ts';
import type { Flags } from './flags.ts';
import { foodsIn, systemOf } from './parse-command.ts';
import { recipeFromFile } from './score-command.ts';

/** A recipe of a file, read and weighed, with the pantry that it was read by. */
export interface RecipeFromFile {
  readonly recipe: RecipeText;
  readonly version: Version;
  food(id: string): Food | null;
}

/** Reads a recipe as its version as written. @param id of the recipe @throws CliError where there is none in it */
export function versionFromFile(text: string, id: string, flags: Flags): RecipeFromFile {
  const { recipe } = recipeFromFile(text, flags);
  if (recipe.steps.length === 0 && recipe.ingredients.length === 0)
    throw new CliError('There is no recipe in it.', 'Give ingredients and steps, each under its heading.');
  const foods = foodsIn(flags);
  const index = indexFoods(foods);
  const byId = new Map(foods.map((f) => [f.id, f]));
  const lines = recipe.ingredients.map((l, n) =>
    lineOf(readIngredient(l.text, l.group, index, systemOf(flags)), `line-${n}`),
  );
  const { servings, steps } = recipe;
  const version = asWritten({ id, recipeId: id, servings, lines, steps, stepId: (n) => `step-${n}` });
  return { recipe, version, food: (foodId) => byId.get(foodId) ?? null };
}
