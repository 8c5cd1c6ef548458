import { ClaimSchema, CreditSchema, type NewRecipe, type Recipe, RecipeSchema } from '../../contract/recipe.ts';
import { VersionSchema } from '../../contract/version.ts';
import { invalid, notFound } from '../../core/errors.ts';
import type { RowOf } from '../db/schema.ts';
import { versionRow } from './kitchen.ts';
import { note, nowOf, recount, type Scope } from './scope.ts';
import { checked, fromJson, toJson } from './stored.ts';
import { indexVersion } from './version-index.ts';
import { checkLines } from './versions.ts';
import { write } from './write.ts';

export const recipeOf = (r: RowOf<'recipe'>): Recipe =>
  RecipeSchema.parse({
    id: r.id,
    title: r.title,
    credit: fromJson(CreditSchema, r.credit),
    claims: fromJson(ClaimSchema.array(), r.claims),
    notes: r.notes,
    revision: r.revision,
  });

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

/** Adds a recipe with its version as written. The same id twice is the same recipe: a repeated request adds nothing. */
export function addRecipe(scope: Scope, recipe: NewRecipe): Promise<void> {
  return write(scope, async (s) => {
    const { asWritten } = recipe;
    if (asWritten.recipeId !== recipe.id || asWritten.kind !== 'asWritten' || asWritten.parentId !== null)
      throw invalid('The first version must be the one as written.');
    const have = await s.db.selectFrom('recipe').select('household_id').where('id', '=', recipe.id).executeTakeFirst();
    if (have) {
      if (have.household_id !== s.householdId) throw notFound('recipe');
      return;
    }
    const version = checked(VersionSchema, { ...asWritten, revision: 0 });
    await checkLines(s, version, null);
    const now = nowOf(s);
    await s.db
      .insertInto('recipe')
      .values({
        id: recipe.id,
        household_id: s.householdId,
        title: recipe.title,
        credit: toJson(recipe.credit),
        claims: toJson(recipe.claims),
        notes: recipe.notes,
        revision: 0,
        created_at: now,
        changed_at: now,
      })
      .execute();
    const taken = await s.db.selectFrom('version').select('id').where('id', '=', version.id).executeTakeFirst();
    if (taken) throw invalid('The version has the id of another one.', 'Give it an id of its own.');
    await s.db
      .insertInto('version')
      .values(versionRow(s, version, now))
      .execute();
    await indexVersion(s, version);
    recount(s, [recipe.id]);
    note(s, 'recipes', recipe.id, 0);
  });
}

/** The recipes that take from a recipe, by title. */
export async function usersOfRecipe(s: Scope, recipeId: string): Promise<string[]> {
  const rows = await s.db
    .selectFrom('version_inner')
    .innerJoin('version', 'version.id', 'version_inner.version_id')
    .innerJoin('recipe', 'recipe.id', 'version.recipe_id')
    .select('recipe.title')
    .distinct()
    .where('version_inner.inner_recipe_id', '=', recipeId)
    .where('recipe.household_id', '=', s.householdId)
    .where('recipe.id', '!=', recipeId)
    .where('recipe.removed_at', 'is', null)
    .where('version.removed_at', 'is', null)
    .orderBy('recipe.title')
    .execute();
  return rows.map((r) => `"${r.title}"`);
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
