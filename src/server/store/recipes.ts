import {
  ClaimSchema,
  CreditSchema,
  type NewRecipe,
  type Recipe,
  type RecipePage,
  RecipeSchema,
  type RecipeSummary,
  type VersionPage,
} from '../../contract/recipe.ts';
import { EntrySchema } from '../../contract/version.ts';
import { plainCounter } from '../../core/program/program.ts';
import { countVersion } from '../../core/recipe/count-version.ts';
import { applyEntry, type Entry, EntryConflict } from '../../core/recipe/entry.ts';
import { makesCircle } from '../../core/recipe/resolve-lines.ts';
import type { Version } from '../../core/recipe/version.ts';
import type { Db } from '../db/open.ts';
import type { Database } from '../db/schema.ts';
import { notFound, ProblemError } from '../http/problem.ts';
import { cardLinksOf } from './cards.ts';
import { foodsByRevision } from './foods.ts';
import { programsInUse, tableOf } from './households.ts';
import { fromJson, toJson } from './json-column.ts';
import { innerVersions, kitchenFor, versionOf } from './kitchen.ts';

const recipeOf = (r: Database['recipe']): Recipe =>
  RecipeSchema.parse({
    id: r.id,
    title: r.title,
    credit: fromJson(CreditSchema, r.credit),
    claims: fromJson(ClaimSchema.array(), r.claims),
    notes: r.notes,
    revision: r.revision,
  });

/** @throws ProblemError 404 */
export async function recipeRow(db: Db, id: string): Promise<Database['recipe']> {
  const row = await db.selectFrom('recipe').selectAll().where('id', '=', id).executeTakeFirst();
  if (!row) throw notFound('recipe');
  return row;
}

export async function versionsOf(db: Db, recipeId: string): Promise<Version[]> {
  const rows = await db
    .selectFrom('version')
    .selectAll()
    .where('recipe_id', '=', recipeId)
    .orderBy('created_at')
    .orderBy('id')
    .execute();
  return rows.map(versionOf);
}

/** @throws ProblemError 404 */
export async function getVersion(db: Db, id: string): Promise<Version> {
  const row = await db.selectFrom('version').selectAll().where('id', '=', id).executeTakeFirst();
  if (!row) throw notFound('version');
  return versionOf(row);
}

const versionRow = (v: Version, now: string): Database['version'] => ({
  id: v.id,
  recipe_id: v.recipeId,
  parent_id: v.parentId,
  kind: v.kind,
  name: v.name,
  servings: v.servings,
  lines: toJson(v.lines),
  steps: toJson(v.steps),
  revision: v.revision,
  created_at: now,
});

async function refuseCircles(db: Db, version: Version): Promise<void> {
  const inner = await innerVersions(db, [version]);
  const kitchen = { food: () => null, version: (id: string) => inner.find((v) => v.id === id) ?? null };
  for (const line of version.lines) {
    if (line.food.kind !== 'recipe') continue;
    const taken = kitchen.version(line.food.versionId);
    if (taken === null)
      throw new ProblemError(422, 'A line takes from a recipe that is not there.', 'Choose another food for it.');
    if (makesCircle(version.recipeId, taken, kitchen)) {
      throw new ProblemError(
        422,
        'The recipes would contain each other.',
        'A recipe cannot take from one that takes from it. Choose another food for the line.',
      );
    }
  }
}

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

const conflict = (): ProblemError =>
  new ProblemError(412, 'This was changed elsewhere in the meantime.', 'Look at both copies and choose, or keep both.');

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

/** Adds a lightened version, made from one of the recipe's. A repeated request adds nothing. */
export async function addVersion(db: Db, recipeId: string, version: Version, now: string): Promise<Version> {
  await recipeRow(db, recipeId);
  const have = await db.selectFrom('version').selectAll().where('id', '=', version.id).executeTakeFirst();
  if (have) {
    if (have.recipe_id !== recipeId) throw notFound('version');
    return versionOf(have);
  }
  const parent =
    version.parentId === null ? undefined : (await versionsOf(db, recipeId)).find((v) => v.id === version.parentId);
  if (version.recipeId !== recipeId || version.kind === 'asWritten' || !parent) {
    throw new ProblemError(422, 'A new version must be made from one of this recipe.');
  }
  await refuseCircles(db, version);
  await db
    .insertInto('version')
    .values(versionRow({ ...version, revision: 0 }, now))
    .execute();
  return getVersion(db, version.id);
}

/** Removes a version other than the one as written. */
export async function removeVersion(db: Db, id: string): Promise<void> {
  const version = await getVersion(db, id);
  if (version.kind === 'asWritten')
    throw new ProblemError(409, 'The version as written stays.', 'Remove the whole recipe instead.');
  await db.deleteFrom('version').where('id', '=', id).execute();
}

export async function versionPage(db: Db, id: string): Promise<VersionPage> {
  const version = await getVersion(db, id);
  const rows = await db.selectFrom('entry').select('body').where('version_id', '=', id).orderBy('seq').execute();
  return { version, entries: rows.map((r) => fromJson(EntrySchema, r.body)) };
}

