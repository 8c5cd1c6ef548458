import { type Batch, FoodSchema } from '../../contract/food.ts';
import type { Food } from '../../core/food/food.ts';
import { withCorrection } from '../../core/food/food-correction.ts';
import { SHIPPED_FOODS } from '../../core/food/shipped/index.ts';
import type { Db } from '../db/open.ts';
import { ProblemError } from '../http/problem.ts';
import { correctionsOf, putCorrection } from './food-corrections.ts';
import { indexNames } from './food-names.ts';
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
  const named = await db
    .selectFrom('food_name')
    .select((e) => e.fn.countAll<number>().as('n'))
    .executeTakeFirst();
  // A database from before the full text has foods and no names yet.
  if (fresh.length > 0 || Number(named?.n ?? 0) < SHIPPED_FOODS.length) await indexNames(db, SHIPPED_FOODS, null);
  await indexUnnamed(db);
  return fresh.length;
}

/** Brings own foods from before the full text into it. */
async function indexUnnamed(db: Db): Promise<void> {
  const rows = await db
    .selectFrom('food_revision')
    .selectAll()
    .where('household_id', 'is not', null)
    .where('food_id', 'not in', (eb) => eb.selectFrom('food_name').select('food_id'))
    .orderBy('revision')
    .execute();
  const newest = new Map(rows.map((r) => [r.food_id, r]));
  for (const r of newest.values()) await indexNames(db, [remember(db, r)], r.household_id);
}

/**
 * The newest revision of every food a household has: the shipped ones and its own, own first, with the household's
 * words and weights.
 */
export async function pantryOf(db: Db, householdId: string): Promise<Food[]> {
  return newestFoods(db, householdId, null);
}

/** As pantryOf, of these foods only; null for all. */
export async function newestFoods(db: Db, householdId: string, ids: readonly string[] | null): Promise<Food[]> {
  if (ids?.length === 0) return [];
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
    .$if(ids !== null, (q) => q.where('food_id', 'in', [...ids!]))
    .execute();
  const corrections = await correctionsOf(db, householdId);
  const own = rows.filter((r) => r.household_id !== null);
  return [...own, ...rows.filter((r) => r.household_id === null)].map((r) =>
    withCorrection(remember(db, r), corrections.get(r.food_id)),
  );
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

/** The ids of the foods that a household made itself. */
export async function ownFoodIds(db: Db, householdId: string): Promise<string[]> {
  const rows = await db
    .selectFrom('food_revision')
    .select('food_id')
    .distinct()
    .where('household_id', '=', householdId)
    .execute();
  return rows.map((r) => r.food_id);
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

/** Adds new revisions of a household's own foods, all or none. */
export async function addFoodRevisions(
  db: Db,
  householdId: string,
  foods: readonly Food[],
  now: string,
): Promise<void> {
  await db.transaction().execute((t) => insertRevisions(t, householdId, foods, now));
}

async function insertRevisions(db: Db, householdId: string, foods: readonly Food[], now: string): Promise<void> {
  const rows = foods.map((food) => ({
    food_id: food.id,
    revision: food.revision,
    household_id: householdId,
    body: toJson(food),
    created_at: now,
  }));
  for (let i = 0; i < rows.length; i += 200) {
    await db
      .insertInto('food_revision')
      .values(rows.slice(i, i + 200))
      .execute();
  }
  await indexNames(db, foods, householdId);
}

/** Every revision of a food, oldest first. */
export async function revisionsOf(db: Db, foodId: string): Promise<{ food: Food; at: string }[]> {
  const rows = await db
    .selectFrom('food_revision')
    .selectAll()
    .where('food_id', '=', foodId)
    .orderBy('revision')
    .execute();
  return rows.map((r) => ({ food: remember(db, r), at: r.created_at }));
}

/** Writes foods and corrections from a file, all or none. @throws ProblemError 409 for a shipped or another's food. */
export async function writeBatch(
  db: Db,
  householdId: string,
  batch: Batch,
  now: string,
): Promise<{ foods: number; corrections: number }> {
  await db.transaction().execute(async (t) => {
    const foods: Food[] = [];
    for (const food of batch.foods) {
      const owner = await foodOwner(t, food.id);
      if (owner && owner.household_id !== householdId)
        throw new ProblemError(409, `"${food.name}" belongs to the shipped pantry.`, 'Take its id out of the file.');
      foods.push({ ...food, revision: (owner?.revision ?? 0) + 1 });
    }
    await insertRevisions(t, householdId, foods, now);
    for (const c of batch.corrections) await putCorrection(t, householdId, c);
  });
  return { foods: batch.foods.length, corrections: batch.corrections.length };
}
