import type { FitsAnswer, FitsQuery } from '../../contract/week-api.ts';
import { countEntry } from '../../core/day/count-entry.ts';
import type { DayEntry, Eaten } from '../../core/day/day-entry.ts';
import { notForEntry } from '../../core/day/not-for-entry.ts';
import { probeEntry } from '../../core/day/probe-entry.ts';
import { type FittingPortion, fitWords, portionThatFits, type Room } from '../../core/day/what-fits.ts';
import { notFound } from '../../core/errors.ts';
import { isInSeason } from '../../core/food/season.ts';
import { ladderOf } from '../../core/program/ladder.ts';
import { addDays } from '../../core/quantity/calendar-day.ts';
import { houseOf } from '../../core/stock/house-of.ts';
import { avoidedBy } from '../../core/swap/avoided.ts';
import { boxesThere } from './cook-shelf.ts';
import { countsFor, daySources } from './day-sources.ts';
import { todayOf } from './eaten.ts';
import { newestFoods } from './foods.ts';
import type { Scope } from './scope.ts';
import { stockOf } from './stock-shelf.ts';
import { tableOf } from './table.ts';

/** So many recipes are counted out for a room: those that come nearest to it. */
const MOST_FITTING = 24;
/** What was eaten within so many days was eaten lately. */
const LATELY_DAYS = 14;
/** Of a food by itself: so much at least and at most, and so much of what nobody weighed, g. */
const LEAST_OF_FOOD_G = 5;
const MOST_OF_FOOD_G = 250;
const UNWEIGHED_G = 100;
/** A quarter of a serving is the least that is looked at: its serving may be so many times what is left. */
const MOST_OF_ROOM = 4;

type FitRow = FitsAnswer['fits'][number];

/** Recipes, boxes and foods with the portion of each that fits. @throws DomainError not-found */
export async function whatFits(s: Scope, query: FitsQuery): Promise<FitsAnswer> {
  const table = await tableOf(s);
  const eater = table.eaters.find((e) => e.id === query.eater);
  if (eater === undefined) throw notFound('eater');
  const who = countsFor(table, query.eater);
  const room: Room = { points: query.points ?? null, kcal: query.kcal ?? null, protein: query.protein ?? null };
  const today = query.day ?? (await todayOf(s));
  const stock = await stockOf(s);
  const house = houseOf(stock);
  const probe = (what: Eaten, words: string): DayEntry => probeEntry(what, words, query.eater, today);

  // Only a recipe says in what it is made, and what of it is in season.
  const of = query.appliance !== undefined || query.season === true ? 'recipes' : query.of;
  const listed = of === 'boxes' || of === 'foods' ? [] : await recipesNear(s, query, room, today);
  const boxes =
    of === 'recipes' || of === 'foods'
      ? []
      : (await boxesThere(s, undefined)).filter(
          (b) => b.taken === null && b.as === 'cooked' && (b.eaterId === null || b.eaterId === query.eater),
        );
  const foodIds = of === 'recipes' || of === 'boxes' ? [] : [...house.keys()];
  const foods = await newestFoods(s, foodIds);
  const entries = [
    ...listed.map((r) => probe({ kind: 'version', recipeId: r.recipe_id, versionId: r.version_id }, r.title)),
    ...boxes.map((b) => probe({ kind: 'box', recipeId: b.recipeId, boxId: b.id }, b.title)),
  ];
  const sources = await daySources(s, entries, [], true);
  const lately = await lastEaten(
    s,
    query.eater,
    [...listed.map((r) => r.recipe_id), ...boxes.map((b) => b.recipeId)],
    today,
  );
  const fitted = entries.flatMap((entry, i): FitRow[] => {
    // What its eater must not or will not eat fits in no day; of recipes the list has said so.
    if (listed[i] === undefined && notForEntry(eater, entry, sources).length > 0) return [];
    const fit = portionThatFits((portion) => countEntry({ ...entry, portion }, who, sources), room);
    if (fit === null) return [];
    const recipe = listed[i];
    const box = boxes[i - listed.length];
    const recipeId = (recipe?.recipe_id ?? box?.recipeId)!;
    const foodsIn = recipe?.foods.trim().split(' ') ?? [];
    return [
      {
        ...fitRow(fit, entry.what, entry.words),
        minutes: recipe?.minutes ?? null,
        lastEaten: lately.get(recipeId) ?? null,
        keepUntil: box?.keepUntil ?? null,
        inHouse: foodsIn.filter((f) => house.has(f)).length,
        foods: foodsIn.length,
        inSeason: isInSeason(foodsIn, monthOf(today)),
      },
    ];
  });
  const ofFoods = foods.flatMap((food): FitRow[] => {
    if (avoidedBy(eater, [food]).length > 0) return [];
    const counter = who.counter;
    const most = counter === null || room.points === null ? null : ladderOf(food, counter, Math.floor(room.points) + 1);
    const upTo = most?.filter((r) => r.points <= room.points!).at(-1)?.mostGrams ?? Number.POSITIVE_INFINITY;
    const grams = Math.floor(Math.min(upTo, house.get(food.id) ?? UNWEIGHED_G, MOST_OF_FOOD_G));
    if (grams < LEAST_OF_FOOD_G) return [];
    const what: Eaten = { kind: 'food', foodId: food.id, grams, low: grams, high: grams };
    const worth = countEntry(probe(what, food.name), who, { ...sources, food: () => food });
    const fit = portionThatFits(() => worth, room, false);
    if (fit === null) return [];
    const rest = { minutes: null, lastEaten: null, keepUntil: null, inHouse: 1, foods: 1, inSeason: false };
    return [{ ...fitRow(fit, what, food.name), ...rest }];
  });
  const all = [...fitted, ...ofFoods].filter((f) => query.notLately !== true || !isLately(f.lastEaten, today));
  return { today, fits: all.sort(orderBy(query.order)).slice(0, MOST_FITTING) };
}

