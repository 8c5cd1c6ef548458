import { type Batch, FoodSchema } from '../../contract/food.ts';
import { inUse, notFound } from '../../core/errors.ts';
import type { Food } from '../../core/food/food.ts';
import { indexNames } from './food-names.ts';
import { foodOwner } from './food-owner.ts';
import { note, nowOf, type Scope } from './scope.ts';
import { toStored } from './stored.ts';
import { write } from './write.ts';

/**
 * Foods with the revision that each gets next.
 *
 * @throws DomainError in-use for a shipped one, not-found for another household's
 */
async function withNextRevision(s: Scope, foods: readonly Food[]): Promise<Food[]> {
  const taken = await s.db
    .selectFrom('food_revision')
    .select(['food_id', 'household_id', (e) => e.fn.max('revision').as('revision')])
    .where(
      'food_id',
      'in',
      foods.map((f) => f.id),
    )
    .groupBy(['food_id', 'household_id'])
    .execute();
  const last = new Map(taken.map((r) => [r.food_id, r]));
  return foods.map((food) => {
    const had = last.get(food.id);
    if (had === undefined) return { ...food, revision: 1 };
    if (had.household_id === null)
      throw inUse(`"${food.name}" belongs to the shipped pantry.`, 'Add it under a name and id of your own.');
    if (had.household_id !== s.householdId) throw notFound('food');
    return { ...food, revision: Number(had.revision) + 1 };
  });
}

/**
 * Writes a household's own food as its next revision.
 *
 * @param expected the revision that it was changed from; null where that was not said, as for a new one
 * @throws DomainError stale when it is not the newest any more
 */
export function putFood(scope: Scope, food: Food, expected: number | null, onStale: () => Error): Promise<Food> {
  return write(scope, async (s) => {
    const [next] = await withNextRevision(s, [food]);
    if (expected !== null && next!.revision !== expected + 1) throw onStale();
    await insertRevisions(s, [next!]);
    return next!;
  });
}

async function insertRevisions(s: Scope, foods: readonly Food[]): Promise<void> {
  const rows = foods.map((food) => ({
    food_id: food.id,
    revision: food.revision,
    household_id: s.householdId,
    // What a household answered for is kept with its words, and is no part of a revision.
    body: toStored('food', FoodSchema, { ...food, ownNames: undefined }),
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
      await insertRevisions(s, await withNextRevision(s, batch.foods.slice(i, i + SLICE)));
      await othersTurn();
    }
    for (const c of batch.corrections) await putCorrection(s, c);
  });
  return { foods: batch.foods.length, corrections: batch.corrections.length };
}
