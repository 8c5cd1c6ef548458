import type { VersionPage } from '../../contract/recipe.ts';
import { EntrySchema } from '../../contract/version.ts';
import { applyEntry, type Entry, EntryConflict } from '../../core/recipe/entry.ts';
import { makesCircle } from '../../core/recipe/resolve-lines.ts';
import type { Version } from '../../core/recipe/version.ts';
import type { Db } from '../db/open.ts';
import type { Database } from '../db/schema.ts';
import { notFound, ProblemError } from '../http/problem.ts';
import { fromJson, toJson } from './json-column.ts';
import { innerVersions, versionOf } from './kitchen.ts';
import { recipeRow } from './recipe-row.ts';
import { noteFoods } from './version-foods.ts';

export const versionRow = (v: Version, now: string): Database['version'] => ({
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

export async function refuseCircles(db: Db, version: Version): Promise<void> {
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
  await db.transaction().execute(async (t) => {
    await t
      .insertInto('version')
      .values(versionRow({ ...version, revision: 0 }, now))
      .execute();
    await noteFoods(t, version);
  });
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

export const conflict = (): ProblemError =>
  new ProblemError(412, 'This was changed elsewhere in the meantime.', 'Look at both copies and choose, or keep both.');

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
    if (entry.changes.some((c) => c.kind === 'line')) await noteFoods(t, next);
    await t.updateTable('recipe').set({ changed_at: now }).where('id', '=', version.recipeId).execute();
  });
  return next;
}
