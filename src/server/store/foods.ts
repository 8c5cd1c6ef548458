import { FoodSchema } from '../../contract/food.ts';
import type { Food } from '../../core/food/food.ts';
import { SHIPPED_FOODS } from '../../core/food/shipped/index.ts';
import type { Db } from '../db/open.ts';
import { fromJson, toJson } from './json-column.ts';

/** Revisions never change, so that what was read once is kept for good, by database. */
const kept = new WeakMap<Db, Map<string, Food>>();
const keyOf = (id: string, revision: number): string => `${id}@${revision}`;
function cacheOf(db: Db): Map<string, Food> {
  let cache = kept.get(db);
  if (!cache) kept.set(db, (cache = new Map()));
  return cache;
}
function remember(db: Db, row: { food_id: string; revision: number; body: string }): Food {
  const cache = cacheOf(db);
  const key = keyOf(row.food_id, row.revision);
  let food = cache.get(key);
  if (!food) cache.set(key, (food = fromJson(FoodSchema, row.body)));
  return food;
}

/** Brings the shipped foods into the database: a changed one becomes a new revision, old ones stay. */
export async function syncShippedFoods(db: Db, now: string): Promise<number> {
  const rows = await db
    .selectFrom('food_revision')
    .selectAll()
    .where('household_id', 'is', null)
    .orderBy('revision')
    .execute();
  const newest = new Map(rows.map((r) => [r.food_id, r]));
  const fresh = SHIPPED_FOODS.flatMap((food) => {
    const have = newest.get(food.id);
    const body = { ...food, revision: have?.revision ?? 1 };
    if (have && have.body === toJson(body)) return [];
    const revision = have ? have.revision + 1 : 1;
    return [{ food_id: food.id, revision, household_id: null, body: toJson({ ...food, revision }), created_at: now }];
  });
  for (let i = 0; i < fresh.length; i += 100) {
    await db
      .insertInto('food_revision')
      .values(fresh.slice(i, i + 100))
      .execute();
  }
  return fresh.length;
}

/** The newest revision of every food a household has: the shipped ones and its own, own first. */
export async function pantryOf(db: Db, householdId: string): Promise<Food[]> {
  const rows = await db
    .selectFrom('food_revision as f')
    .selectAll()
    .where((eb) => eb.or([eb('household_id', 'is', null), eb('household_id', '=', householdId)]))
    .where('revision', '=', (eb) =>
      eb
        .selectFrom('food_revision as g')
        .select((e) => e.fn.max('g.revision').as('r'))
        .whereRef('g.food_id', '=', 'f.food_id'),
    )
    .execute();
  const own = rows.filter((r) => r.household_id !== null);
  return [...own, ...rows.filter((r) => r.household_id === null)].map((r) => remember(db, r));
}

/** Foods by id and revision, as lines name them. */
export async function foodsByRevision(
  db: Db,
  wanted: readonly { readonly foodId: string; readonly revision: number }[],
): Promise<Map<string, Food>> {
  const cache = cacheOf(db);
  const out = new Map<string, Food>();
  for (const w of wanted) {
    const key = keyOf(w.foodId, w.revision);
    if (out.has(key)) continue;
    const known = cache.get(key);
    if (known) {
      out.set(key, known);
      continue;
    }
    const row = await db
      .selectFrom('food_revision')
      .selectAll()
      .where('food_id', '=', w.foodId)
      .where('revision', '=', w.revision)
      .executeTakeFirst();
    if (row) out.set(key, remember(db, row));
  }
  return out;
}

/** The household a food belongs to and its newest revision; undefined when there is no such food. */
export async function foodOwner(db: Db, foodId: string) {
  return db
    .selectFrom('food_revision')
    .select(['household_id', 'revision'])
    .where('food_id', '=', foodId)
    .orderBy('revision', 'desc')
    .executeTakeFirst();
}

export async function addFoodRevision(db: Db, householdId: string, food: Food, now: string): Promise<void> {
  await db
    .insertInto('food_revision')
    .values({
      food_id: food.id,
      revision: food.revision,
      household_id: householdId,
      body: toJson(food),
      created_at: now,
    })
    .execute();
}
