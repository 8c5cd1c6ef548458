import { FeastSchema } from '../../contract/feast.ts';
import { FEAST_KIND } from '../../core/documents/document-kinds.ts';
import { invalid } from '../../core/errors.ts';
import type { Feast } from '../../core/feast/feast.ts';
import { rowShelf } from './row-shelf.ts';
import { nowOf, type Scope } from './scope.ts';
import { fromStored, toStored } from './stored.ts';

/** Several dishes for one occasion. The revision is the row's: what lies in the body is the one it was written with. */
export const FEASTS = rowShelf<Feast, 'feast'>({
  name: 'feasts',
  what: 'feast',
  kind: FEAST_KIND,
  schema: FeastSchema,
  first: 1,
  table: 'feast',
  keys: (id) => ({ id }),
  read: (r) => ({ ...fromStored('feast', FeastSchema, r.body), revision: r.revision }),
  columns: (feast, s) => ({
    name: feast.name,
    day: feast.day,
    body: toStored('feast', FeastSchema, feast),
    changed_at: nowOf(s),
  }),
  check: async (s, _id, feast, before) => {
    // Dishes whose recipe was removed meanwhile stay on the menu until the cook takes them off; new ones must be there.
    const fresh = feast.dishes.filter(
      (d) => !before?.dishes.some((b) => b.recipeId === d.recipeId && b.versionId === d.versionId),
    );
    if (fresh.length === 0) return;
    const there = await s.db
      .selectFrom('version')
      .select(['id', 'recipe_id'])
      .where('household_id', '=', s.householdId)
      .where(
        'id',
        'in',
        fresh.map((d) => d.versionId),
      )
      .execute();
    if (fresh.some((d) => !there.some((v) => v.id === d.versionId && v.recipe_id === d.recipeId)))
      throw invalid('A dish of this feast is not among the recipes.', 'Take it off the menu.');
  },
});

/** The feasts of a household, by day, those without one behind. */
export async function feastsOf(s: Scope): Promise<Feast[]> {
  return FEASTS.all(s, 'day is null, day, id');
}
