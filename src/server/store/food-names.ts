import type { Food } from '../../core/food/food.ts';
import { foodWords } from '../../core/food/food-words.ts';
import { foodIn } from '../../core/region/food-in.ts';
import { REGIONS } from '../../core/region/region.ts';
import type { Db } from '../db/open.ts';

/** Every name of a food, whoever's English it is. */
const everyNameOf = (food: Food): string[] => {
  const called = [food, ...REGIONS.map((r) => foodIn(r, food))];
  return [...new Set(called.flatMap((f) => [f.name, ...f.synonyms]))];
};

/** Brings the newest names of foods into the full text. */
export async function indexNames(db: Db, foods: readonly Food[], householdId: string | null): Promise<void> {
  for (let i = 0; i < foods.length; i += 200) {
    const rows = foods.slice(i, i + 200).map((f) => ({
      food_id: f.id,
      household_id: householdId,
      words: everyNameOf(f)
        .map((n) => foodWords(n).join(' '))
        .join(' · '),
    }));
    await db
      .insertInto('food_name')
      .values(rows)
      .onConflict((c) => c.column('food_id').doUpdateSet((eb) => ({ words: eb.ref('excluded.words') })))
      .execute();
  }
}
