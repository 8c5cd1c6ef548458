import { OwnSwapSchema } from '../../contract/swap.ts';
import { SWAPS } from '../../core/swap/library.ts';
import { type OwnSwap, type SwapShelf, shelfOf } from '../../core/swap/own-swap.ts';
import type { Db } from '../db/open.ts';
import { notFound, ProblemError } from '../http/problem.ts';
import { pantryOf } from './foods.ts';
import { fromJson, toJson } from './json-column.ts';

/** The swaps that a household wrote, newest first, retired ones among them. */
export async function ownSwapsOf(db: Db, householdId: string): Promise<OwnSwap[]> {
  const rows = await db
    .selectFrom('own_swap')
    .select('body')
    .where('household_id', '=', householdId)
    .orderBy('changed_at', 'desc')
    .orderBy('id', 'desc')
    .execute();
  return rows.map((r) => fromJson(OwnSwapSchema, r.body));
}

/** Everything a household can swap with. */
export const swapShelfOf = async (db: Db, householdId: string): Promise<SwapShelf> =>
  shelfOf(await ownSwapsOf(db, householdId), SWAPS);

/**
 * Puts a swap in place, new or changed.
 *
 * @throws ProblemError 404 for another household's, 409 for a shipped one, 422 for foods that are not in the pantry
 */
export async function putOwnSwap(db: Db, householdId: string, swap: OwnSwap, now: string): Promise<void> {
  if (SWAPS.some((s) => s.id === swap.id))
    throw new ProblemError(409, 'This swap comes with Imbiss.', 'Write your own beside it.');
  const have = await db.selectFrom('own_swap').select('household_id').where('id', '=', swap.id).executeTakeFirst();
  if (have && have.household_id !== householdId) throw notFound('swap');
  const pantry = new Set((await pantryOf(db, householdId)).map((f) => f.id));
  const unknown = [...swap.from, ...swap.into.map((t) => t.foodId)].find((id) => !pantry.has(id));
  if (unknown !== undefined)
    throw new ProblemError(422, `There is no food ${unknown} in the pantry.`, 'Add it to the pantry first.');
  const values = { retired: swap.retired ? 1 : 0, body: toJson(swap), changed_at: now };
  await db
    .insertInto('own_swap')
    .values({ id: swap.id, household_id: householdId, ...values })
    .onConflict((c) => c.column('id').doUpdateSet(values))
    .execute();
}
