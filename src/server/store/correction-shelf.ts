import { FoodCorrectionSchema } from '../../contract/food.ts';
import { CORRECTION_KIND } from '../../core/documents/document-kinds.ts';
import { notFound } from '../../core/errors.ts';
import type { FoodCorrection } from '../../core/food/food-correction.ts';
import { foodOwner } from './food-owner.ts';
import { rowShelf } from './row-shelf.ts';
import type { Scope } from './scope.ts';
import { toJson } from './stored.ts';

/** What a household calls its foods and what its measures weigh. */
export const CORRECTIONS = rowShelf<FoodCorrection, 'food_correction'>({
  name: 'corrections',
  what: 'correction',
  kind: CORRECTION_KIND,
  schema: FoodCorrectionSchema,
  first: 1,
  isPair: true,
  table: 'food_correction',
  keys: (id) => ({ food_id: id }),
  read: (r) =>
    FoodCorrectionSchema.parse({
      foodId: r.food_id,
      synonyms: JSON.parse(r.synonyms),
      measures: JSON.parse(r.measures),
    }),
  columns: (c) => ({ synonyms: toJson(c.synonyms), measures: toJson(c.measures) }),
  check: async (s, _id, correction) => {
    if (!(await foodOwner(s, correction.foodId))) throw notFound('food');
  },
});

/** All corrections of the household, by food. */
export async function correctionsOf(s: Scope): Promise<Map<string, FoodCorrection>> {
  const all = await CORRECTIONS.all(s);
  return new Map(all.map(({ revision: _, ...c }) => [c.foodId, c]));
}
