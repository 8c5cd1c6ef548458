import { CookSchema } from '../../contract/cook.ts';
import type { Cook } from '../../core/cook/cook.ts';
import type { DayCount } from '../../core/day/day-count.ts';
import type { DayEntry } from '../../core/day/day-entry.ts';
import type { EaterDay } from '../../core/day/eater-day.ts';
import type { Verdict } from '../../core/swap/verdict.ts';
import type { MealAim } from '../../core/table/meal.ts';
import type { Eater } from '../../core/table/table.ts';
import { BOXES } from './cook-shelf.ts';
import { eaterDayOf, entryOf, frozenCountOf } from './day-shelf.ts';
import { EATERS } from './eater-shelf.ts';
import { shelved } from './entries.ts';
import { note, type Scope } from './scope.ts';
import { fromStored, readable } from './stored.ts';
import { tableOf } from './table.ts';
import { VERDICTS } from './verdict-shelf.ts';
import { write } from './write.ts';

/** Everything that is kept about somebody. */
export interface KeptOfEater {
  readonly eater: Eater;
  /** What they aim for at meals, by the meal's name. */
  readonly aims: readonly (Omit<MealAim, 'eaterId'> & { readonly meal: string })[];
  readonly days: readonly EaterDay[];
  readonly entries: readonly (DayEntry & { readonly count: DayCount | null })[];
  readonly verdicts: readonly Verdict[];
  readonly boxes: readonly { readonly id: string; readonly title: string; readonly at: string | null }[];
  readonly plates: readonly { readonly cookId: string; readonly day: string; readonly share: number }[];
}

const ownOf = async (s: Scope, table: 'day_entry' | 'eater_day', eaterId: string) =>
  s.db
    .selectFrom(table)
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('eater_id', '=', eaterId)
    .orderBy('day')
    .execute();

/** Everything that is kept about somebody, to be taken along. @throws DomainError not-found */
export async function keptOf(s: Scope, eaterId: string): Promise<KeptOfEater> {
  const { document: eater } = await shelved(s, EATERS, eaterId);
  const entries = (await ownOf(s, 'day_entry', eaterId)) as Parameters<typeof entryOf>[0][];
  const days = (await ownOf(s, 'eater_day', eaterId)) as Parameters<typeof eaterDayOf>[0][];
  const { household } = await tableOf(s);
  const { revision: _, ...plain } = eater as Eater & { revision?: number };
  return {
    eater: plain,
    aims: household.meals.flatMap((meal) =>
      meal.aims.flatMap(({ eaterId: whose, ...aim }) => (whose === eaterId ? [{ meal: meal.name, ...aim }] : [])),
    ),
    days: days.map(eaterDayOf),
    entries: entries.filter((r) => r.removed_at === null).map((r) => ({ ...entryOf(r), count: frozenCountOf(r) })),
    verdicts: (await VERDICTS.all(s)).filter((v) => v.eaterId === eaterId).map(({ revision, ...v }) => v),
    boxes: (await boxesNaming(s, eaterId)).map((b) => ({ id: b.id, title: b.title, at: b.taken?.at ?? null })),
    plates: (await cooksNaming(s, eaterId)).map((c) => ({ cookId: c.id, day: c.day, share: c.plates[eaterId]! })),
  };
}

/** Boxes that are somebody's, or that they took. */
const boxesNaming = async (s: Scope, eaterId: string) =>
  (await BOXES.all(s)).filter((b) => b.eaterId === eaterId || b.taken?.eaterId === eaterId);

async function cooksNaming(s: Scope, eaterId: string): Promise<Cook[]> {
  const rows = await s.db
    .selectFrom('cook')
    .select(['id', 'body'])
    .where('household_id', '=', s.householdId)
    .where('removed_at', 'is', null)
    .where('body', 'like', `%"${eaterId}"%`)
    .execute();
  return readable(
    rows,
    (r) => `cook ${r.id}`,
    (r) => fromStored('cook', CookSchema, r.body),
  ).filter((c) => (c.plates[eaterId] ?? 0) > 0);
}

/** What was forgotten, by how many. */
export interface Forgotten {
  readonly days: number;
  readonly entries: number;
  readonly verdicts: number;
  readonly boxes: number;
}

/**
 * Forgets what is kept about somebody, for good: their days with the history of these, their verdicts, and their name on
 * boxes. What was cooked, its recipe and its boxes stay, with nobody's name.
 *
 * @throws DomainError not-found
 */
export function forgetEater(scope: Scope, eaterId: string): Promise<Forgotten> {
  return write(scope, async (s) => {
    const { revision } = await shelved(s, EATERS, eaterId);
    const boxes = await boxesNaming(s, eaterId);
    for (const { revision: was, ...box } of boxes) {
      const { taken } = box;
      const theirs = taken?.eaterId === eaterId;
      await BOXES.update(
        s,
        box.id,
        {
          ...box,
          eaterId: box.eaterId === eaterId ? null : box.eaterId,
          taken: theirs && taken !== null ? { ...taken, eaterId: null, name: 'somebody', entryId: null } : taken,
        },
        was + 1,
      );
      note(s, 'boxes', box.id, was + 1);
    }
    await s.db
      .deleteFrom('entry')
      .where('household_id', '=', s.householdId)
      .where('kind', '=', 'day-entries')
      .where('document_id', 'in', (e) =>
        e
          .selectFrom('day_entry')
          .select('id')
          .where('household_id', '=', s.householdId)
          .where('eater_id', '=', eaterId),
      )
      .execute();
    await s.db
      .deleteFrom('entry')
      .where('household_id', '=', s.householdId)
      .where('kind', '=', 'days')
      .where('document_id', 'like', `${eaterId}~%`)
      .execute();
    const gone = async (table: 'day_entry' | 'eater_day' | 'verdict'): Promise<number> => {
      const done = await s.db
        .deleteFrom(table)
        .where('household_id', '=', s.householdId)
        .where('eater_id', '=', eaterId)
        .executeTakeFirst();
      return Number(done.numDeletedRows);
    };
    const forgotten = {
      days: await gone('eater_day'),
      entries: await gone('day_entry'),
      verdicts: await gone('verdict'),
      boxes: boxes.length,
    };
    note(s, 'eaters', eaterId, revision);
    return forgotten;
  });
}
