import { type SelectQueryBuilder, sql } from 'kysely';
import type { FitsQuery } from '../../contract/week-api.ts';
import type { Room } from '../../core/day/what-fits.ts';
import type { Database } from '../db/schema.ts';
import type { Scope } from './scope.ts';

/** A quarter of a serving is the least that is looked at: its serving may be so many times what is left. */
const MOST_OF_ROOM = 4;

/** A recipe of which a portion may fit, as the list knows it. */
export interface MayFit {
  readonly recipe_id: string;
  readonly version_id: string;
  readonly title: string;
  readonly minutes: number | null;
  readonly foods: string;
  /** Whether it is a part of another dish, as a dough is. */
  readonly is_part: number;
}

interface AskedOfRecipes {
  readonly query: FitsQuery;
  readonly room: Room;
  readonly today: string;
  /** What was eaten after this day was eaten lately. */
  readonly lately: string;
  /** The foods that are in the house. */
  readonly house: readonly string[];
}

type ListedRows = SelectQueryBuilder<Database & { l: Database['recipe_listing'] }, 'l', object>;

/**
 * Recipes of which a portion may fit, page by page, those that are asked for first first: of ten thousand, an index or
 * one sort gives them in order, and only as many are read as are wanted.
 */
export async function* recipesThatMayFit(
  s: Scope,
  asked: AskedOfRecipes,
  aPage: number,
): AsyncGenerator<readonly MayFit[]> {
  for (const rows of ordersOf(s, asked)) {
    for (let from = 0; ; from += aPage) {
      const page = await rows
        .select(['l.recipe_id', 'l.version_id', 'l.title', 'l.minutes', 'l.foods'])
        .select(sql<number>`l.recipe_id in (select inner_recipe_id from version_inner)`.as('is_part'))
        .orderBy('l.recipe_id')
        .limit(aPage)
        .offset(from)
        .execute();
      if (page.length > 0) yield page;
      if (page.length < aPage) break;
    }
  }
}

/** Recipes of which a portion would fit by what is read of them: how many there are, and the first by their titles. */
export async function recipesNotRead(
  s: Scope,
  asked: AskedOfRecipes,
  most: number,
): Promise<{ readonly inAll: number; readonly first: readonly { recipeId: string; title: string }[] }> {
  const { points } = asked.room;
  const rows = narrowedAsAsked(asked, points === null ? listed(s) : upTo(s, asked, points)).where('l.open', '>', 0);
  const { n } = await rows.select((e) => e.fn.countAll<number>().as('n')).executeTakeFirstOrThrow();
  const first = await rows
    .select(['l.recipe_id as recipeId', 'l.title'])
    .orderBy('l.title_key')
    .orderBy('l.recipe_id')
    .limit(most)
    .execute();
  return { inAll: Number(n), first };
}

const listed = (s: Scope): ListedRows =>
  s.db.selectFrom('recipe_listing as l').where('l.household_id', '=', s.householdId);

const countedForEater = (s: Scope, { query }: AskedOfRecipes) =>
  s.db
    .selectFrom('recipe_points as p')
    .innerJoin('recipe_listing as l', 'l.recipe_id', 'p.recipe_id')
    .where('p.household_id', '=', s.householdId)
    .where('p.counter', '=', query.eater);

/** What is counted at no more than so many times the room. */
const upTo = (s: Scope, asked: AskedOfRecipes, points: number): ListedRows =>
  countedForEater(s, asked).where('p.points', '<=', points * MOST_OF_ROOM + 1) as unknown as ListedRows;

/** Without what nobody asked for, whatever the order. */
function narrowedAsAsked({ query, room, today, lately }: AskedOfRecipes, rows: ListedRows): ListedRows {
  return rows
    .where('l.not_for', 'not like', `%"${query.eater}"%`)
    .$if(room.kcal !== null, (q) => q.where('l.kcal', '<=', room.kcal! * MOST_OF_ROOM))
    .$if(query.minutes !== undefined, (q) => q.where('l.minutes', '<=', query.minutes!))
    .$if(query.appliance !== undefined, (q) => q.where('l.appliances', 'like', `%"${query.appliance}"%`))
    .$if(query.notLately === true, (q) =>
      q.where('l.recipe_id', 'not in', (e) =>
        e
          .selectFrom('day_entry')
          .select('recipe_id')
          .where('eater_id', '=', query.eater)
          .where('day', '>', lately)
          .where('day', '<=', today)
          .where('removed_at', 'is', null)
          .where('recipe_id', 'is not', null)
          .$castTo<{ recipe_id: string }>(),
      ),
    ) as ListedRows;
}

/** The orders that are gone through, one after the other; what is not wholly read is in none of them. */
function ordersOf(s: Scope, asked: AskedOfRecipes): ListedRows[] {
  const { query, today, house } = asked;
  const { points } = asked.room;
  const read = (rows: unknown): ListedRows => narrowedAsAsked(asked, rows as ListedRows).where('l.open', '=', 0);
  if (query.order === 'points' && points !== null)
    return [
      read(countedForEater(s, asked).where('p.points', '<=', points).orderBy('p.points', 'desc')),
      read(
        countedForEater(s, asked)
          .where('p.points', '>', points)
          .where('p.points', '<=', points * MOST_OF_ROOM + 1)
          .orderBy('p.points'),
      ),
    ];
  const rows = read(points === null ? listed(s) : upTo(s, asked, points));
  switch (query.order) {
    case 'time':
      return [rows.orderBy((e) => e('l.minutes', 'is', null)).orderBy('l.minutes')];
    case 'house':
      return [byShareInHouse(rows, house)];
    case 'lately':
      return [rows.orderBy(lastHad(s, query.eater, today))];
    default:
      return [rows.orderBy('l.changed_at', 'desc')];
  }
}

/** By how much of a dish's foods is in the house: counted from the house, which has fewer foods than all dishes have. */
function byShareInHouse(rows: ListedRows, house: readonly string[]): ListedRows {
  const inHouse = sql<{ version_id: string; n: number }>`(
    select version_id, count(*) as n from version_food
    where food_id in (select value from json_each(${JSON.stringify(house)})) group by version_id)`;
  const foods = sql<number>`length(l.foods) - length(replace(l.foods, ' ', '')) + 1`;
  return rows
    .leftJoin(inHouse.as('h'), (on) => on.onRef('h.version_id', '=', 'l.version_id'))
    .orderBy(sql`coalesce(h.n, 0) * 1.0 / (${foods})`, 'desc') as unknown as ListedRows;
}

/** When somebody last had something of a dish; nothing, and so first, where they never had. */
const lastHad = (s: Scope, eaterId: string, today: string) => sql<string | null>`(
  select max(d.day) from day_entry d
  where d.household_id = ${s.householdId} and d.recipe_id = l.recipe_id and d.day <= ${today}
    and d.eater_id = ${eaterId} and d.removed_at is null)`;
