import { sql } from 'kysely';
import { type Batch, FoodSchema } from '../../contract/food.ts';
import { inUse, notFound } from '../../core/errors.ts';
import type { Food } from '../../core/food/food.ts';
import { withCorrection } from '../../core/food/food-correction.ts';
import { SHIPPED_FOODS } from '../../core/food/shipped/index.ts';
import type { Db } from '../db/open.ts';
import { indexNames } from './food-names.ts';
import { note, nowOf, type Scope } from './scope.ts';
import { correctionsOf } from './shelves/corrections.ts';
import { fromStored, readable, toStored } from './stored.ts';
import { write } from './write.ts';

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
const kept = new Map<string, KeptFood>();
/** So many are kept; beyond that the oldest are read again when they are needed. */
const MOST_KEPT = 30_000;
const keyOf = (id: string, revision: number): string => `${id}@${revision}`;

function remember(row: FoodRow): Food {
  const key = keyOf(row.food_id, row.revision);
  const known = kept.get(key);
  // Two databases of one process, as in a test, may have other foods under one id.
  if (known && known.householdId === row.household_id && bodies.get(known.food) === row.body) return known.food;
  const food = fromStored('food', FoodSchema, row.body);
  if (kept.size >= MOST_KEPT) kept.delete(kept.keys().next().value!);
  kept.set(key, { food, householdId: row.household_id });
  bodies.set(food, row.body);
  return food;
}
const bodies = new WeakMap<Food, string>();

const rowName = (r: FoodRow): string => `food ${keyOf(r.food_id, r.revision)}`;

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
  const own = rows.filter((r) => r.household_id !== null);
  return readable([...own, ...rows.filter((r) => r.household_id === null)], rowName, (r) =>
    withCorrection(remember(r), corrections.get(r.food_id)),
  );
}

/** Foods by id and revision, as lines name them; those of other households are not there. */
export async function foodsByRevision(
  s: Scope,
  wanted: readonly { readonly foodId: string; readonly revision: number }[],
): Promise<Map<string, Food>> {
  const out = new Map<string, Food>();
  const missing = new Map<string, { foodId: string; revision: number }>();
  for (const w of wanted) missing.set(keyOf(w.foodId, w.revision), w);
  const list = [...missing.values()];
  for (let i = 0; i < list.length; i += 400) {
    const part = list.slice(i, i + 400);
    const { rows } = await sql<FoodRow>`
      select food_id, revision, household_id, body from food_revision
      where (food_id, revision) in (values ${sql.join(part.map((w) => sql`(${w.foodId}, ${w.revision})`))})
      and (household_id is null or household_id = ${s.householdId})`.execute(s.db);
    for (const food of readable(rows, rowName, remember)) out.set(keyOf(food.id, food.revision), food);
  }
  return out;
}

