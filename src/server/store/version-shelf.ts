import { VersionChangeSchema, VersionSchema } from '../../contract/version.ts';
import { invalid, notFound, wasRemoved } from '../../core/errors.ts';
import { type Change, VERSION_KIND } from '../../core/version/entry.ts';
import type { Version } from '../../core/version/version.ts';
import { versionOf, versionRow } from './kitchen.ts';
import { nowOf, recount } from './scope.ts';
import type { Shelf } from './shelf.ts';
import { toJson } from './stored.ts';
import { indexVersion } from './version-index.ts';
import { checkLines, refuseWhileUsed } from './versions.ts';

/** The versions of recipes. */
export const VERSIONS: Shelf<Version, Change> = {
  name: 'versions',
  what: 'version',
  kind: VERSION_KIND,
  schema: VersionSchema,
  change: VersionChangeSchema,
  first: 0,
  find: async (s, id) => {
    const row = await s.db
      .selectFrom('version')
      .selectAll()
      .where('household_id', '=', s.householdId)
      .where('id', '=', id)
      .executeTakeFirst();
    return row === undefined
      ? null
      : { document: versionOf(row), revision: row.revision, removed: row.removed_at !== null };
  },
  insert: async (s, id, version) => {
    const taken = await s.db.selectFrom('version').select('id').where('id', '=', id).executeTakeFirst();
    if (taken) throw notFound('version');
    await s.db
      .insertInto('version')
      .values(versionRow(s, { ...version, revision: 0 }, nowOf(s)))
      .execute();
  },
  update: async (s, id, version, revision) => {
    const { lines, steps, v, name, servings, dish } = versionRow(s, version, '');
    await s.db
      .updateTable('version')
      .set({ name, servings, dish, lines, steps, v, revision })
      .where('household_id', '=', s.householdId)
      .where('id', '=', id)
      .execute();
  },
  mark: async (s, id, removed_at, revision) => {
    await s.db
      .updateTable('version')
      .set({ removed_at, revision })
      .where('household_id', '=', s.householdId)
      .where('id', '=', id)
      .execute();
  },
  check: async (s, _id, after, before) => {
    if (before === null) {
      const recipe = await s.db
        .selectFrom('recipe')
        .select('removed_at')
        .where('household_id', '=', s.householdId)
        .where('id', '=', after.recipeId)
        .executeTakeFirst();
      if (recipe === undefined) throw notFound('recipe');
      if (recipe.removed_at !== null) throw wasRemoved('recipe');
      const parent = await s.db
        .selectFrom('version')
        .select('id')
        .where('household_id', '=', s.householdId)
        .where('recipe_id', '=', after.recipeId)
        .where('id', '=', after.parentId ?? '')
        .executeTakeFirst();
      if (after.kind !== 'asWritten' && parent === undefined)
        throw invalid('A new version must be made from one of this recipe.');
    }
    await checkLines(s, after, before);
  },
  checkRemoval: (s, _id, version) => refuseWhileUsed(s, version),
  follow: async (s, _id, before, after) => {
    const { recipeId } = (after ?? before)!;
    if (after !== null && toJson(before?.lines) !== toJson(after.lines)) await indexVersion(s, after);
    await s.db
      .updateTable('recipe')
      .set({ changed_at: nowOf(s) })
      .where('id', '=', recipeId)
      .execute();
    recount(s, [recipeId]);
  },
};
