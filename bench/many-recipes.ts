import { USUAL_PASS_ON } from '../src/core/card/pass-on.ts';
import { SHIPPED_FOODS } from '../src/core/food/shipped/index.ts';
import type { Line, Version } from '../src/core/version/version.ts';
import { changeHub } from '../src/server/changes/change-hub.ts';
import { openDatabase } from '../src/server/db/open.ts';
import { EATERS } from '../src/server/store/eater-shelf.ts';
import { makeDocument } from '../src/server/store/entries.ts';
import { syncShippedFoods } from '../src/server/store/foods.ts';
import { addHousehold } from '../src/server/store/households.ts';
import { syncSamplePrograms } from '../src/server/store/programs.ts';
import { addRecipe } from '../src/server/store/recipes.ts';
import { renewHere } from '../src/server/store/renewal.ts';
import { type StoreContext, scopeOf } from '../src/server/store/scope.ts';
import { VERSIONS } from '../src/server/store/version-shelf.ts';
import { write } from '../src/server/store/write.ts';

const FOODS = SHIPPED_FOODS.filter((f) => !f.kinds.includes('nothing'));
const WORDS = ['Gratin', 'Soup', 'Stew', 'Salad', 'Cake', 'Loaf', 'Dumplings', 'Pancakes', 'Goulash', 'Pudding'];

function versionOf(n: number, kind: 'asWritten' | 'lightened', lines: number): Version {
  const id = `bench-${n}-${kind === 'asWritten' ? 'w' : 'l'}`;
  return {
    id,
    recipeId: `bench-${n}`,
    parentId: kind === 'asWritten' ? null : `bench-${n}-w`,
    kind,
    name: kind === 'asWritten' ? 'as written' : 'lightened',
    servings: 2 + (n % 9),
    dish: null,
    madeFor: null,
    lines: Array.from({ length: lines }, (_, i): Line => {
      const food = FOODS[(n * 7 + i * 31) % FOODS.length]!;
      const grams = (kind === 'asWritten' ? 60 : 40) + ((n * 13 + i * 17) % 200);
      return {
        id: `${id}-${i}`,
        originLineId: `bench-${n}-${i}`,
        group: null,
        text: `${grams} g ${food.name}`,
        amount: { quantity: grams, quantityMax: null, unit: 'gram' },
        item: food.name,
        note: null,
        read: null,
        taken: null,
        food: { kind: 'food', foodId: food.id, revision: 1 },
        weight: { grams, low: grams, high: grams, from: 'weight' },
        role: null,
        roleSaid: false,
        technique: null,
        loss: null,
        kept: false,
        leftOut: false,
        swapId: null,
        warnings: [],
      };
    }),
    steps: [{ id: `${id}-s`, text: 'Cook it all.' }],
    revision: 0,
  };
}

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
  for (let from = 0; from < recipes; from += 500) {
    await write(home, async (s) => {
      for (let n = from; n < Math.min(recipes, from + 500); n++) {
        await addRecipe(s, {
          id: `bench-${n}`,
          title: `${WORDS[n % WORDS.length]} number ${n}`,
          credit: { author: n % 3 === 0 ? 'the grandmother' : null, url: null, whose: 'family' },
          claims: [],
          facts: { makes: null, times: { prep: null, cook: null, total: null }, pans: [], tools: [] },
          settled: [],
          shownVersionId: null,
          favourite: false,
          passOn: USUAL_PASS_ON,
          notes: '',
          asWritten: versionOf(n, 'asWritten', lines),
        });
        const lightened = versionOf(n, 'lightened', lines);
        await makeDocument(s, VERSIONS, lightened.id, lightened);
      }
    });
  }
  await renewHere(context);
  connection.pragma('wal_checkpoint(TRUNCATE)');
  await db.destroy();
}
