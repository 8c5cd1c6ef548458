import type { Db } from '../db/open.ts';

/** The household's own food of a barcode, from an earlier scan; null when there is none. */
export async function foodOfBarcode(db: Db, householdId: string, code: string): Promise<string | null> {
  const row = await db
    .selectFrom('barcode')
    .select('food_id')
    .where('household_id', '=', householdId)
    .where('code', '=', code)
    .executeTakeFirst();
  return row?.food_id ?? null;
}

export async function rememberBarcode(db: Db, householdId: string, code: string, foodId: string): Promise<void> {
  await db
    .insertInto('barcode')
    .values({ household_id: householdId, code, food_id: foodId })
    .onConflict((c) => c.columns(['household_id', 'code']).doUpdateSet({ food_id: foodId }))
    .execute();
}
