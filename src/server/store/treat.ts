import type { TreatAnswer } from '../../contract/week-api.ts';
import type { DayEntry, Eaten } from '../../core/day/day-entry.ts';
import { notForEntry } from '../../core/day/not-for-entry.ts';
import { portionThatFits, portionWorth } from '../../core/day/what-fits.ts';
import { notFound } from '../../core/errors.ts';
import { foodWords } from '../../core/food/food-words.ts';
import { addDays } from '../../core/quantity/calendar-day.ts';
import { dishWeight } from '../../core/version/dish-weight.ts';
import { countedFor, countsFor, daySources } from './day-sources.ts';
import { todayOf } from './eaten.ts';
import { searchPantry } from './food-search.ts';
import { getRecipe } from './recipe-rows.ts';
import type { Scope } from './scope.ts';
import { tableOf } from './table.ts';
import { versionsOf } from './versions.ts';
import { weekFrom } from './weeks.ts';

export interface TreatQuery {
  readonly eater: string;
  /** What is left of the day. */
  readonly points: number;
  readonly day?: string | undefined;
}

/** Another day of the week is looked for so far ahead. */
const DAYS_AHEAD = 6;
const MOST_BOUGHT = 4;

/**
 * A dish that eats the day: its versions with the part of each that fits, the days of the week that have room for all of
 * it, and what is bought of that kind beside it.
 *
 * @throws DomainError not-found
 */
export async function treatOf(s: Scope, recipeId: string, query: TreatQuery): Promise<TreatAnswer> {
  const recipe = await getRecipe(s, recipeId);
  const table = await tableOf(s);
  const eater = table.eaters.find((e) => e.id === query.eater);
  if (eater === undefined) throw notFound('eater');
  const who = countsFor(table, query.eater);
  const day = query.day ?? (await todayOf(s));
  const versions = (await versionsOf(s, recipeId)).filter((v) => v.kind !== 'asCooked');
  const probe = (what: Eaten, portion = 1): DayEntry => ({
    id: 'treat',
    eaterId: query.eater,
    day,
    meal: 'meal',
    position: 0,
    what,
    words: recipe.title,
    portion,
    spread: 0,
    state: 'planned',
  });
  const of = (versionId: string): Eaten => ({ kind: 'version', recipeId, versionId });
  const sources = await daySources(
    s,
    versions.map((v) => probe(of(v.id))),
  );
  const counted = versions.map((v) => {
    const at = (portion: number) =>
      portionWorth(countedFor(probe(of(v.id), portion), who, sources), table.household.upwards);
    const whole = at(1);
    const fit = portionThatFits(at, { points: query.points, kcal: null, protein: null });
    return {
      versionId: v.id,
      name: v.name,
      points: whole.points,
      kcal: whole.kcal,
      grams: Math.round(dishWeight(v, sources.kitchen) / (v.servings ?? 1)),
      portion: fit?.portion ?? null,
      portionPoints: fit?.points ?? null,
      unread: !whole.complete,
      notFor: notForEntry(eater, probe(of(v.id)), sources),
    };
  });
  const least = counted.reduce<number | null>(
    (low, v) => (v.points === null || v.unread || v.notFor.length > 0 ? low : Math.min(low ?? v.points, v.points)),
    null,
  );
  const week = await weekFrom(s, addDays(day, 1), DAYS_AHEAD);
  const days = week.told.flatMap((d) =>
    d.eaterId === query.eater && d.mayTake !== null && least !== null && d.mayTake >= least
      ? [{ day: d.day, mayTake: d.mayTake }]
      : [],
  );
  return {
    title: recipe.title,
    versions: counted,
    days,
    bought: await boughtLike(s, recipe.title, counted[0]?.grams ?? 100, probe, who),
  };
}

/** What is bought of that kind: ready foods and sweets that are called as the dish is. */
async function boughtLike(
  s: Scope,
  title: string,
  grams: number,
  probe: (what: Eaten) => DayEntry,
  who: ReturnType<typeof countsFor>,
): Promise<TreatAnswer['bought']> {
  const words = foodWords(title);
  const found = await Promise.all(words.map((w) => searchPantry(s, w, MOST_BOUGHT)));
  const foods = new Map(
    found
      .flat()
      .filter((f) => f.group === 'ready foods' || f.kinds.includes('sweet'))
      .map((f) => [f.id, f]),
  );
  const sources = await daySources(s, []);
  return [...foods.values()].slice(0, MOST_BOUGHT).map((food) => {
    const what: Eaten = { kind: 'food', foodId: food.id, grams, low: grams, high: grams };
    const { points, kcal } = countedFor(probe(what), who, { ...sources, food: () => food });
    return { foodId: food.id, name: food.name, grams, points, kcal };
  });
}
