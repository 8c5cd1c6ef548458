import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { foodWords } from '../src/core/food/food-words.ts';
import { rankFoods } from '../src/core/food/rank-foods.ts';
import { SHIPPED_FOODS } from '../src/core/food/shipped/index.ts';
import { changeHub } from '../src/server/changes/change-hub.ts';
import { openDatabase } from '../src/server/db/open.ts';
import { searchPantry } from '../src/server/store/food-search.ts';
import { writeBatch } from '../src/server/store/food-writing.ts';
import { pantryOf, syncShippedFoods } from '../src/server/store/foods.ts';
import { addHousehold } from '../src/server/store/households.ts';
import { scopeOf } from '../src/server/store/scope.ts';
import { time } from './time.ts';

/** Search over a pantry of 10,000 foods by the full text, against a scan of every name. The bar is 10 ms. */
const FOODS = 10_000;
const LIMIT_MS = 10;
const ASKED = ['conf sugar', 'scallion', 'zuchini', 'oleo', '80/20', 'curd cheese', 'minced beef', 'c', 'light cheese'];
const MAKERS = ['Seehof', 'Kornblum', 'Rauchfang', 'Suppentopf', 'Haselgrund', 'Gartenglueck', 'Almrausch'];

const dir = mkdtempSync(join(tmpdir(), 'imbiss-bench-'));
const { db } = await openDatabase(join(dir, 'imbiss.db'));
const now = new Date().toISOString();
await syncShippedFoods(db, now);
await addHousehold(
  { db },
  { id: 'home', name: 'Home', demo: false, system: 'us', region: 'us', zone: 'UTC', sourceWords: {} },
  now,
);
const own = Array.from({ length: FOODS - SHIPPED_FOODS.length }, (_, i) => {
  const food = SHIPPED_FOODS[i % SHIPPED_FOODS.length]!;
  const maker = MAKERS[i % MAKERS.length]!;
  return { ...food, id: `bench-${i}`, name: `${food.name}, ${maker} ${i}`, synonyms: [] };
});
const home = scopeOf(
  { db, clock: () => new Date(), publicUrl: '', changes: changeHub(), wakeRenewal: () => {} },
  'home',
);
await writeBatch(home, { foods: own, corrections: [] }, async () => {});

const search = await time((i) => searchPantry(home, ASKED[i % ASKED.length]!, 40), 450);
const all = await pantryOf(home);
const scan = await time((i) => rankFoods(all, foodWords(ASKED[i % ASKED.length]!)).slice(0, 40), 45);
console.log(`search over ${all.length} foods: ${search.median.toFixed(2)} ms, slowest ${search.slowest.toFixed(2)} ms`);
console.log(`scan of all their names:    ${scan.median.toFixed(2)} ms, slowest ${scan.slowest.toFixed(2)} ms`);
console.log(`ratio search / scan: ${(search.median / scan.median).toFixed(3)}; the bar is ${LIMIT_MS} ms`);
await db.destroy();
rmSync(dir, { recursive: true, force: true });
if (search.median > LIMIT_MS || search.median > scan.median) {
  console.error('The search is too slow.');
  process.exit(1);
}
