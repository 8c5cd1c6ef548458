import { OutsideVerdictSchema } from '../../contract/outside-verdict.ts';
import type { OutsideVerdict } from '../../core/card/outside-verdict.ts';
import { OUTSIDE_KIND } from '../../core/documents/outside-kind.ts';
import { getRecipe } from './recipe-rows.ts';
import { rowShelf } from './row-shelf.ts';
import { requireSame } from './shelf.ts';
import { fromStored, toStored } from './stored.ts';

/** What people outside of the household said of dishes that were passed on. */
export const OUTSIDE_VERDICTS = rowShelf<OutsideVerdict, 'outside_verdict'>({
  name: 'outside-verdicts',
  what: 'verdict from outside',
  kind: OUTSIDE_KIND,
  schema: OutsideVerdictSchema,
  first: 1,
  table: 'outside_verdict',
  keys: (id) => ({ id }),
  read: (r) => fromStored('outside', OutsideVerdictSchema, r.body),
  columns: (v) => ({ recipe_id: v.recipeId, body: toStored('outside', OutsideVerdictSchema, v) }),
  check: async (s, id, verdict) => {
    requireSame(id, verdict.id);
    await getRecipe(s, verdict.recipeId);
  },
});
