import { v7 as uuid } from 'uuid';
import type { Cook } from '../../core/cook/cook.ts';
import { countShare } from '../../core/cook/count-share.ts';
import type { DayEntry } from '../../core/day/day-entry.ts';
import { DAY_ENTRY_KIND, POT_KIND } from '../../core/documents/week-kinds.ts';
import { invalid, notFound } from '../../core/errors.ts';
import { addDays, timeIn } from '../../core/quantity/calendar-day.ts';
import { mealAt } from '../../core/table/meal.ts';
import { COOKS } from './cook-shelf.ts';
import { entryOf, POTS } from './day-shelf.ts';
import { EATEN } from './eaten.ts';
import { appendEntry, makeDocument, shelved } from './entries.ts';
import { HOUSEHOLD } from './household-shelf.ts';
import { titlesOf } from './recipe-page.ts';
import type { RowShelf } from './row-shelf.ts';
import type { Scope } from './scope.ts';
import { write } from './write.ts';

/** A pot is the one that was cooked when it was planned within so many days. */
const NEAR_DAYS = 2;

/**
 * Puts the plates of a cook on the days of those who have them: what was planned of it becomes what was eaten; with what
 * lies beside. The same again changes what is there.
 *
 * @returns how many days have something of it now
 * @throws DomainError not-found; invalid before it is dished up
 */
export function platesOnDays(scope: Scope, cookId: string): Promise<{ plates: number }> {
  return write(scope, async (s) => {
    const found = await COOKS.find(s, cookId);
    if (found === null || found.removed) throw notFound('cook');
    const cook = found.document;
    if (cook.frozen === null) throw invalid('It is not dished up yet.', 'Say what came out of the pot first.');
    const { document: home } = await shelved(s, HOUSEHOLD, s.householdId);
    const title = (await titlesOf(s, [cook.recipeId])).get(cook.recipeId) ?? 'A dish';
    const meal = mealAt(home.meals, timeIn(s.clock(), home.zone)).id;
    const eaters = await s.db
      .selectFrom('eater')
      .select('id')
      .where('household_id', '=', s.householdId)
      .where('removed_at', 'is', null)
      .execute();
    let plates = 0;
    for (const { id: eaterId } of eaters) {
      const share = cook.plates[eaterId] ?? 0;
      if (share <= 0) continue;
      await plateOnDay(s, cook, eaterId, { title, meal, portion: share * (cook.frozen.servings ?? 1) });
      plates++;
    }
    return { plates };
  });
}

interface PlateSaid {
  readonly title: string;
  readonly meal: string;
  readonly portion: number;
}

async function plateOnDay(s: Scope, cook: Cook, eaterId: string, { title, meal, portion }: PlateSaid): Promise<void> {
  const rows = await s.db
    .selectFrom('day_entry')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('eater_id', '=', eaterId)
    .where('day', '=', cook.day)
    .where('removed_at', 'is', null)
    .execute();
  const there = rows.map((r) => ({ entry: entryOf(r), revision: r.revision }));
  const own =
    there.find(({ entry: { what } }) => what.kind === 'cook' && what.cookId === cook.id) ??
    there.find(
      ({ entry: { what, state } }) =>
        state === 'planned' && (what.kind === 'pot' || what.kind === 'version') && what.recipeId === cook.recipeId,
    );
  const eaten = {
    what: { kind: 'cook', recipeId: cook.recipeId, cookId: cook.id },
    portion: Math.min(100, portion),
    state: 'eaten',
  } as const;
  if (own === undefined) {
    const id = uuid();
    await makeDocument(s, EATEN, id, blankEntry(id, eaterId, cook.day, meal, title, eaten));
  } else {
    const changes = DAY_ENTRY_KIND.changes(own.entry, { ...own.entry, ...eaten });
    if (changes.length > 0)
      await appendEntry(
        s,
        EATEN,
        own.entry.id,
        { id: uuid(), label: 'Dished up', changes, undoes: null },
        { exactly: own.revision },
      );
  }
  await besideOnDay(s, cook, eaterId, own?.entry.meal ?? meal, title, there);
}

/** What lies beside on a plate, as it was counted when it was dished up. */
async function besideOnDay(
  s: Scope,
  cook: Cook,
  eaterId: string,
  meal: string,
  title: string,
  there: readonly { readonly entry: DayEntry }[],
): Promise<void> {
  const beside = cook.beside[eaterId];
  if (beside === undefined || beside.lines.length === 0) return;
  const counter = beside.counters.find((c) => c.key === eaterId) ?? beside.counters[0];
  if (counter === undefined) return;
  const { points, nutrition } = countShare(beside, counter.key, 1);
  const words = `Beside ${title}: ${beside.lines.map((l) => l.label).join(', ')}`.slice(0, 200);
  if (there.some(({ entry }) => entry.words === words)) return;
  const what = { kind: 'known', points, kcal: nutrition.kcal.value } as const;
  const id = uuid();
  await makeDocument(
    s,
    EATEN,
    id,
    blankEntry(id, eaterId, cook.day, meal, words, { what, portion: 1, state: 'eaten' }),
  );
}

const blankEntry = (
  id: string,
  eaterId: string,
  day: string,
  meal: string,
  words: string,
  rest: Pick<DayEntry, 'what' | 'portion' | 'state'>,
): DayEntry => ({ id, eaterId, day, meal, position: 0, words, spread: 0, ...rest });

/** Cooks, and the pots that were planned of them: what is dished up was that pot. */
export const COOKS_OF_POTS: RowShelf<Cook> = {
  ...COOKS,
  follow: async (s, id, before, after) => {
    if (after === null || after.as === 'kits' || after.frozen === null || before?.frozen != null) return;
    const rows = await s.db
      .selectFrom('pot')
      .select('id')
      .where('household_id', '=', s.householdId)
      .where('recipe_id', '=', after.recipeId)
      .where('cook_id', 'is', null)
      .where('removed_at', 'is', null)
      .where('day', '>=', addDays(after.day, -NEAR_DAYS))
      .where('day', '<=', addDays(after.day, NEAR_DAYS))
      .orderBy('day')
      .execute();
    const [first] = rows;
    if (first === undefined) return;
    const { document: pot, revision } = await shelved(s, POTS, first.id);
    const changes = POT_KIND.changes(pot, { ...pot, cookId: id });
    const entry = { id: uuid(), label: 'Cooked', changes, undoes: null };
    await appendEntry(s, POTS, first.id, entry, { exactly: revision });
  },
};
