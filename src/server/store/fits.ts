import type { FitsAnswer, FitsQuery } from '../../contract/week-api.ts';
import type { CountsFor, DaySources } from '../../core/day/count-entry.ts';
import type { DayEntry, Eaten } from '../../core/day/day-entry.ts';
import { notForEntry } from '../../core/day/not-for-entry.ts';
import { probeEntry } from '../../core/day/probe-entry.ts';
import {
  type FittingPortion,
  fitWords,
  type PortionWorth,
  portionThatFits,
  portionWorth,
  type Room,
} from '../../core/day/what-fits.ts';
import { notFound } from '../../core/errors.ts';
import type { Food, FoodKind } from '../../core/food/food.ts';
import { isInSeason } from '../../core/food/season.ts';
import { ladderOf } from '../../core/program/ladder.ts';
import { addDays } from '../../core/quantity/calendar-day.ts';
import { houseOf } from '../../core/stock/house-of.ts';
import { avoidedBy } from '../../core/swap/avoided.ts';
import type { Eater } from '../../core/table/table.ts';
import { boxesThere } from './cook-shelf.ts';
import { countedFor, countsFor, daySources } from './day-sources.ts';
import { todayOf } from './eaten.ts';
import { newestFoods } from './foods.ts';
import { recipesNotRead, recipesThatMayFit } from './recipes-that-may-fit.ts';
import type { Scope } from './scope.ts';
import { stockOf } from './stock-shelf.ts';
import { tableOf } from './table.ts';

/** So many are shown: those that were asked for first. */
const MOST_FITTING = 24;
/** So many of those that are not wholly read are named. */
const MOST_UNREAD_NAMED = 3;
/** So many recipes are counted out at a time, and at most. */
const COUNTED_AT_ONCE = 48;
const MOST_COUNTED = 480;
/** A food that was eaten within so many days is one that is eaten here. */
const FOODS_OF_DAYS = 56;
/** What was eaten within so many days was eaten lately. */
const LATELY_DAYS = 14;
/** Of a food by itself: so much at least and at most, and so much of what nobody weighed, g. */
const LEAST_OF_FOOD_G = 5;
const MOST_OF_FOOD_G = 250;
const UNWEIGHED_G = 100;

type FitRow = FitsAnswer['fits'][number];

/** Recipes, boxes and foods with the portion of each that fits. @throws DomainError not-found */
export async function whatFits(s: Scope, query: FitsQuery): Promise<FitsAnswer> {
  const table = await tableOf(s);
  const eater = table.eaters.find((e) => e.id === query.eater);
  if (eater === undefined) throw notFound('eater');
  const room: Room = { points: query.points ?? null, kcal: query.kcal ?? null, protein: query.protein ?? null };
  const today = query.day ?? (await todayOf(s));
  const asking: Asking = {
    s,
    query,
    eater,
    who: countsFor(table, query.eater),
    room,
    today,
    house: houseOf(await stockOf(s)),
    upwards: table.household.upwards,
  };
  // Only a recipe says in what it is made, and what of it is in season.
  const of = query.appliance !== undefined || query.season === true ? 'recipes' : query.of;
  const none = { rows: [], unread: [], unreadInAll: 0, all: true };
  const recipes = of === 'boxes' || of === 'foods' ? none : await recipesThatFit(asking);
  const boxes = of === 'recipes' || of === 'foods' ? none : await boxesThatFit(asking);
  const foods = of === 'recipes' || of === 'boxes' ? [] : await foodsThatFit(asking);
  const all = [...recipes.rows, ...boxes.rows, ...foods]
    .filter((f) => query.notLately !== true || !isLately(f.lastEaten, today))
    .sort(orderBy(query.order));
  // A dough by itself is nobody's supper.
  const parts = all.filter((f) => f.isPart);
  const fits = [...all.filter((f) => !f.isPart), ...parts].slice(0, MOST_FITTING);
  return {
    today,
    fits: fits.map(({ isPart: _, ...fit }) => fit),
    unread: {
      inAll: recipes.unreadInAll + boxes.unread.length,
      first: [...boxes.unread, ...recipes.unread].slice(0, MOST_UNREAD_NAMED),
    },
    countedOut: recipes.all ? null : MOST_COUNTED,
  };
}

interface Asking {
  readonly s: Scope;
  readonly query: FitsQuery;
  readonly eater: Eater;
  readonly who: CountsFor;
  readonly room: Room;
  readonly today: string;
  readonly house: ReadonlyMap<string, number | null>;
  /** Whether the household counts doubts upwards. */
  readonly upwards: boolean;
}

