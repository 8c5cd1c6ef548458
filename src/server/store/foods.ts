import { sql } from 'kysely';
import { FoodSchema } from '../../contract/food.ts';
import type { Food } from '../../core/food/food.ts';
import { withCorrection } from '../../core/food/food-correction.ts';
import { SHIPPED_FOODS } from '../../core/food/shipped/index.ts';
import { foodIn } from '../../core/region/food-in.ts';
import type { Db } from '../db/open.ts';
import { correctionsOf } from './correction-shelf.ts';
import { indexNames } from './food-names.ts';
import { regionOfHousehold } from './household-shelf.ts';
import type { Scope } from './scope.ts';
import { fromStored, readable, toStored } from './stored.ts';

interface FoodRow {
  readonly food_id: string;
  readonly revision: number;
  readonly household_id: string | null;
  readonly body: string;
}

/** Revisions never change, so that what was read once is kept for good, by database connection. */
interface KeptFood {
  readonly food: Food;
  readonly householdId: string | null;
}
const keptFoods = new Map<string, KeptFood>();
/** So many are kept; beyond that the oldest are read again when they are needed. */
const MOST_KEPT = 30_000;
/** What tells one revision of a food from all others. */
export const revisionKey = (id: string, revision: number): string => `${id}@${revision}`;

function remember(row: FoodRow): Food {
  const key = revisionKey(row.food_id, row.revision);
  const known = keptFoods.get(key);
  // Two databases of one process, as in a test, may have other foods under one id.
  if (known && known.householdId === row.household_id && bodies.get(known.food) === row.body) return known.food;
  const food = fromStored('food', FoodSchema, row.body);
  if (keptFoods.size >= MOST_KEPT) keptFoods.delete(keptFoods.keys().next().value!);
  keptFoods.set(key, { food, householdId: row.household_id });
  bodies.set(food, row.body);
  return food;
}
const bodies = new WeakMap<Food, string>();

const rowName = (r: FoodRow): string => `food ${revisionKey(r.food_id, r.revision)}`;

/** Brings the shipped foods into the database: a changed one becomes a new revision, old ones stay. */
export async function syncShippedFoods(db: Db, now: string): Promise<number> {
  const rows = await db
    .selectFrom('food_revision')
    .selectAll()
    .where('household_id', 'is', null)
    .orderBy('revision')
    .execute();
  const newest = new Map(rows.map((r) => [r.food_id, r]));
  const isNew = rows.length === 0;
  const fresh = SHIPPED_FOODS.flatMap((food) => {
    const have = newest.get(food.id);
    if (have && have.body === toStored('food', FoodSchema, { ...food, revision: have.revision })) return [];
    if (
      have &&
      JSON.stringify(remember(have)) === JSON.stringify(FoodSchema.parse({ ...food, revision: have.revision }))
    )
      return [];
    const revision = have ? have.revision + 1 : 1;
    const body = toStored('food', FoodSchema, { ...food, revision });
    return [{ food_id: food.id, revision, household_id: null, body, created_at: now }];
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
  if (!isNew) await indexUnnamed(db);
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
  for (const r of newest.values()) {
    const [food] = readable([r], rowName, remember);
    if (food) await indexNames(db, [food], r.household_id);
  }
}

/**
 * The newest revision of every food a household has: the shipped ones and its own, own first, with the household's
 * words and weights.
 */
export async function pantryOf(s: Scope): Promise<Food[]> {
  return newestFoods(s, null);
}

/** As pantryOf, of these foods only; null for all. */
export async function newestFoods(s: Scope, ids: readonly string[] | null): Promise<Food[]> {
  if (ids?.length === 0) return [];
  const rows = await s.db
    .selectFrom('food_revision as f')
    .selectAll()
    .where((eb) => eb.or([eb('household_id', 'is', null), eb('household_id', '=', s.householdId)]))
    .where('revision', '=', (eb) =>
      eb
        .selectFrom('food_revision as g')
        .select((e) => e.fn.max('g.revision').as('r'))
        .whereRef('g.food_id', '=', 'f.food_id'),
    )
    .where('food_id', 'not in', (eb) =>
      eb.selectFrom('food_removed').select('food_id').where('household_id', '=', s.householdId),
    )
    .$if(ids !== null, (q) => q.where('food_id', 'in', [...ids!]))
    .execute();
  const corrections = await correctionsOf(s);
  const region = await regionOfHousehold(s);
  const own = rows.filter((r) => r.household_id !== null);
  return readable([...own, ...rows.filter((r) => r.household_id === null)], rowName, (r) =>
    withCorrection(foodIn(region, remember(r)), corrections.get(r.food_id)),
  );
}

/** Foods by id and revision, as lines name them; those of other households are not there. */
export async function foodsByRevision(
  s: Scope,
  wanted: readonly { readonly foodId: string; readonly revision: number }[],
): Promise<Map<string, Food>> {
  const out = new Map<string, Food>();
  const missing = new Map<string, { foodId: string; revision: number }>();
  for (const w of wanted) missing.set(revisionKey(w.foodId, w.revision), w);
  const list = [...missing.values()];
  const region = await regionOfHousehold(s);
  for (let i = 0; i < list.length; i += 400) {
    const part = list.slice(i, i + 400);
    const { rows } = await sql<FoodRow>`
      select food_id, revision, household_id, body from food_revision
      where (food_id, revision) in (values ${sql.join(part.map((w) => sql`(${w.foodId}, ${w.revision})`))})
      and (household_id is null or household_id = ${s.householdId})`.execute(s.db);
    for (const food of readable(rows, rowName, remember))
      out.set(revisionKey(food.id, food.revision), foodIn(region, food));
  }
  return out;
}

/** The ids of the foods that a household made itself. */
export async function ownFoodIds(s: Scope): Promise<string[]> {
  const rows = await s.db
    .selectFrom('food_revision')
    .select('food_id')
    .distinct()
    .where('household_id', '=', s.householdId)
    .where('food_id', 'not in', (eb) =>
      eb.selectFrom('food_removed').select('food_id').where('household_id', '=', s.householdId),
    )
    .execute();
  return rows.map((r) => r.food_id);
}

/** Every revision of a food, oldest first. */
export async function revisionsOf(s: Scope, foodId: string): Promise<{ food: Food; at: string }[]> {
  const rows = await s.db
    .selectFrom('food_revision')
    .selectAll()
    .where('food_id', '=', foodId)
    .where((eb) => eb.or([eb('household_id', 'is', null), eb('household_id', '=', s.householdId)]))
    .orderBy('revision')
    .execute();
  const region = await regionOfHousehold(s);
  return readable(rows, rowName, (r) => ({ food: foodIn(region, remember(r)), at: r.created_at }));
}
