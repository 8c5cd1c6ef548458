import { limitOf } from '../../core/cook/keep-until.ts';
import { boxFor } from '../../core/day/box-for.ts';
import type { DaySources } from '../../core/day/count-entry.ts';
import type { Eaten } from '../../core/day/day-entry.ts';
import { type FoodPart, foodsInEntry } from '../../core/day/foods-in-entry.ts';
import { notForEntry } from '../../core/day/not-for-entry.ts';
import { leftInPot, type Pot } from '../../core/day/pot.ts';
import { probeEntry } from '../../core/day/probe-entry.ts';
import type { OfferedBox, OfferedDish, OfferedPot, OfferedTo, WeekOffer } from '../../core/propose/week-offer.ts';
import { addDays } from '../../core/quantity/calendar-day.ts';
import { houseOf } from '../../core/stock/house-of.ts';
import type { Table } from '../../core/table/table.ts';
import { boxesThere } from './cook-shelf.ts';
import { POTS } from './day-shelf.ts';
import { countedNow, daySources } from './day-sources.ts';
import { todayOf } from './eaten.ts';
import { newestFoods } from './foods.ts';
import { titlesOf } from './recipe-page.ts';
import type { Scope } from './scope.ts';
import { stockOf } from './stock-shelf.ts';
import { tableOf } from './table.ts';

/** So many dishes are offered: favourites first, then what was worked on last. */
const MOST_DISHES_OFFERED = 30;
/** A pot is asked after for so many days behind. */
const POT_DAYS = 4;
/** Of a pot is eaten within so many days, frozen portions too. */
const POT_EATEN_DAYS = 90;
/** A serving of less is beside something; with more sugar it is a sweet dish. */
const LEAST_MEAL_KCAL = 200;
const SWEET_SERVING_G = 5;
/** What is no meal by itself. */
const NO_MEAL = new Set([
  'batter cake',
  'cookie',
  'yeast dough',
  'pastry',
  'crumble',
  'custard',
  'whipped',
  'confection',
  'sauce',
  'roux sauce',
  'drink',
  'spread',
]);

/** What the free places of a week can be filled with: dishes, boxes, and what is left in pots, counted for each eater. */
export async function weekOffer(
  s: Scope,
  from: string,
  to: string,
): Promise<WeekOffer & { readonly notLookedAt: number }> {
  const table = await tableOf(s);
  const today = await todayOf(s);
  const { rows, notLookedAt } = await dishRows(s);
  const boxes = (await boxesThere(s, undefined)).filter((b) => b.taken === null && b.as === 'cooked');
  const pots = (await POTS.all(s)).filter((p) => p.day >= addDays(from, -POT_DAYS) && p.day <= to);
  const whats: { readonly what: Eaten; readonly words: string }[] = [
    ...rows.map((r) => ({
      what: { kind: 'version', recipeId: r.recipe_id, versionId: r.version_id } as const,
      words: r.title,
    })),
    ...boxes.map((b) => ({ what: { kind: 'box', recipeId: b.recipeId, boxId: b.id } as const, words: b.title })),
    ...pots.map((p) => ({ what: { kind: 'pot', recipeId: p.recipeId, potId: p.id } as const, words: 'Pot' })),
  ];
  const sources = await daySources(
    s,
    whats.map((w) => probeEntry(w.what, w.words, 'nobody', today)),
    pots,
    true,
  );
  const offered = (what: Eaten, words: string): OfferedTo[] => offeredTo(table, sources, what, words, today);
  const house = houseOf(await stockOf(s));
  const names = new Map(
    (await newestFoods(s, [...new Set(rows.flatMap((r) => foodIdsOf(r.foods)))])).map((f) => [f.id, f.name]),
  );
  const last = await lastEatenBy(
    s,
    rows.map((r) => r.recipe_id),
  );
  const taken = await portionsOf(
    s,
    table.eaters.map((e) => e.id),
    pots,
  );
  const titles = await titlesOf(
    s,
    pots.map((p) => p.recipeId),
  );
  return {
    notLookedAt,
    dishes: rows.flatMap((r): OfferedDish[] => {
      const what = { kind: 'version', recipeId: r.recipe_id, versionId: r.version_id } as const;
      const parts = foodsInEntry(probeEntry(what, r.title, 'nobody', today), sources);
      const foods = parts.map((p) => p.food);
      const to = offered(what, r.title);
      if (!isMeal(parts, to[0]?.count.kcal ?? null)) return [];
      return [
        {
          recipeId: r.recipe_id,
          versionId: r.version_id,
          title: r.title,
          servings: r.servings,
          keeps: limitOf('cooked', 'fridge', foods).days,
          toGet: foodIdsOf(r.foods).flatMap((id) =>
            house.has(id) || !names.has(id) ? [] : [{ foodId: id, name: names.get(id)! }],
          ),
          foods: foodIdsOf(r.foods).length,
          lastEaten: last.get(r.recipe_id) ?? null,
          to,
        },
      ];
    }),
    boxes: boxes.map((b): OfferedBox => {
      const to = offered({ kind: 'box', recipeId: b.recipeId, boxId: b.id }, b.title);
      return {
        boxId: b.id,
        recipeId: b.recipeId,
        title: b.title,
        place: b.place,
        keepUntil: b.keepUntil,
        to: to.filter((t) => boxFor(b, t.eaterId)),
      };
    }),
    pots: pots.flatMap((p): OfferedPot[] => {
      const left = Math.floor(leftInPot(p, taken));
      if (left < 1) return [];
      const what = { kind: 'pot', recipeId: p.recipeId, potId: p.id } as const;
      const title = titles.get(p.recipeId) ?? '';
      const foods = foodsInEntry(probeEntry(what, title, 'nobody', today), sources).map((f) => f.food);
      const keepUntil = addDays(p.day, limitOf('cooked', 'fridge', foods).days);
      return [{ potId: p.id, recipeId: p.recipeId, title, day: p.day, keepUntil, left, to: offered(what, title) }];
    }),
  };
}

