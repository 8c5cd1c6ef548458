import { v7 as uuid } from 'uuid';
import { standingOn } from '../../core/day/standing-on.ts';
import { STOCK_KIND } from '../../core/documents/document-kinds.ts';
import { TRIP_KIND } from '../../core/documents/week-kinds.ts';
import { notFound } from '../../core/errors.ts';
import { daysBetween, daysFrom } from '../../core/quantity/calendar-day.ts';
import { bringHome } from '../../core/shopping/bring-home.ts';
import { costOfDish, type DishCost } from '../../core/shopping/cost-of-dish.ts';
import { thisNotThat } from '../../core/shopping/this-not-that.ts';
import { isGot, type Trip, type TripItem } from '../../core/shopping/trip.ts';
import { type DishToCook, type FoodToEat, whatToGet } from '../../core/shopping/what-to-get.ts';
import { SWAPS } from '../../core/swap/library.ts';
import { countersAt } from '../../core/table/table.ts';
import type { Kitchen } from '../../core/version/kitchen.ts';
import { entryOf, POTS } from './day-shelf.ts';
import { daySources } from './day-sources.ts';
import { everyEater } from './eaten.ts';
import { appendEntry, makeDocument, shelved } from './entries.ts';
import { newestFoods } from './foods.ts';
import { titlesOf } from './recipe-page.ts';
import type { RowShelf } from './row-shelf.ts';
import { nowOf, type Scope } from './scope.ts';
import { STOCK, stockOf } from './stock-shelf.ts';
import { tableOf } from './table.ts';
import { BUYING, TRIPS } from './trip-shelf.ts';
import { write } from './write.ts';

/** A list is for so many days at most. */
const MOST_DAYS_OF_LIST = 62;

/** What has to be got for what is planned from one day to another, both of them in it. */
export async function toGet(s: Scope, from: string, to: string): Promise<TripItem[]> {
  const table = await tableOf(s);
  const { dishes, foods, kitchen } = await planBetween(s, from, to);
  const buying = await BUYING.all(s);
  const ids = [
    ...dishes.flatMap((d) => d.version.lines.flatMap((l) => (l.food.kind === 'food' ? [l.food.foodId] : []))),
    ...foods.map((f) => f.foodId),
    ...buying.map((b) => b.foodId),
  ];
  const known = new Map((await newestFoods(s, withTwins(ids))).map((f) => [f.id, f]));
  const food = (id: string) => known.get(id) ?? null;
  const items = whatToGet({
    dishes,
    foods,
    stock: await stockOf(s),
    buying,
    kitchen: { ...kitchen, food: (id, revision) => kitchen.food(id, revision) ?? food(id) },
    food,
    system: table.household.system,
  });
  const counters = countersAt(table).map((c) => c.counter);
  return items.map((item) =>
    item.foodId === null
      ? item
      : { ...item, notThat: thisNotThat(item.foodId, { dishes, kitchen, food, counters })?.words ?? '' },
  );
}

/** What a serving of each planned dish costs, as far as prices are kept. */
export async function planCosts(s: Scope, from: string, to: string): Promise<DishCost[]> {
  const { dishes, kitchen } = await planBetween(s, from, to);
  const buying = await BUYING.all(s);
  const byTitle = new Map(dishes.map((d) => [d.title, costOfDish(d, kitchen, buying)]));
  return [...byTitle.values()];
}

/** Each once, and everything that one of them is the lighter twin of. */
function withTwins(ids: readonly string[]): string[] {
  const all = new Set(ids);
  for (const s of SWAPS)
    if (s.kind === 'twin' && s.into.some((i) => all.has(i.foodId))) for (const f of s.from) all.add(f);
  return [...all];
}

interface Planned {
  readonly dishes: DishToCook[];
  readonly foods: FoodToEat[];
  readonly kitchen: Kitchen;
}