/** Things that fit, and what is not wholly read of those that may. */
interface Found {
  readonly rows: OrderedRow[];
  readonly unread: { readonly recipeId: string; readonly title: string }[];
}

type OrderedRow = FitRow & { readonly isPart: boolean };

const probeOf =
  ({ query, today }: Asking) =>
  (what: Eaten, words: string): DayEntry =>
    probeEntry(what, words, query.eater, today);

/**
 * The portion of something that fits; `unread` where it would by what is read of it: it comes to more, and may hold what
 * somebody must not have.
 */
function fitOf({ who, room, upwards }: Asking, entry: DayEntry, from: DaySources): FittingPortion | 'unread' | null {
  const at = (portion: number): PortionWorth => portionWorth(countedFor({ ...entry, portion }, who, from), upwards);
  const fit = portionThatFits(at, room);
  if (fit !== null || at(1).complete) return fit;
  return portionThatFits((portion) => ({ ...at(portion), complete: true }), room) === null ? null : 'unread';
}

/** Recipes are counted out in the order asked for until enough of them fit; `all` says whether none was left. */
async function recipesThatFit(asking: Asking): Promise<Found & { unreadInAll: number; all: boolean }> {
  const { s, query, room, today, house } = asking;
  const probe = probeOf(asking);
  const asked = { query, room, today, lately: addDays(today, -LATELY_DAYS), house: [...house.keys()] };
  const rows: OrderedRow[] = [];
  const notRead = await recipesNotRead(s, asked, MOST_UNREAD_NAMED);
  const unread = [...notRead.first];
  let unreadInAll = notRead.inAll;
  const found = (all: boolean) => ({ rows, unread, unreadInAll, all });
  let counted = 0;
  for await (const page of recipesThatMayFit(s, asked, COUNTED_AT_ONCE)) {
    const listed =
      query.season === true ? page.filter((r) => isInSeason(r.foods.trim().split(' '), monthOf(today))) : page;
    const entries = listed.map((r) =>
      probe({ kind: 'version', recipeId: r.recipe_id, versionId: r.version_id }, r.title),
    );
    const sources = await daySources(s, entries);
    const last = await lastEaten(
      s,
      query.eater,
      listed.map((r) => r.recipe_id),
      today,
    );
    entries.forEach((entry, i) => {
      // The list says it, too, but may not have been counted anew since somebody got an allergy.
      if (notForEntry(asking.eater, entry, sources).length > 0) return;
      const recipe = listed[i]!;
      const fit = fitOf(asking, entry, sources);
      if (fit === 'unread') {
        // Its own lines are read: one of what it is made of is not.
        unread.push({ recipeId: recipe.recipe_id, title: recipe.title });
        unreadInAll++;
      }
      if (fit === null || fit === 'unread') return;
      const foods = recipe.foods.trim().split(' ').filter(Boolean);
      rows.push({
        ...fitRow(fit, entry.what, entry.words),
        minutes: recipe.minutes,
        lastEaten: last.get(recipe.recipe_id) ?? null,
        keepUntil: null,
        inHouse: foods.filter((f) => house.has(f)).length,
        foods: foods.length,
        inSeason: isInSeason(foods, monthOf(today)),
        isPart: recipe.is_part === 1,
      });
    });
    counted += page.length;
    if (rows.length >= MOST_FITTING) return found(true);
    if (counted >= MOST_COUNTED) return found(false);
  }
  return found(true);
}

/** Boxes that are there and nobody else's; what their eater must not or will not eat fits in no day. */
async function boxesThatFit(asking: Asking): Promise<Found> {
  const { s, query, eater, today } = asking;
  const boxes = (await boxesThere(s, undefined)).filter(
    (b) => b.taken === null && b.as === 'cooked' && (b.eaterId === null || b.eaterId === query.eater),
  );
  const probe = probeOf(asking);
  const entries = boxes.map((b) => probe({ kind: 'box', recipeId: b.recipeId, boxId: b.id }, b.title));
  const sources = await daySources(s, entries, [], true);
  const last = await lastEaten(
    s,
    query.eater,
    boxes.map((b) => b.recipeId),
    today,
  );
  const unread: Found['unread'] = [];
  const rows = boxes.flatMap((box, i): OrderedRow[] => {
    const entry = entries[i]!;
    if (notForEntry(eater, entry, sources).length > 0) return [];
    const fit = fitOf(asking, entry, sources);
    if (fit === 'unread') unread.push({ recipeId: box.recipeId, title: box.title });
    if (fit === null || fit === 'unread') return [];
    return [
      {
        ...fitRow(fit, entry.what, entry.words),
        ...NOT_OF_A_RECIPE,
        lastEaten: last.get(box.recipeId) ?? null,
        keepUntil: box.keepUntil,
      },
    ];
  });
  return { rows, unread };
}