/** Whether a serving fills somebody, and is no sweet one. */
function isMeal(parts: readonly FoodPart[], kcal: number | null): boolean {
  const sugar = parts.filter((p) => p.food.kinds.includes('sugar')).reduce((sum, p) => sum + p.grams, 0);
  return kcal !== null && kcal >= LEAST_MEAL_KCAL && sugar < SWEET_SERVING_G;
}

const foodIdsOf = (foods: string): string[] => foods.trim().split(' ').filter(Boolean);

function offeredTo(table: Table, sources: DaySources, what: Eaten, words: string, day: string): OfferedTo[] {
  return table.eaters.map((eater): OfferedTo => {
    const entry = probeEntry(what, words, eater.id, day);
    return {
      eaterId: eater.id,
      count: countedNow(entry, table, sources),
      notFor: notForEntry(eater, entry, sources),
    };
  });
}

/** Dishes that are meals, wholly read, and no part of another dish; and how many more of them there are. */
async function dishRows(s: Scope) {
  const all = s.db
    .selectFrom('recipe_listing as l')
    .where('l.household_id', '=', s.householdId)
    .where('l.open', '=', 0)
    .where((e) => e.or([e('l.dish', 'is', null), e('l.dish', 'not in', [...NO_MEAL])]))
    .where('l.recipe_id', 'not in', (e) => e.selectFrom('version_inner').select('inner_recipe_id'));
  const rows = await all
    .select(['l.recipe_id', 'l.version_id', 'l.title', 'l.servings', 'l.foods'])
    .orderBy('l.favourite', 'desc')
    .orderBy('l.changed_at', 'desc')
    .limit(MOST_DISHES_OFFERED)
    .execute();
  const { n } = await all.select((e) => e.fn.countAll<number>().as('n')).executeTakeFirstOrThrow();
  return { rows, notLookedAt: Number(n) - rows.length };
}

/** When anybody last had something of these recipes. */
async function lastEatenBy(s: Scope, recipeIds: readonly string[]): Promise<Map<string, string>> {
  if (recipeIds.length === 0) return new Map();
  const rows = await s.db
    .selectFrom('day_entry')
    .select((e) => ['recipe_id', e.fn.max('day').as('day')])
    .where('household_id', '=', s.householdId)
    .where('recipe_id', 'in', [...recipeIds])
    .where('state', '=', 'eaten')
    .where('removed_at', 'is', null)
    .groupBy('recipe_id')
    .execute();
  return new Map(rows.map((r) => [r.recipe_id!, String(r.day)]));
}

/** What of pots stands on days. */
async function portionsOf(
  s: Scope,
  eaterIds: readonly string[],
  pots: readonly Pot[],
): Promise<{ readonly what: { readonly kind: 'pot'; readonly potId: string }; readonly portion: number }[]> {
  if (pots.length === 0 || eaterIds.length === 0) return [];
  const days = pots.map((p) => p.day).sort();
  const ids = new Set(pots.map((p) => p.id));
  const rows = await s.db
    .selectFrom('day_entry')
    .select(['ref', 'portion'])
    .where('household_id', '=', s.householdId)
    .where('eater_id', 'in', [...eaterIds])
    .where('day', '>=', days[0]!)
    .where('day', '<=', addDays(days.at(-1)!, POT_EATEN_DAYS))
    .where('kind', '=', 'pot')
    .where('removed_at', 'is', null)
    .execute();
  return rows.flatMap((r) =>
    r.ref !== null && ids.has(r.ref) ? [{ what: { kind: 'pot', potId: r.ref }, portion: r.portion }] : [],
  );
}
