import { changeHub } from './changes/change-hub.ts';
import type { Db } from './db/open.ts';
import { seedDemo } from './seed-demo.ts';
import { syncShippedFoods } from './store/foods.ts';
import { listMissing } from './store/listings.ts';
import { nameSeasonings } from './store/name-seasonings.ts';
import { syncSamplePrograms } from './store/programs.ts';
import { renewHere } from './store/renewal.ts';
import { type StoreContext, scopeOf } from './store/scope.ts';
import { turnOfDay } from './store/turn-of-day.ts';

/**
 * Brings an open database to where a start can serve it: the shipped foods and sample programs of this release, the demo
 * where it was never offered, a row for every recipe in the list. All of it in one transaction: a start that is cut off
 * leaves nothing halfway.
 */
export async function prepareDatabase(db: Db, clock: () => Date): Promise<void> {
  const now = clock().toISOString();
  await db.transaction().execute(async (t) => {
    const context: StoreContext = { db: t, clock, publicUrl: '', changes: changeHub(), wakeRenewal: () => {} };
    // Days that ended while nothing ran keep the foods and programs that they were lived with.
    const there = await t.selectFrom('household').select(['id', 'zone']).where('removed_at', 'is', null).execute();
    for (const { id, zone } of there) await turnOfDay(scopeOf(context, id), zone);
    await syncShippedFoods(t, now);
    await syncSamplePrograms(t, now);
    await nameSeasonings(context);
    const seeded = await t.selectFrom('fact').select('value').where('key', '=', 'seeded').executeTakeFirst();
    if (seeded === undefined) {
      await seedDemo(context);
      await t.insertInto('fact').values({ key: 'seeded', value: now }).execute();
    }
    const homes = await t.selectFrom('household').select('id').execute();
    for (const { id } of homes) await listMissing(scopeOf(context, id));
    if (seeded === undefined) await renewHere(context);
  });
}
