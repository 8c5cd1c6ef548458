import { inUse } from '../../core/errors.ts';
import type { Household } from '../../core/table/table.ts';
import { householdOf } from './household-shelf.ts';
import type { StoreContext } from './scope.ts';
import { readable, toJson } from './stored.ts';

/** The households of this installation, in the order in which they were made. */
export async function listHouseholds({ db }: Pick<StoreContext, 'db'>): Promise<Household[]> {
  const rows = await db
    .selectFrom('household')
    .selectAll()
    .where('removed_at', 'is', null)
    .orderBy('created_at')
    .execute();
  return readable(rows, (r) => `household ${r.id}`, householdOf);
}

/** The time zone of a household; null where there is no such household. */
export async function zoneOf({ db }: Pick<StoreContext, 'db'>, id: string): Promise<string | null> {
  const row = await db
    .selectFrom('household')
    .select('zone')
    .where('id', '=', id)
    .where('removed_at', 'is', null)
    .executeTakeFirst();
  return row?.zone ?? null;
}

/** Whether nobody has an id for a household, not even one that was removed. */
export async function isFree({ db }: Pick<StoreContext, 'db'>, id: string): Promise<boolean> {
  const had = await db.selectFrom('household').select('id').where('id', '=', id).executeTakeFirst();
  return had === undefined;
}

/** Adds a household. The same id again adds nothing. How hot its oven runs is measured later, and its meals are the usual ones. */
export async function addHousehold(
  { db }: Pick<StoreContext, 'db'>,
  household: Omit<Household, 'ovenRunsHot' | 'meals' | 'aims' | 'upwards'>,
  now: string,
): Promise<void> {
  const { sourceWords, demo, ...columns } = household;
  await db
    .insertInto('household')
    .values({ ...columns, demo: demo ? 1 : 0, source_words: toJson(sourceWords), created_at: now, revision: 1 })
    .onConflict((c) => c.column('id').doNothing())
    .execute();
}

/**
 * Removes the demo household with all that is in it, and nothing else: a mark, with a way back until it is purged.
 *
 * @returns the ids of what was removed
 * @throws DomainError in-use when a recipe of another household takes from it, by name
 */
export async function removeDemo({ db }: Pick<StoreContext, 'db'>, now: string): Promise<string[]> {
  return db.transaction().execute(async (t) => {
    const users = await t
      .selectFrom('version_inner')
      .innerJoin('version', 'version.id', 'version_inner.version_id')
      .innerJoin('recipe as outer', 'outer.id', 'version.recipe_id')
      .innerJoin('household as home', 'home.id', 'outer.household_id')
      .innerJoin('recipe as inner', 'inner.id', 'version_inner.inner_recipe_id')
      .innerJoin('household as demo', 'demo.id', 'inner.household_id')
      .select('outer.title')
      .distinct()
      .where('demo.demo', '=', 1)
      .where('home.demo', '=', 0)
      .where('outer.removed_at', 'is', null)
      .execute();
    if (users.length > 0)
      throw inUse(
        'A recipe of your own takes from the demo.',
        `${users.map((u) => `"${u.title}"`).join(', ')}: change that line first.`,
      );
    const rows = await t
      .updateTable('household')
      .set((e) => ({ removed_at: now, revision: e('revision', '+', 1) }))
      .where('demo', '=', 1)
      .where('removed_at', 'is', null)
      .returning('id')
      .execute();
    return rows.map((r) => r.id);
  });
}

/** Brings a removed demo household back. @returns whether there was one */
export async function restoreDemo({ db }: Pick<StoreContext, 'db'>): Promise<boolean> {
  const rows = await db
    .updateTable('household')
    .set((e) => ({ removed_at: null, revision: e('revision', '+', 1) }))
    .where('demo', '=', 1)
    .where('removed_at', 'is not', null)
    .returning('id')
    .execute();
  return rows.length > 0;
}

/**
 * Marks a household as removed at an instant, or brings it back (null). What is in it is left as it is.
 *
 * @returns whether there was one to be marked
 */
export async function markHousehold(
  { db }: Pick<StoreContext, 'db'>,
  id: string,
  removedAt: string | null,
): Promise<boolean> {
  const rows = await db
    .updateTable('household')
    .set((e) => ({ removed_at: removedAt, revision: e('revision', '+', 1) }))
    .where('id', '=', id)
    .where('removed_at', removedAt === null ? 'is not' : 'is', null)
    .returning('id')
    .execute();
  return rows.length > 0;
}
