import { type SelectQueryBuilder, sql } from 'kysely';
import type { RecipeList, RecipeQuery, RecipeSummary } from '../../contract/recipe.ts';
import { invalid } from '../../core/errors.ts';
import { fold } from '../../core/food/food-words.ts';
import type { RowOf } from '../db/schema.ts';
import { groupBy } from './group-by.ts';
import { countWaiting } from './listings.ts';
import { picturesOf } from './pictures.ts';
import type { Scope } from './scope.ts';

type ListingRow = Omit<RowOf<'recipe_listing'>, 'cause_id'>;

/** What a page is ordered by, and where the last one ended: a value, and the recipe for what is equal. */
interface Cursor {
  readonly value: string | number | null;
  readonly id: string;
}

const encode = (c: Cursor): string => Buffer.from(JSON.stringify([c.value, c.id])).toString('base64url');
function decode(text: string): Cursor {
  try {
    const [value, id] = JSON.parse(Buffer.from(text, 'base64url').toString());
    if (typeof id === 'string' && (value === null || typeof value === 'string' || typeof value === 'number'))
      return { value, id };
  } catch {
    // Told below, with everything else that is no cursor.
  }
  throw invalid('This page of the list cannot be found.', 'Begin with the first page.');
}

/**
 * A page of the recipes: a read of stored answers. By the end of the last page and not by a number of rows, so that
 * what comes in between moves nothing.
 */
export async function recipeList(s: Scope, query: RecipeQuery): Promise<RecipeList> {
  const byPoints = query.order === 'points' || query.order === 'mostPoints' || query.pointsAtMost !== undefined;
  const counter = byPoints ? await counterOf(s, query) : null;
  // Where nothing is counted yet there are no points to go by.
  const order =
    byPoints && counter === null && query.order !== 'title' && query.order !== 'kcal' ? 'changed' : query.order;
  const descending = order === 'changed' || order === 'mostPoints';
  const ofPoints = order === 'points' || order === 'mostPoints';
  const column = ofPoints ? 'p.points' : COLUMNS[order as keyof typeof COLUMNS];
  const idColumn = ofPoints ? 'p.recipe_id' : 'l.recipe_id';
  const inHouse = query.inHouse === undefined ? null : await recipesInHouse(s);
  let q = matching(s, query, counter, inHouse).select([
    'l.recipe_id',
    'l.title',
    'l.author',
    'l.whose',
    'l.changed_at',
    'l.version_id',
    'l.version_name',
    'l.versions',
    'l.servings',
    'l.kcal',
    'l.serving_grams',
    'l.open',
    'l.stale',
    'l.favourite',
    'l.dish',
    'l.minutes',
    'l.not_for',
    sql.ref(column).as('ordered_by'),
  ]);
  // A recipe whose calories nobody knows stands behind all others.
  if (order === 'kcal') q = q.where('l.kcal', 'is not', null);
  if (query.after !== undefined) {
    const { value, id } = decode(query.after);
    q = q.where(
      descending
        ? sql<boolean>`(${sql.ref(column)}, ${sql.ref(idColumn)}) < (${value}, ${id})`
        : sql<boolean>`(${sql.ref(column)}, ${sql.ref(idColumn)}) > (${value}, ${id})`,
    );
  }
  const direction = descending ? 'desc' : 'asc';
  const rows = await q
    .orderBy(sql.ref(column), direction)
    .orderBy(sql.ref(idColumn), direction)
    .limit(query.limit + 1)
    .execute();
  const page = rows.slice(0, query.limit);
  const last = page[page.length - 1];
  return {
    rows: await summaries(s, page),
    next:
      rows.length > query.limit && last !== undefined
        ? encode({ value: last.ordered_by as Cursor['value'], id: last.recipe_id })
        : null,
    total: query.after === undefined ? await countMatching(s, query, counter, inHouse) : null,
    counting: await countWaiting(s),
  };
}

const COLUMNS = { changed: 'l.changed_at', title: 'l.title_key', kcal: 'l.kcal' } as const;

/** The key of whoever the list is ordered for: the first who counts where nobody is named. */
async function counterOf(s: Scope, query: RecipeQuery): Promise<string | null> {
  if (query.counter !== undefined) return query.counter;
  const row = await s.db
    .selectFrom('recipe_points')
    .select('counter')
    .where('household_id', '=', s.householdId)
    .where('position', '=', 0)
    .limit(1)
    .executeTakeFirst();
  return row?.counter ?? null;
}

// The list is read from one or two tables, as it is ordered; the builder's type stops at the first.
type ListQuery = SelectQueryBuilder<{ l: ListingRow; p: RowOf<'recipe_points'> }, 'l' | 'p', object>;

