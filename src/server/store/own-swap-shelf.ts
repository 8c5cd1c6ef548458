import { OwnSwapSchema } from '../../contract/swap.ts';
import { SWAP_KIND } from '../../core/documents/document-kinds.ts';
import { inUse, invalid } from '../../core/errors.ts';
import { SWAPS } from '../../core/swap/library.ts';
import { type OwnSwap, type SwapShelf, shelfOf } from '../../core/swap/own-swap.ts';
import { shippedSwapsIn } from '../../core/swap/swap-in.ts';
import { foodsThere } from './food-owner.ts';
import { regionOfHousehold } from './household-shelf.ts';
import { rowShelf } from './row-shelf.ts';
import { nowOf, type Scope } from './scope.ts';
import { fromStored, readable, toStored } from './stored.ts';

/**
 * The swaps that a household wrote. A retired one is a removed one: versions that were made with it still know it, so
 * that it stays in the list.
 */
export const OWN_SWAPS = rowShelf<OwnSwap, 'own_swap'>({
  name: 'swaps',
  what: 'swap',
  kind: SWAP_KIND,
  schema: OwnSwapSchema,
  first: 1,
  table: 'own_swap',
  keys: (id) => ({ id }),
  read: (r) => fromStored('swap', OwnSwapSchema, r.body),
  columns: (swap, s) => ({
    body: toStored('swap', OwnSwapSchema, swap),
    changed_at: nowOf(s),
  }),
  check: async (s, id, swap) => {
    if (SWAPS.some((shipped) => shipped.id === id))
      throw inUse('This swap comes with Imbiss.', 'Write your own beside it.');
    const named = [...swap.from, ...swap.into.map((t) => t.foodId)];
    const there = await foodsThere(s, named);
    const unknown = named.find((f) => !there.has(f));
    if (unknown !== undefined)
      throw invalid(`There is no food ${unknown} in the pantry.`, 'Add it to the pantry first.');
  },
});

/** The swaps that a household wrote, newest first, retired ones among them, each with its revision. */
export async function ownSwapsOf(s: Scope): Promise<(OwnSwap & { revision: number })[]> {
  const rows = await s.db
    .selectFrom('own_swap')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .orderBy('changed_at', 'desc')
    .orderBy('id', 'desc')
    .execute();
  return readable(
    rows,
    (r) => `own_swap ${r.id}`,
    (r) => {
      const swap = fromStored('swap', OwnSwapSchema, r.body);
      return { ...swap, retired: swap.retired || r.removed_at !== null, revision: r.revision };
    },
  );
}

/** Everything a household can swap with. */
export const swapShelfOf = async (s: Scope): Promise<SwapShelf> =>
  shelfOf(await ownSwapsOf(s), shippedSwapsIn(await regionOfHousehold(s)));
