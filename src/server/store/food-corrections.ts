import { FoodCorrectionSchema } from '../../contract/food.ts';
import type { FoodCorrection } from '../../core/food/food-correction.ts';
import type { Db } from '../db/open.ts';
import { toJson } from './json-column.ts';

/** What a household calls its foods and what its measures weigh, by food. */
export async function correctionsOf(db: Db, householdId: string): Promise<Map<string, FoodCorrection>> {
  const rows = await db.selectFrom('food_correction').selectAll().where('household_id', '=', householdId).execute();
  return new Map(
    rows.map((r) => [
      r.food_id,
      FoodCorrectionSchema.parse({
        foodId: r.food_id,
        synonyms: JSON.parse(r.synonyms),
        measures: JSON.parse(r.measures),
      }),
    ]),
  );
}

/** Puts a food's correction in place of the last one; an empty one takes it away. */
export async function putCorrection(db: Db, householdId: string, correction: FoodCorrection): Promise<void> {
  const { foodId, synonyms, measures } = correction;
  if (synonyms.length === 0 && measures.length === 0) {
    await db
      .deleteFrom('food_correction')
      .where('household_id', '=', householdId)
      .where('food_id', '=', foodId)
      .execute();
    return;
  }
  const values = { synonyms: toJson(synonyms), measures: toJson(measures) };
  await db
    .insertInto('food_correction')
    .values({ household_id: householdId, food_id: foodId, ...values })
    .onConflict((c) => c.columns(['household_id', 'food_id']).doUpdateSet(values))
    .execute();
}
