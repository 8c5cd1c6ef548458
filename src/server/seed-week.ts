import {
  DEMO_AIMS,
  DEMO_BUYING,
  DEMO_DAYS,
  DEMO_DAYS_BACK,
  DEMO_POTS,
  DEMO_STANDING,
  DEMO_TELLERS,
  DEMO_TODAY,
  type DemoThing,
} from '../../demo/week.ts';
import type { DayEntry, EntryState } from '../core/day/day-entry.ts';
import { addDays } from '../core/quantity/calendar-day.ts';
import type { DemoVersions } from './seed-cooks.ts';
import { DAY_ENTRIES, POTS } from './store/day-shelf.ts';
import { makeDocument } from './store/entries.ts';
import type { Scope } from './store/scope.ts';
import { toJson } from './store/stored.ts';
import { BUYING } from './store/trip-shelf.ts';

/**
 * The days that the demo household has lived, the pots that it plans, and where it gets things. Days that are over are
 * closed when the household is first opened.
 *
 * @param today YYYY-MM-DD
 * @param idIn the id that a document of the demo has in this household
 */
export async function seedWeek(
  s: Scope,
  dishes: ReadonlyMap<string, DemoVersions>,
  idIn: (own: string) => string,
  today: string,
): Promise<void> {
  const dishOf = (title: string): DemoVersions => {
    const dish = dishes.get(title);
    if (!dish) throw new Error(`The demo eats a dish that is not there: ${title}`);
    return dish;
  };
  const whatOf = (thing: DemoThing): Pick<DayEntry, 'what' | 'words' | 'portion'> => {
    if ('points' in thing)
      return { what: { kind: 'known', points: thing.points, kcal: null }, words: thing.words, portion: 1 };
    if ('food' in thing) {
      const { food, grams, words } = thing;
      return { what: { kind: 'food', foodId: food, grams, low: grams, high: grams }, words, portion: 1 };
    }
    const { asWritten, lightened } = dishOf(thing.dish);
    const version = thing.lightened ? lightened : asWritten;
    return {
      what: { kind: 'version', recipeId: version.recipeId, versionId: version.id },
      words: thing.dish,
      portion: thing.portion ?? 1,
    };
  };
  const lay = async (eater: string, day: string, things: readonly DemoThing[], state: EntryState, times = 1) => {
    for (const [position, thing] of things.entries()) {
      const id = idIn(`${eater}-${day.replaceAll('-', '')}-${position}`);
      const entry: DayEntry = {
        id,
        eaterId: idIn(eater),
        day,
        meal: thing.meal,
        position,
        spread: 0,
        state,
        ...whatOf(thing),
      };
      const eaten = 'dish' in thing ? { ...entry, portion: entry.portion * times } : entry;
      await DAY_ENTRIES.insert(s, id, eaten);
    }
  };
  for (const { eater, from, gapEvery, times } of DEMO_TELLERS)
    for (let back = DEMO_DAYS_BACK; back > 0; back--)
      if (back % gapEvery !== 0)
        await lay(eater, addDays(today, -back), DEMO_DAYS[(from + back) % DEMO_DAYS.length]!, 'eaten', times);
  await lay(DEMO_TELLERS[0].eater, today, DEMO_TODAY, 'planned');

  for (const pot of DEMO_POTS) {
    const version = dishOf(pot.dish).lightened;
    const id = idIn(pot.id);
    const day = addDays(today, pot.inDays);
    const own = {
      id,
      recipeId: version.recipeId,
      versionId: version.id,
      day,
      meal: 'meal-supper',
      servings: pot.servings,
    };
    await makeDocument(s, POTS, id, { ...own, cookId: null });
    for (const eater of pot.plates) {
      const entryId = idIn(`${pot.id}-${eater}`);
      await DAY_ENTRIES.insert(s, entryId, {
        id: entryId,
        eaterId: idIn(eater),
        day,
        meal: 'meal-supper',
        position: 0,
        what: { kind: 'pot', recipeId: version.recipeId, potId: id },
        words: pot.dish,
        portion: 1,
        spread: 0,
        state: 'planned',
      });
    }
  }
  for (const b of DEMO_BUYING) await makeDocument(s, BUYING, b.foodId, b);
  const { eater, ...standing } = DEMO_STANDING;
  await s.db
    .updateTable('eater')
    .set({ standing: toJson([{ ...standing, id: idIn(standing.id), since: addDays(today, -DEMO_DAYS_BACK) }]) })
    .where('household_id', '=', s.householdId)
    .where('id', '=', idIn(eater))
    .execute();
  await s.db
    .updateTable('household')
    .set({ aims: toJson(DEMO_AIMS) })
    .where('id', '=', s.householdId)
    .execute();
}
