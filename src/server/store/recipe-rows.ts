import { CreditSchema } from '../../contract/credit.ts';
import { PassOnSchema } from '../../contract/pass-on.ts';
import { ClaimSchema, type Recipe, RecipeFactsSchema, RecipeSchema, SettledSchema } from '../../contract/recipe.ts';
import { USUAL_PASS_ON } from '../../core/card/pass-on.ts';
import { notFound } from '../../core/errors.ts';
import { NO_FACTS } from '../../core/page/recipe-text.ts';
import type { RowOf } from '../db/schema.ts';
import type { Scope } from './scope.ts';
import { fromJson } from './stored.ts';

export const recipeOf = (r: RowOf<'recipe'>): Recipe =>
  RecipeSchema.parse({
    id: r.id,
    title: r.title,
    credit: fromJson(CreditSchema, r.credit),
    claims: fromJson(ClaimSchema.array(), r.claims),
    notes: r.notes,
    facts: factsKept(r.facts),
    settled: fromJson(SettledSchema, r.settled),
    shownVersionId: r.shown_version_id,
    favourite: r.favourite === 1,
    passOn: passOnKept(r.pass_on),
    revision: r.revision,
  });

/** Facts as they are kept; a recipe from before they were read has none. */
const factsKept = (stored: string) => (stored === '{}' ? NO_FACTS : fromJson(RecipeFactsSchema, stored));

/** What was chosen to pass on; of a recipe of which nobody chose anything, everything. */
export const passOnKept = (stored: string) => (stored === '{}' ? USUAL_PASS_ON : fromJson(PassOnSchema, stored));

/** @throws DomainError not-found, also for one that was removed */
export async function getRecipe(s: Scope, id: string): Promise<Recipe> {
  const row = await s.db
    .selectFrom('recipe')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('id', '=', id)
    .where('removed_at', 'is', null)
    .executeTakeFirst();
  if (!row) throw notFound('recipe');
  return recipeOf(row);
}

/** The recipes of a household that have a food in any of their versions. */
export async function recipesUsing(s: Scope, foodId: string): Promise<{ id: string; title: string }[]> {
  return s.db
    .selectFrom('recipe')
    .select(['recipe.id', 'recipe.title'])
    .where('recipe.household_id', '=', s.householdId)
    .where('recipe.removed_at', 'is', null)
    .where(({ exists, selectFrom }) =>
      exists(
        selectFrom('version')
          .select('version.id')
          .innerJoin('version_food', 'version_food.version_id', 'version.id')
          .whereRef('version.recipe_id', '=', 'recipe.id')
          .where('version.removed_at', 'is', null)
          .where('version_food.food_id', '=', foodId),
      ),
    )
    .orderBy('recipe.title')
    .execute();
}

/** In how many recipes of the household each food is, as they are written. What is in none is not among them. */
export async function foodsInRecipes(s: Scope): Promise<{ foodId: string; recipes: number }[]> {
  return s.db
    .selectFrom('recipe')
    .innerJoin('version', 'version.recipe_id', 'recipe.id')
    .innerJoin('version_food', 'version_food.version_id', 'version.id')
    .select((e) => ['version_food.food_id as foodId', e.fn.countAll<number>().as('recipes')])
    .where('recipe.household_id', '=', s.householdId)
    .where('recipe.removed_at', 'is', null)
    .where('version.kind', '=', 'asWritten')
    .groupBy('version_food.food_id')
    .execute();
}