const fitRow = (fit: FittingPortion, what: Eaten, title: string) => ({
  what,
  title,
  portion: fit.portion,
  words: what.kind === 'food' ? `up to ${what.grams} g` : fitWords(fit),
  points: fit.points,
  kcal: fit.kcal,
  protein: fit.protein,
});

const isLately = (last: string | null, today: string): boolean => last !== null && last > addDays(today, -LATELY_DAYS);
const monthOf = (day: string): number => Number(day.slice(5, 7));

/** Boxes that have to be eaten soonest come first, whatever the order. */
const orderBy =
  (order: FitsQuery['order']) =>
  (a: FitRow, b: FitRow): number =>
    (a.keepUntil ?? '9').localeCompare(b.keepUntil ?? '9') ||
    (order === 'time'
      ? (a.minutes ?? 1e9) - (b.minutes ?? 1e9)
      : order === 'house'
        ? b.inHouse / Math.max(1, b.foods) - a.inHouse / Math.max(1, a.foods)
        : order === 'lately'
          ? (a.lastEaten ?? '').localeCompare(b.lastEaten ?? '')
          : (b.points ?? 0) - (a.points ?? 0)) ||
    a.title.localeCompare(b.title, 'en');

/** More than are counted out: some of them are not in season, or not for everybody. */
const LOOKED_AT = MOST_FITTING * 4;

/**
 * The recipes whose serving comes nearest to what is left, as the list knows them: those within it from the most points
 * down, then those of which a part may fit, from the fewest up. Of ten thousand the index gives them in order.
 */
async function recipesNear(s: Scope, query: FitsQuery, room: Room, today: string) {
  const { points } = room;
  const counts = s.db
    .selectFrom('recipe_points as p')
    .innerJoin('recipe_listing as l', 'l.recipe_id', 'p.recipe_id')
    .where('p.household_id', '=', s.householdId)
    .where('p.counter', '=', query.eater);
  const all = s.db.selectFrom('recipe_listing as l').where('l.household_id', '=', s.householdId);
  const narrowed = (q: typeof all) =>
    q
      .select(['l.recipe_id', 'l.version_id', 'l.title', 'l.minutes', 'l.foods', 'l.appliances', 'l.not_for'])
      .$if(room.kcal !== null, (x) => x.where('l.kcal', '<=', room.kcal! * MOST_OF_ROOM))
      .$if(query.minutes !== undefined, (x) => x.where('l.minutes', '<=', query.minutes!))
      .$if(query.appliance !== undefined, (x) => x.where('l.appliances', 'like', `%"${query.appliance}"%`))
      .limit(LOOKED_AT)
      .execute();
  const asList = (q: typeof counts) => narrowed(q as unknown as typeof all);
  const rows =
    points === null
      ? await narrowed(all.orderBy('l.changed_at', 'desc'))
      : [
          ...(await asList(counts.where('p.points', '<=', points).orderBy('p.points', 'desc'))),
          ...(await asList(
            counts
              .where('p.points', '>', points)
              .where('p.points', '<=', points * MOST_OF_ROOM + 1)
              .orderBy('p.points'),
          )),
        ];
  return rows
    .filter((r) => !(JSON.parse(r.not_for) as string[]).includes(query.eater))
    .filter((r) => query.season !== true || isInSeason(r.foods.trim().split(' '), monthOf(today)))
    .slice(0, MOST_FITTING);
}

/** When somebody last had something of these recipes. */
async function lastEaten(
  s: Scope,
  eaterId: string,
  recipeIds: readonly string[],
  today: string,
): Promise<Map<string, string>> {
  if (recipeIds.length === 0) return new Map();
  const rows = await s.db
    .selectFrom('day_entry')
    .select((e) => ['recipe_id', e.fn.max('day').as('day')])
    .where('household_id', '=', s.householdId)
    .where('recipe_id', 'in', [...new Set(recipeIds)])
    .where('day', '<=', today)
    .where('eater_id', '=', eaterId)
    .where('removed_at', 'is', null)
    .groupBy('recipe_id')
    .execute();
  return new Map(rows.map((r) => [r.recipe_id!, String(r.day)]));
}