function matching(s: Scope, query: RecipeQuery, counter: string | null, inHouse: readonly string[] | null): ListQuery {
  const base =
    counter === null
      ? s.db.selectFrom('recipe_listing as l').where('l.household_id', '=', s.householdId)
      : s.db
          .selectFrom('recipe_points as p')
          .innerJoin('recipe_listing as l', 'l.recipe_id', 'p.recipe_id')
          .where('p.household_id', '=', s.householdId)
          .where('p.counter', '=', counter);
  let q = base as unknown as ListQuery;
  if (query.pointsAtMost !== undefined && counter !== null) q = q.where('p.points', '<=', query.pointsAtMost);
  if (query.kcalAtMost !== undefined) q = q.where('l.kcal', '<=', query.kcalAtMost);
  if (query.whose !== undefined) q = q.where('l.whose', '=', query.whose);
  if (query.favourite !== undefined) q = q.where('l.favourite', '=', 1);
  if (query.dish !== undefined) q = q.where('l.dish', '=', query.dish);
  if (query.minutesAtMost !== undefined) q = q.where('l.minutes', '<=', query.minutesAtMost);
  if (query.onePot !== undefined) q = q.where('l.vessels', '=', 1);
  if (query.appliance !== undefined)
    q = q.where(sql<boolean>`instr(l.appliances, ${JSON.stringify(query.appliance)}) > 0`);
  if (query.canEat !== undefined) q = q.where(sql<boolean>`instr(l.not_for, ${JSON.stringify(query.canEat)}) = 0`);
  if (inHouse !== null)
    q = q.where(sql<boolean>`l.recipe_id in (select value from json_each(${JSON.stringify(inHouse)}))`);
  const words = fold(query.q)
    .split(/[^\p{L}\p{N}]+/u)
    .filter(Boolean)
    .slice(0, 8);
  if (words.length > 0) {
    const asked = words.map((w) => `"${w}"*`).join(' AND ');
    q = q.where(sql<boolean>`l.n in (select rowid from recipe_text where words match ${asked})`);
  }
  return q;
}

/** So many things that are not in the house are soon got. */
const TO_GET = 2;

/** The recipes of which the house has everything, but for a few things. Looked through here: ids are no work for SQL. */
async function recipesInHouse(s: Scope): Promise<string[]> {
  const stock = await s.db
    .selectFrom('stock_item')
    .select('food_id')
    .where('household_id', '=', s.householdId)
    .where('removed_at', 'is', null)
    .where('lacking', '=', 0)
    .where('food_id', 'is not', null)
    .execute();
  const has = new Set(stock.map((r) => r.food_id));
  const rows = await s.db
    .selectFrom('recipe_listing')
    .select(['recipe_id', 'foods'])
    .where('household_id', '=', s.householdId)
    .execute();
  return rows.flatMap((r) => {
    let toGet = 0;
    for (const id of r.foods.split(' ')) if (id !== '' && !has.has(id) && ++toGet > TO_GET) return [];
    return [r.recipe_id];
  });
}

async function countMatching(
  s: Scope,
  query: RecipeQuery,
  counter: string | null,
  inHouse: readonly string[] | null,
): Promise<number> {
  const row = await matching(s, query, query.pointsAtMost === undefined ? null : counter, inHouse)
    .select((e) => e.fn.countAll<number>().as('n'))
    .executeTakeFirst();
  return Number(row?.n ?? 0);
}

async function summaries(
  s: Scope,
  rows: readonly Omit<ListingRow, 'n' | 'household_id' | 'title_key' | 'words' | 'vessels' | 'appliances' | 'foods'>[],
): Promise<RecipeSummary[]> {
  if (rows.length === 0) return [];
  const points = await s.db
    .selectFrom('recipe_points')
    .select(['recipe_id', 'counter', 'mark', 'points', 'was', 'complete', 'low', 'high'])
    .where(
      'recipe_id',
      'in',
      rows.map((r) => r.recipe_id),
    )
    .orderBy('recipe_id')
    .orderBy('position')
    .execute();
  const byRecipe = groupBy(points, (p) => p.recipe_id);
  const pictures = await picturesOf(
    s,
    rows.map((r) => r.recipe_id),
  );
  return rows.map((r) => ({
    id: r.recipe_id,
    title: r.title,
    author: r.author,
    whose: r.whose as RecipeSummary['whose'],
    changedAt: r.changed_at,
    servings: r.servings,
    open: Number(r.open),
    versionId: r.version_id,
    versionName: r.version_name,
    versions: Number(r.versions),
    kcal: r.kcal,
    servingGrams: r.serving_grams,
    points: (byRecipe.get(r.recipe_id) ?? []).map((p) => ({
      counter: p.counter,
      mark: p.mark,
      points: p.points,
      was: p.was,
      complete: p.complete === 1,
      low: p.low,
      high: p.high,
    })),
    stale: r.stale > 0,
    favourite: r.favourite === 1,
    picture: pictures.get(r.recipe_id)?.find((p) => p.kind === 'dish')?.id ?? null,
    dish: r.dish as RecipeSummary['dish'],
    minutes: r.minutes,
    notFor: JSON.parse(r.not_for) as string[],
  }));
}