/**
 * Appends an entry to a version's history and applies it, in one transaction. The entry's id makes it idempotent.
 *
 * @throws ProblemError 412 when the version is not at `expected` any more, 409 when the entry does not fit it.
 */
export async function appendEntry(
  db: Db,
  versionId: string,
  expected: number,
  entry: Entry,
  now: string,
): Promise<Version> {
  const seen = await db.selectFrom('entry').select('version_id').where('id', '=', entry.id).executeTakeFirst();
  const version = await getVersion(db, versionId);
  if (seen) {
    if (seen.version_id !== versionId) throw notFound('version');
    return version;
  }
  if (version.revision !== expected) throw conflict();
  let next: Version;
  try {
    next = applyEntry(version, entry);
  } catch (e) {
    if (e instanceof EntryConflict)
      throw new ProblemError(
        409,
        'This change does not fit the recipe as it is now.',
        'Load the recipe again and repeat the change.',
      );
    throw e;
  }
  if (next.lines.length > 400)
    throw new ProblemError(422, 'A version holds at most 400 lines.', 'Split the recipe into two.');
  if (entry.changes.some((c) => c.kind === 'line' && c.after?.food.kind === 'recipe')) await refuseCircles(db, next);
  await db.transaction().execute(async (t) => {
    const done = await t
      .updateTable('version')
      .set({
        name: next.name,
        servings: next.servings,
        lines: toJson(next.lines),
        steps: toJson(next.steps),
        revision: next.revision,
      })
      .where('id', '=', versionId)
      .where('revision', '=', expected)
      .executeTakeFirst();
    if (done.numUpdatedRows !== 1n) throw conflict();
    await t
      .insertInto('entry')
      .values({ id: entry.id, version_id: versionId, seq: next.revision, body: toJson(entry), created_at: now })
      .execute();
    await t.updateTable('recipe').set({ changed_at: now }).where('id', '=', version.recipeId).execute();
  });
  return next;
}

/** A recipe with all its versions, cards, and the recipes it takes from. */
export async function recipePage(db: Db, id: string, publicUrl: string): Promise<RecipePage> {
  const recipe = recipeOf(await recipeRow(db, id));
  const versions = await versionsOf(db, id);
  const inner = await innerVersions(db, versions);
  const refs = [...versions, ...inner].flatMap((v) => v.lines).flatMap((l) => (l.food.kind === 'food' ? [l.food] : []));
  const titles = new Map<string, string>();
  for (const v of inner) titles.set(v.id, (await recipeRow(db, v.recipeId)).title);
  return {
    recipe,
    versions,
    cards: await cardLinksOf(db, id, publicUrl),
    inner: inner.map((version) => ({ version, title: titles.get(version.id) ?? '' })),
    foods: [...(await foodsByRevision(db, refs)).values()],
  };
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
          .whereRef('version.recipe_id', '=', 'recipe.id')
          .where('version.lines', 'like', `%"foodId":${JSON.stringify(foodId)}%`),
      ),
    )
    .orderBy('recipe.title')
    .execute();
}

/** The recipes of a household, newest first, each with the count of its latest version beside that as written. */
export async function recipeSummaries(db: Db, householdId: string): Promise<RecipeSummary[]> {
  const table = await tableOf(db, householdId);
  const programs = programsInUse(table);
  const counters = programs.map((p) => plainCounter(p, table.pins));
  const recipes = await db
    .selectFrom('recipe')
    .selectAll()
    .where('household_id', '=', householdId)
    .orderBy('changed_at', 'desc')
    .orderBy('id')
    .execute();
  const rows = await db
    .selectFrom('version')
    .innerJoin('recipe', 'recipe.id', 'version.recipe_id')
    .selectAll('version')
    .where('recipe.household_id', '=', householdId)
    .orderBy('version.created_at')
    .orderBy('version.id')
    .execute();
  const versions = rows.map(versionOf);
  const kitchen = await kitchenFor(db, versions);
  return recipes.map((row) => {
    const recipe = recipeOf(row);
    const own = versions.filter((v) => v.recipeId === row.id);
    const asWritten = own.find((v) => v.kind === 'asWritten')!;
    const latest = own.filter((v) => v.kind === 'lightened').pop() ?? asWritten;
    const now = countVersion(latest, kitchen, counters);
    const was = latest === asWritten ? null : countVersion(asWritten, kitchen, counters);
    return {
      id: recipe.id,
      title: recipe.title,
      author: recipe.credit.author,
      servings: latest.servings,
      open: now.open.length,
      versionId: latest.id,
      versionName: latest.name,
      versions: own.length,
      kcal: now.perServing.kcal.value,
      servingGrams: now.servingGrams,
      programs: programs.map((p, i) => ({
        mark: p.mark,
        points: now.counts[i]!.points,
        was: was?.counts[i]!.points ?? null,
      })),
    };
  });
}
