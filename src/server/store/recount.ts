import { recount, type Scope } from './scope.ts';

/** Stands for every recipe of the household. */
export const EVERY_RECIPE = '*';

/** Everything counts differently: who counts, or by what, has changed. */
export async function recountAll(s: Scope): Promise<void> {
  recount(s, [EVERY_RECIPE]);
}

/** The recipes that have a food in any of their versions count differently. */
export async function recountUsing(s: Scope, foodId: string): Promise<void> {
  const rows = await s.db
    .selectFrom('version_food')
    .innerJoin('version', 'version.id', 'version_food.version_id')
    .select('version.recipe_id')
    .distinct()
    .where('version_food.food_id', '=', foodId)
    .where('version.household_id', '=', s.householdId)
    .execute();
  recount(
    s,
    rows.map((r) => r.recipe_id),
  );
}
