import { PrepSchema } from '../../contract/prep.ts';
import { PREP_KIND } from '../../core/documents/week-kinds.ts';
import { invalid } from '../../core/errors.ts';
import type { Prep } from '../../core/prep/prep.ts';
import { rowShelf } from './row-shelf.ts';
import { requireSame } from './shelf.ts';
import { fromStored, toStored } from './stored.ts';

/** Days on which several dishes are cooked in one go. */
export const PREPS = rowShelf<Prep, 'prep'>({
  name: 'preps',
  what: 'prep day',
  kind: PREP_KIND,
  schema: PrepSchema,
  first: 1,
  table: 'prep',
  keys: (id) => ({ id }),
  read: (r) => fromStored('prep', PrepSchema, r.body),
  columns: (prep) => ({ day: prep.day, body: toStored('prep', PrepSchema, prep) }),
  check: async (s, id, prep) => {
    requireSame(id, prep.id);
    if (prep.dishes.length === 0) return;
    // What is gone from the house may stand in an old day; what is another house's never does.
    const foreign = await s.db
      .selectFrom('version')
      .select('id')
      .where('household_id', '!=', s.householdId)
      .where(
        'id',
        'in',
        prep.dishes.map((d) => d.versionId),
      )
      .executeTakeFirst();
    if (foreign !== undefined) throw invalid('There is no such version of this recipe.', 'Choose the dish again.');
  },
});