/** Pots that are not cooked yet, servings that no pot makes, and foods that are eaten as they are. */
async function planBetween(s: Scope, from: string, to: string): Promise<Planned> {
  const rows = await s.db
    .selectFrom('day_entry')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('eater_id', 'in', everyEater(s))
    .where('day', '>=', from)
    .where('day', '<=', to)
    .where('state', '=', 'planned')
    .where('removed_at', 'is', null)
    .execute();
  const { eaters } = await tableOf(s);
  const names = new Map(eaters.map((e) => [e.id, e.name]));
  const known = await s.db
    .selectFrom('day_entry')
    .select('id')
    .where('household_id', '=', s.householdId)
    .where('eater_id', 'in', everyEater(s))
    .where('day', '>=', from)
    .where('day', '<=', to)
    .execute();
  const ids = new Set(known.map((r) => r.id));
  const days = daysFrom(from, Math.min(MOST_DAYS_OF_LIST, daysBetween(from, to) + 1));
  const standing = eaters.flatMap((e) => days.flatMap((day) => standingOn(e.standing, e.id, day, ids)));
  const entries = [...rows.map(entryOf), ...standing];
  const pots = (await POTS.all(s)).filter((p) => p.cookId === null && p.day >= from && p.day <= to);
  const sources = await daySources(s, entries, pots);
  const servings = new Map<string, number>();
  for (const { what, portion } of entries)
    if (what.kind === 'version') servings.set(what.versionId, (servings.get(what.versionId) ?? 0) + portion);
  const wanted = [
    ...pots.map((p) => ({ versionId: p.versionId, servings: p.servings })),
    ...[...servings].map(([versionId, n]) => ({ versionId, servings: n })),
    ...entries.flatMap(({ what, eaterId, portion }) => {
      const feast = what.kind === 'feast' ? sources.feast(what.feastId) : null;
      return (feast?.dishes ?? []).map((d) => ({
        versionId: d.versionId,
        servings: (d.portions[eaterId] ?? 1) * portion,
      }));
    }),
  ];
  const found = wanted.flatMap((w) => {
    const version = sources.version(w.versionId);
    return version === null ? [] : [{ version, servings: w.servings }];
  });
  const titles = await titlesOf(s, [...new Set(found.map((d) => d.version.recipeId))]);
  return {
    dishes: found.map((d) => ({ ...d, title: titles.get(d.version.recipeId) ?? d.version.name })),
    foods: entries.flatMap(({ what, eaterId, portion }) =>
      what.kind === 'food' ? [{ foodId: what.foodId, grams: what.grams * portion, who: names.get(eaterId) ?? '' }] : [],
    ),
    kitchen: sources.kitchen,
  };
}

/** What was bought goes into the house, each thing once. @throws DomainError not-found */
export function tripHome(scope: Scope, id: string): Promise<void> {
  return write(scope, async (s) => {
    const found = await TRIPS.find(s, id);
    if (found === null || found.removed) throw notFound('shopping list');
    await intoTheHouse(s, found.document, found.revision);
  });
}

/** Puts into the house what was got and is not there yet, and writes on the list that it is. */
async function intoTheHouse(s: Scope, trip: Trip, revision: number): Promise<void> {
  const got = trip.items.filter((i) => isGot(trip, i.id) && !trip.home.includes(i.id)).map((i) => i.id);
  if (trip.done !== null && got.length === 0) return;
  const stock = await stockOf(s);
  for (const { before, after } of bringHome(trip, stock, uuid)) {
    if (before === null) {
      await makeDocument(s, STOCK, after.id, after);
      continue;
    }
    const { revision: seen, ...was } = stock.find((i) => i.id === before.id)!;
    const changes = STOCK_KIND.changes(was, { ...was, grams: after.grams });
    if (changes.length > 0)
      await appendEntry(s, STOCK, was.id, { id: uuid(), label: 'Bought', changes, undoes: null }, { exactly: seen });
  }
  const home = { ...trip, done: trip.done ?? nowOf(s), home: [...trip.home, ...got] };
  const entry = { id: uuid(), label: 'Home', changes: TRIP_KIND.changes(trip, home), undoes: null };
  await appendEntry(s, TRIPS, trip.id, entry, { exactly: revision });
}

/** Shopping trips: what a phone that was without network ticks on one that is home already goes into the house, too. */
export const TRIPS_HOME: RowShelf<Trip> = {
  ...TRIPS,
  follow: async (s, id, _before, after) => {
    if (after === null || after.done === null) return;
    const { revision } = await shelved(s, TRIPS, id);
    await intoTheHouse(s, after, revision);
  },
};
