import type { NewRecipe, Recipe } from '../../contract/recipe.ts';
import type { Db } from '../db/open.ts';
import { notFound, ProblemError } from '../http/problem.ts';
import { toJson } from './json-column.ts';
import { recipeOf, recipeRow } from './recipe-row.ts';
import { noteFoods } from './version-foods.ts';
import { conflict, refuseCircles, versionRow } from './versions.ts';

/** Adds a recipe with its version as written. The same id twice is the same recipe: a repeated request adds nothing. */
export async function addRecipe(db: Db, householdId: string, recipe: NewRecipe, now: string): Promise<void> {
  const { asWritten } = recipe;
  if (asWritten.recipeId !== recipe.id || asWritten.kind !== 'asWritten' || asWritten.parentId !== null) {
    throw new ProblemError(422, 'The first version must be the one as written.');
  }
  const have = await db.selectFrom('recipe').select('household_id').where('id', '=', recipe.id).executeTakeFirst();
  if (have) {
    if (have.household_id !== householdId) throw notFound('recipe');
    return;
  }
  await refuseCircles(db, asWritten);
  await db.transaction().execute(async (t) => {
    await t
      .insertInto('recipe')
      .values({
        id: recipe.id,
        household_id: householdId,
        title: recipe.title,
        credit: toJson(recipe.credit),
        claims: toJson(recipe.claims),
        notes: recipe.notes,
        revision: 0,
        created_at: now,
        changed_at: now,
      })
      .execute();
    await t
      .insertInto('version')
      .values(versionRow({ ...asWritten, revision: 0 }, now))
      .execute();
    await noteFoods(t, asWritten);
  });
}

export async function changeRecipe(
  db: Db,
  id: string,
  expected: number,
  change: { title?: string; credit?: Recipe['credit'] },
  now: string,
): Promise<Recipe> {
  const row = await recipeRow(db, id);
  if (row.revision !== expected) throw conflict();
  await db
    .updateTable('recipe')
    .set({
      ...(change.title && { title: change.title }),
      ...(change.credit && { credit: toJson(change.credit) }),
      revision: row.revision + 1,
      changed_at: now,
    })
    .where('id', '=', id)
    .where('revision', '=', expected)
    .execute();
  return recipeOf(await recipeRow(db, id));
}

/** Removes a recipe, unless another takes from it. */
export async function removeRecipe(db: Db, id: string): Promise<void> {
  const row = await recipeRow(db, id);
  const users = await db
    .selectFrom('version')
    .innerJoin('recipe', 'recipe.id', 'version.recipe_id')
    .select('recipe.title')
    .where('recipe.household_id', '=', row.household_id)
    .where('recipe.id', '!=', id)
    .where('version.lines', 'like', `%"recipeId":"${id}"%`)
    .executeTakeFirst();
  if (users)
    throw new ProblemError(
      409,
      'Another recipe takes from this one.',
      `"${users.title}" uses it. Change that line first.`,
    );
  await db.deleteFrom('recipe').where('id', '=', id).execute();
}

/** The recipes of a household that have a food in any of their versions. */
export async function recipesUsing(
  db: Db,
  householdId: string,
  foodId: string,
): Promise<{ id: string; title: string }[]> {
  return db
    .selectFrom('recipe')
    .select(['recipe.id', 'recipe.title'])
    .where('recipe.household_id', '=', householdId)
    .where(({ exists, selectFrom }) =>
      exists(
        selectFrom('version')
          .select('version.id')
          .innerJoin('version_food', 'version_food.version_id', 'version.id')
          .whereRef('version.recipe_id', '=', 'recipe.id')
          .where('version_food.food_id', '=', foodId),
      ),
    )
    .orderBy('recipe.title')
    .execute();
}
