import { type Kysely, sql } from 'kysely';
import { z } from 'zod';
import { MealSchema } from '../../contract/household.ts';
import type { Database } from '../db/schema.ts';
import type { StoreContext } from './scope.ts';
import { toJson } from './stored.ts';

/** Removed things can be brought back for so many days. */
export const KEPT_DAYS = 30;

/**
 * Throws away for good what was removed more than `KEPT_DAYS` ago and what nothing points at any more: children first,
 * and a recipe only when no version anywhere still takes from it. To be called after a backup.
 *
 * @returns how many rows went, by table
 */
export async function purge(context: Pick<StoreContext, 'db' | 'clock'>): Promise<Record<string, number>> {
  const before = new Date(context.clock().getTime() - KEPT_DAYS * 86_400_000).toISOString();
  return context.db.transaction().execute(async (db) => {
    const gone: Record<string, number> = {};
    const say = (table: string, n: bigint) => {
      if (n > 0n) gone[table] = (gone[table] ?? 0) + Number(n);
    };
    for (const table of [
      'verdict',
      'stock_item',
      'pin',
      'barcode',
      'food_correction',
      'feast',
      'picture',
      'observation',
      'box',
      'cook',
      'vessel',
      'day_entry',
      'eater_day',
      'pot',
      'trip',
      'prep',
      'buying',
    ] as const) {
      const rows = db as unknown as Kysely<Record<string, { removed_at: string | null }>>;
      const done = await rows.deleteFrom(table).where('removed_at', '<', before).executeTakeFirst();
      say(table, done.numDeletedRows);
    }
    await forgetNames(db, before);
    say('eater', (await db.deleteFrom('eater').where('removed_at', '<', before).executeTakeFirst()).numDeletedRows);
    say('version', await purgeVersions(db, before));
    const recipes = await db
      .deleteFrom('recipe')
      .where('removed_at', '<', before)
      .where('id', 'not in', (e) => e.selectFrom('version_inner').select('inner_recipe_id'))
      .executeTakeFirst();
    say('recipe', recipes.numDeletedRows);
    const homes = await db.deleteFrom('household').where('removed_at', '<', before).executeTakeFirst();
    say('household', homes.numDeletedRows);
    const entries = await db
      .deleteFrom('entry')
      .where('kind', '=', 'versions')
      .where('document_id', 'not in', (e) => e.selectFrom('version').select('id'))
      .executeTakeFirst();
    say('entry', entries.numDeletedRows);
    await db.deleteFrom('session').where('until_at', '<', context.clock().toISOString()).execute();
    return gone;
  });
}

/** Boxes stay when somebody is gone for good, with nobody's name on them; what they aimed for at meals goes. */
async function forgetNames(db: Kysely<Database>, before: string): Promise<void> {
  const gone = await db.selectFrom('eater').select('id').where('removed_at', '<', before).execute();
  for (const { id } of gone) {
    await sql`update box set body = json_set(body, '$.eaterId', null) where json_extract(body, '$.eaterId') = ${id}`.execute(
      db,
    );
    await sql`update box set body = json_set(body, '$.taken.eaterId', null, '$.taken.name', 'somebody', '$.taken.entryId', null)
      where json_extract(body, '$.taken.eaterId') = ${id}`.execute(db);
  }
  await forgetAims(db, new Set(gone.map((e) => e.id)));
}

async function forgetAims(db: Kysely<Database>, gone: ReadonlySet<string>): Promise<void> {
  if (gone.size === 0) return;
  for (const { id, meals } of await db.selectFrom('household').select(['id', 'meals']).execute()) {
    if (meals === null || ![...gone].some((e) => meals.includes(`"${e}"`))) continue;
    const left = z
      .array(MealSchema)
      .parse(JSON.parse(meals))
      .map((m) => ({ ...m, aims: m.aims.filter((a) => !gone.has(a.eaterId)) }));
    await db
      .updateTable('household')
      .set({ meals: toJson(left) })
      .where('id', '=', id)
      .execute();
  }
}

async function purgeVersions(db: Kysely<Database>, before: string): Promise<bigint> {
  const done = await db
    .deleteFrom('version')
    .where('removed_at', '<', before)
    .where('kind', '!=', 'asWritten')
    .where('id', 'not in', (e) => e.selectFrom('version_inner').select('inner_version_id'))
    .executeTakeFirst();
  return done.numDeletedRows;
}
