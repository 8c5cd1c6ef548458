import { changeHub } from '../src/server/changes/change-hub.ts';
import { openDatabase } from '../src/server/db/open.ts';
import { EATERS } from '../src/server/store/eater-shelf.ts';
import { makeDocument } from '../src/server/store/entries.ts';
import { syncShippedFoods } from '../src/server/store/foods.ts';
import { addHousehold } from '../src/server/store/households.ts';
import { syncSamplePrograms } from '../src/server/store/programs.ts';
import { renewHere } from '../src/server/store/renewal.ts';
import { type StoreContext, scopeOf } from '../src/server/store/scope.ts';
import { addManyRecipes } from '../tests/support/many-recipes.ts';

/** Fills a new database with a household of many recipes, two versions each, counted for three eaters. */
export async function fillWithRecipes(file: string, recipes: number, lines: number): Promise<void> {
  const { db, connection } = await openDatabase(file);
  connection.pragma('synchronous = OFF');
  let now = Date.parse('2026-01-01T00:00:00Z');
  const context: StoreContext = {
    db,
    clock: () => new Date((now += 1000)),
    publicUrl: '',
    changes: changeHub(),
    wakeRenewal: () => {},
  };
  const at = new Date(now).toISOString();
  await db.transaction().execute(async (t) => {
    await syncShippedFoods(t, at);
    await syncSamplePrograms(t, at);
    await addHousehold(
      { db: t },
      { id: 'home', name: 'Home', demo: false, system: 'us', region: 'us', zone: 'UTC', sourceWords: {} },
      at,
    );
    await t.insertInto('fact').values({ key: 'seeded', value: at }).execute();
  });
  const home = scopeOf(context, 'home');
  for (const [i, program] of ['program-ledger', 'program-harvest', 'program-house'].entries()) {
    const eater = {
      id: `eater-${i}`,
      name: `Eater ${i}`,
      programId: program,
      exceptions: [],
      allowance: null,
      allergies: [],
      avoids: [],
      ratherNot: [],
      notOnTop: [],
      standing: [],
    };
    await makeDocument(home, EATERS, eater.id, eater);
  }
  await addManyRecipes(home, recipes, lines);
  await renewHere(context);
  connection.pragma('wal_checkpoint(TRUNCATE)');
  await db.destroy();
}
