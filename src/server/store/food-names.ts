import type { Food } from '../../core/food/food.ts';
import { foodWords } from '../../core/food/food-words.ts';
import type { Db } from '../db/open.ts';

/** Brings the newest names of foods into the full text. */
export async function indexNames(db: Db, foods: readonly Food[], householdId: string | null): Promise<void> {
  for (let i = 0; i < foods.length; i += 200) {
    const rows = foods.slice(i, i + 200).map((f) => ({
      food_id: f.id,
      household_id: householdId,
      words: [f.name, ...f.synonyms].map((n) => foodWords(n).join(' ')).join(' · '),
    }));
    await db
      .insertInto('food_name')
      .values(rows)
      .onConflict((c) => c.column('food_id').doUpdateSet((eb) => ({ words: eb.ref('excluded.words') })))
      .execute();
  }
}