/** Which of these foods a household can name. */
export async function foodsThere(s: Scope, ids: readonly string[]): Promise<Set<string>> {
  if (ids.length === 0) return new Set();
  const rows = await s.db
    .selectFrom('food_revision')
    .select('food_id')
    .distinct()
    .where('food_id', 'in', [...new Set(ids)])
    .where((eb) => eb.or([eb('household_id', 'is', null), eb('household_id', '=', s.householdId)]))
    .execute();
  return new Set(rows.map((r) => r.food_id));
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

/** Whose a food is and its newest revision; undefined when this household has no such food. */
export async function foodOwner(s: Scope, foodId: string) {
  return s.db
    .selectFrom('food_revision')
    .select(['household_id', 'revision'])
    .where('food_id', '=', foodId)
    .where((eb) => eb.or([eb('household_id', 'is', null), eb('household_id', '=', s.householdId)]))
    .orderBy('revision', 'desc')
    .executeTakeFirst();
}

/** The revision that a household's own food gets next. @throws DomainError in-use for a shipped one, not-found for another's */
async function nextRevision(s: Scope, id: string, name: string): Promise<number> {
  const taken = await s.db
    .selectFrom('food_revision')
    .select(['household_id', 'revision'])
    .where('food_id', '=', id)
    .orderBy('revision', 'desc')
    .executeTakeFirst();
  if (taken === undefined) return 1;
  if (taken.household_id === null)
    throw inUse(`"${name}" belongs to the shipped pantry.`, 'Add it under a name and id of your own.');
  if (taken.household_id !== s.householdId) throw notFound('food');
  return taken.revision + 1;
}

/**
 * Writes a household's own food as its next revision.
 *
 * @param expected the revision that it was changed from; null where that was not said, as for a new one
 * @throws DomainError stale when it is not the newest any more
 */
export function putFood(scope: Scope, food: Food, expected: number | null, onStale: () => Error): Promise<Food> {
  return write(scope, async (s) => {
    const revision = await nextRevision(s, food.id, food.name);
    if (expected !== null && revision !== expected + 1) throw onStale();
    const next = { ...food, revision };
    await insertRevisions(s, [next]);
    return next;
  });
}

async function insertRevisions(s: Scope, foods: readonly Food[]): Promise<void> {
  const rows = foods.map((food) => ({
    food_id: food.id,
    revision: food.revision,
    household_id: s.householdId,
    body: toStored('food', FoodSchema, food),
    created_at: nowOf(s),
  }));
  await s.db.insertInto('food_revision').values(rows).execute();
  await s.db
    .deleteFrom('food_removed')
    .where('household_id', '=', s.householdId)
    .where(
      'food_id',
      'in',
      foods.map((f) => f.id),
    )
    .execute();
  await indexNames(s.db, foods, s.householdId);
  for (const food of foods) note(s, 'foods', food.id, food.revision);
}

/** Takes an own food off the shelf; lines that name it keep it. @throws DomainError not-found */
export function removeFood(scope: Scope, id: string): Promise<void> {
  return write(scope, async (s) => {
    const owner = await foodOwner(s, id);
    if (owner === undefined) throw notFound('food');
    if (owner.household_id === null) throw inUse('This food belongs to the shipped pantry.', 'It stays.');
    await s.db
      .insertInto('food_removed')
      .values({ household_id: s.householdId, food_id: id, removed_at: nowOf(s) })
      .onConflict((c) => c.doNothing())
      .execute();
    note(s, 'foods', id, owner.revision);
  });
}

/** Puts an own food back on the shelf. */
export function restoreFood(scope: Scope, id: string): Promise<void> {
  return write(scope, async (s) => {
    const owner = await foodOwner(s, id);
    if (owner === undefined) throw notFound('food');
    await s.db.deleteFrom('food_removed').where('household_id', '=', s.householdId).where('food_id', '=', id).execute();
    note(s, 'foods', id, owner.revision);
  });
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
  return readable(rows, rowName, (r) => ({ food: remember(r), at: r.created_at }));
}

/** So many foods are written before other requests get their turn. */
const SLICE = 100;
const othersTurn = (): Promise<void> => new Promise((resolve) => setImmediate(resolve));

/** Writes foods and corrections from a file, all or none. @throws DomainError in-use for a shipped or another's food. */
export async function writeBatch(
  scope: Scope,
  batch: Batch,
  putCorrection: (s: Scope, correction: Batch['corrections'][number]) => Promise<void>,
): Promise<{ foods: number; corrections: number }> {
  await write(scope, async (s) => {
    for (let i = 0; i < batch.foods.length; i += SLICE) {
      const part: Food[] = [];
      for (const food of batch.foods.slice(i, i + SLICE))
        part.push({ ...food, revision: await nextRevision(s, food.id, food.name) });
      await insertRevisions(s, part);
      await othersTurn();
    }
    for (const c of batch.corrections) await putCorrection(s, c);
  });
  return { foods: batch.foods.length, corrections: batch.corrections.length };
}
