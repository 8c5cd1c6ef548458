import { keepDrift, movedBy } from './drift-keeping.ts';
import { groupBy } from './group-by.ts';
import { type ListingRows, listingRows, writeListingRows } from './listing-rows.ts';
import { note, type StoreContext, scopeOf, writeWith } from './scope.ts';

/** So many recipes are counted and written in one go: a driver that waits for its lock stops everything else. */
export const RENEWED_AT_ONCE = 25;

/** Recipes that wait, with the stamps that say by which change. */
export interface WaitingRecipe {
  readonly householdId: string;
  readonly recipes: readonly { readonly id: string; readonly stale: number }[];
}

export interface Renewed {
  readonly waiting: WaitingRecipe;
  readonly rows: readonly ListingRows[];
}

/** The next recipes that wait to be counted anew; null when none does. */
export async function nextWaiting({ db }: Pick<StoreContext, 'db'>): Promise<WaitingRecipe | null> {
  const first = await db
    .selectFrom('recipe_listing')
    .select('household_id')
    .where('stale', '>', 0)
    .limit(1)
    .executeTakeFirst();
  if (first === undefined) return null;
  const recipes = await db
    .selectFrom('recipe_listing')
    .select(['recipe_id as id', 'stale'])
    .where('household_id', '=', first.household_id)
    .where('stale', '>', 0)
    .orderBy('recipe_id')
    .limit(RENEWED_AT_ONCE)
    .execute();
  return { householdId: first.household_id, recipes };
}

/** Counts the next that wait, in one consistent look at the database. Only reads: a thread of its own may do it. */
export async function countWaitingRecipes(context: StoreContext): Promise<Renewed | null> {
  const count = async (db: StoreContext['db']): Promise<Renewed | null> => {
    const waiting = await nextWaiting({ db });
    if (waiting === null) return null;
    const ids = waiting.recipes.map((r) => r.id);
    return { waiting, rows: await listingRows(scopeOf({ ...context, db }, waiting.householdId), ids) };
  };
  return context.db.isTransaction
    ? count(context.db)
    : context.db.transaction().setAccessMode('read only').execute(count);
}

/** Writes what was counted, but for what has changed since: that waits on, and is counted again. */
export async function keepRenewed(context: StoreContext, { waiting, rows }: Renewed): Promise<void> {
  await writeWith(
    scopeOf(context, waiting.householdId),
    async () => {},
    async (s) => {
      const now = await s.db
        .selectFrom('recipe_listing')
        .select(['recipe_id', 'stale', 'cause_id'])
        .where(
          'recipe_id',
          'in',
          waiting.recipes.map((r) => r.id),
        )
        .execute();
      const stamps = new Map(now.map((r) => [r.recipe_id, r.stale]));
      const seen = new Map(waiting.recipes.map((r) => [r.id, r.stale]));
      const kept = rows.filter((r) => stamps.get(r.recipeId) === seen.get(r.recipeId));
      const causes = new Map(now.map((r) => [r.recipe_id, r.cause_id]));
      const moved = await movedBy(
        s,
        kept.filter((r) => causes.get(r.recipeId) != null),
      );
      await writeListingRows(s, kept);
      for (const [causeId, of] of groupBy(moved, (m) => causes.get(m.recipe_id)!)) await keepDrift(s, causeId, of);
      note(s, 'listing', s.householdId, Date.now());
    },
  );
}

/** Counts everything that waits, here and now: for seeding, tests, and where there is no second thread. */
export async function renewHere(context: StoreContext): Promise<void> {
  for (let found = await countWaitingRecipes(context); found !== null; found = await countWaitingRecipes(context))
    await keepRenewed(context, found);
}
