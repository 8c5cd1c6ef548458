import type { Insertable } from 'kysely';
import { listRecipe } from '../../core/counting/recipe-listing.ts';
import { dishFacts } from '../../core/dish/dish-facts.ts';
import { fold } from '../../core/food/food-words.ts';
import { avoidedBy } from '../../core/swap/avoided.ts';
import { type CountingEater, countersAt, type Eater } from '../../core/table/table.ts';
import type { Version } from '../../core/version/version.ts';
import type { Database, RowOf } from '../db/schema.ts';
import { groupBy } from './group-by.ts';
import { kitchenFor, versionOf, versionRowName } from './kitchen.ts';
import { recipeOf } from './recipe-rows.ts';
import type { Scope } from './scope.ts';
import { readable, toJson } from './stored.ts';
import { tableOf } from './table.ts';

/** Everything that is stored for the list of one recipe. Null rows: there is nothing to show, for it was removed. */
export interface ListingRows {
  readonly recipeId: string;
  readonly listing: Insertable<Database['recipe_listing']> | null;
  readonly points: readonly Insertable<Database['recipe_points']>[];
}

/** Counts what the list shows of recipes. Only reads. */
export async function listingRows(s: Scope, recipeIds: readonly string[]): Promise<ListingRows[]> {
  if (recipeIds.length === 0) return [];
  const table = await tableOf(s);
  const eaters = countersAt(table);
  const recipes = await s.db
    .selectFrom('recipe')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('id', 'in', [...recipeIds])
    .where('removed_at', 'is', null)
    .execute();
  const rows = await s.db
    .selectFrom('version')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('recipe_id', 'in', [...recipeIds])
    .where('removed_at', 'is', null)
    .orderBy('created_at')
    .orderBy('id')
    .execute();
  const versions = groupBy(readable(rows, versionRowName, versionOf), (v) => v.recipeId);
  const kitchen = await kitchenFor(s, [...versions.values()].flat());
  const byId = new Map(recipes.map((r) => [r.id, r]));
  return recipeIds.map((recipeId) => {
    const row = byId.get(recipeId);
    const own = versions.get(recipeId) ?? [];
    return row === undefined
      ? { recipeId, listing: null, points: [] }
      : rowsOf(s.householdId, row, own, kitchen, eaters, table.eaters);
  });
}

function rowsOf(
  householdId: string,
  row: RowOf<'recipe'>,
  versions: readonly Version[],
  kitchen: Awaited<ReturnType<typeof kitchenFor>>,
  eaters: readonly CountingEater[],
  people: readonly Eater[],
): ListingRows {
  const [recipe] = readable([row], (r) => `recipe ${r.id}`, recipeOf);
  const counted =
    recipe === undefined
      ? null
      : listRecipe({ title: recipe.title, versions, shownVersionId: recipe.shownVersionId }, kitchen, eaters);
  if (recipe === undefined || counted === null) return { recipeId: row.id, listing: null, points: [] };
  const facts = dishFacts(counted.version.steps, recipe.facts);
  const items = new Set(versions.flatMap((v) => v.lines.map((l) => l.item)));
  return {
    recipeId: recipe.id,
    listing: {
      recipe_id: recipe.id,
      household_id: householdId,
      title: recipe.title,
      title_key: fold(recipe.title),
      author: recipe.credit.author,
      whose: recipe.credit.whose,
      changed_at: row.changed_at,
      version_id: counted.version.id,
      version_name: counted.version.name,
      versions: counted.versions,
      servings: counted.version.servings,
      kcal: counted.kcal,
      serving_grams: counted.servingGrams,
      open: counted.open,
      stale: 0,
      cause_id: null,
      favourite: recipe.favourite ? 1 : 0,
      dish: counted.dish,
      minutes: facts.minutes,
      vessels: facts.vessels,
      appliances: toJson(facts.appliances),
      foods: [...new Set(counted.foods.map((f) => f.id))].join(' '),
      not_for: toJson(people.filter((p) => avoidedBy(p, counted.foods).length > 0).map((p) => p.id)),
      words: fold([recipe.title, recipe.credit.author ?? '', ...items].join(' ')),
    },
    points: counted.points.map((p, position) => ({
      recipe_id: recipe.id,
      counter: p.counter,
      household_id: householdId,
      mark: p.mark,
      position,
      points: p.points,
      was: p.was,
      complete: p.complete ? 1 : 0,
      low: p.low,
      high: p.high,
    })),
  };
}

/** Puts the rows in place of those before. Writes; the caller has the transaction. */
export async function writeListingRows(s: Scope, all: readonly ListingRows[]): Promise<void> {
  if (all.length === 0) return;
  const ids = all.map((r) => r.recipeId);
  await s.db.deleteFrom('recipe_points').where('recipe_id', 'in', ids).execute();
  const gone = all.filter((r) => r.listing === null).map((r) => r.recipeId);
  if (gone.length > 0) {
    await s.db.deleteFrom('recipe_listing').where('recipe_id', 'in', gone).execute();
  }
  const listings = all.flatMap((r) => r.listing ?? []);
  if (listings.length > 0) {
    await s.db
      .insertInto('recipe_listing')
      .values(listings)
      .onConflict((c) => c.column('recipe_id').doUpdateSet((e) => everyColumn(Object.keys(listings[0]!), e.ref)))
      .execute();
  }
  const points = all.flatMap((r) => r.points);
  if (points.length > 0) await s.db.insertInto('recipe_points').values(points).execute();
}

/** Sets every column to what the new row has. */
const everyColumn = (columns: readonly string[], ref: (name: never) => unknown) =>
  Object.fromEntries(columns.map((c) => [c, ref(`excluded.${c}` as never)]));
