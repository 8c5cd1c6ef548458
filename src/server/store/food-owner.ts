import type { Scope } from './scope.ts';

/** Whose a food is and its newest revision; undefined when this household has no such food. */
export async function foodOwner(s: Scope, foodId: string) {
  return s.db
    .selectFrom('food_revision')
    .select(['household_id', 'revision'])
    .where('food_id', '=', foodId)
    .where((eb) => eb.or([eb('household_id', 'is', null), eb('household_id', '=', s.householdId)]))
    .orderBy('revision', 'desc')
    .executeTakeFirst();
}

/** Which of these foods a household can name. */
export async function foodsThere(s: Scope, ids: readonly string[]): Promise<Set<string>> {
  if (ids.length === 0) return new Set();
  const rows = await s.db
    .selectFrom('food_revision')
    .select('food_id')
    .distinct()
    .where('food_id', 'in', [...new Set(ids)])
    .where((eb) => eb.or([eb('household_id', 'is', null), eb('household_id', '=', s.householdId)]))
    .execute();
  return new Set(rows.map((r) => r.food_id));
}