const NOT_OF_A_RECIPE = {
  minutes: null,
  lastEaten: null,
  keepUntil: null,
  inHouse: 0,
  foods: 0,
  inSeason: false,
  isPart: false,
} as const;

/** Foods that are in the house, or that this eater has had of late, each with as much of it as fits. */
async function foodsThatFit(asking: Asking): Promise<OrderedRow[]> {
  const { s, query, eater, who, room, today, house, upwards } = asking;
  const { counter } = who;
  const last = await foodsOfLate(s, query.eater, today);
  const foods = await newestFoods(s, [...new Set([...house.keys(), ...last.keys()])]);
  const probe = probeOf(asking);
  const sources = await daySources(s, []);
  return foods.flatMap((food): OrderedRow[] => {
    const late = last.get(food.id);
    if (avoidedBy(eater, [food]).length > 0 || (late === undefined && !isEatenAsItIs(food))) return [];
    const most = counter === null || room.points === null ? null : ladderOf(food, counter, Math.floor(room.points) + 1);
    const upTo = most?.filter((r) => r.points <= room.points!).at(-1)?.mostGrams ?? Number.POSITIVE_INFINITY;
    const there = house.get(food.id) ?? Number.POSITIVE_INFINITY;
    const usual = late?.grams ?? Math.min(MOST_OF_FOOD_G, house.get(food.id) ?? UNWEIGHED_G);
    const grams = Math.floor(Math.min(upTo, there, usual));
    if (grams < LEAST_OF_FOOD_G) return [];
    const what: Eaten = { kind: 'food', foodId: food.id, grams, low: grams, high: grams };
    const worth = portionWorth(countedFor(probe(what, food.name), who, { ...sources, food: () => food }), upwards);
    const fit = portionThatFits(() => worth, room, false);
    if (fit === null) return [];
    return [
      {
        ...fitRow(fit, what, food.name),
        ...NOT_OF_A_RECIPE,
        words: late?.grams === grams ? `${grams} g, as last time` : `up to ${grams} g`,
        inHouse: house.has(food.id) ? 1 : 0,
        foods: 1,
        lastEaten: late?.day ?? null,
      },
    ];
  });
}

/** What nobody eats by itself, as it is. */
const NOT_BY_ITSELF: readonly FoodKind[] = ['oil', 'addedfat', 'sugar', 'flour'];
const RAW_BY_ITSELF: readonly FoodKind[] = ['veg', 'fruit', 'nuts'];

/** Whether a food is eaten as it lies in the house: no fat, no flour, nothing dry, no raw meat. */
const isEatenAsItIs = ({ kinds, state }: Food): boolean =>
  state !== 'dry' &&
  !kinds.some((k) => NOT_BY_ITSELF.includes(k)) &&
  (state !== 'raw' || kinds.some((k) => RAW_BY_ITSELF.includes(k)));

interface FoodOfLate {
  readonly day: string;
  /** As much as there was of it that day. */
  readonly grams: number | null;
}

/** The foods that somebody has had by themselves of late, with the last day of each. */
async function foodsOfLate(s: Scope, eaterId: string, today: string): Promise<Map<string, FoodOfLate>> {
  // Of the row with the last day SQLite takes the grams, too.
  const rows = await s.db
    .selectFrom('day_entry')
    .select((e) => ['ref', 'grams', e.fn.max('day').as('day')])
    .where('household_id', '=', s.householdId)
    .where('eater_id', '=', eaterId)
    .where('day', '>', addDays(today, -FOODS_OF_DAYS))
    .where('day', '<=', today)
    .where('kind', '=', 'food')
    .where('removed_at', 'is', null)
    .groupBy('ref')
    .execute();
  return new Map(
    rows.flatMap((r) =>
      r.ref === null ? [] : [[r.ref, { day: String(r.day), grams: r.grams === null ? null : Math.round(r.grams) }]],
    ),
  );
}

const fitRow = (fit: FittingPortion, what: Eaten, title: string) => ({
  what,
  title,
  portion: fit.portion,
  words: fitWords(fit),
  points: fit.points,
  high: fit.high,
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
