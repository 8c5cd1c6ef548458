import type { DayEntry } from '../../core/day/day-entry.ts';
import { standingOn } from '../../core/day/standing-on.ts';
import { dayIn } from '../../core/quantity/calendar-day.ts';
import type { Eater } from '../../core/table/table.ts';
import type { Db } from '../db/open.ts';
import type { RowOf } from '../db/schema.ts';
import { countColumns, DAY_ENTRIES, entryOf } from './day-shelf.ts';
import { countedNow, daySources } from './day-sources.ts';
import { closeDays, everyEater } from './eaten.ts';
import { nowOf, type Scope } from './scope.ts';
import { tableOf } from './table.ts';
import { write } from './write.ts';

/** Up to which day each household's days were closed, and where they could not be, by database. */
interface Turned {
  readonly closed: Map<string, string>;
  readonly open: Map<string, string>;
}
const turnedIn = new WeakMap<Db, Turned>();
const turnedOf = (db: Db): Turned => {
  const known = turnedIn.get(db) ?? { closed: new Map(), open: new Map() };
  turnedIn.set(db, known);
  return known;
};

/** What is over and could not be closed in this database, in words; the health of the store tells it. */
export const daysLeftOpen = (db: Db): readonly string[] =>
  [...turnedOf(db).open].map(([id, today]) => `the days before ${today} of ${id}, which are to be closed`);

/**
 * Closes the days that are over: what is on them keeps its numbers from now on, and by what they were counted is kept
 * beside them. It is to be called before anything is read or changed that days are counted by; once a day it has work.
 */
export async function turnOfDay(s: Scope, zone: string): Promise<void> {
  const today = dayThere(s, zone);
  const { closed, open } = turnedOf(s.db);
  if (closed.get(s.householdId) === today) return;
  try {
    await closeDaysBefore(s, today);
  } catch {
    // A disk without room, or a row that cannot be: what is asked is answered all the same, and it is tried again.
    open.set(s.householdId, today);
    return;
  }
  open.delete(s.householdId);
  closed.set(s.householdId, today);
}

/** The day that it is; of a zone that this machine does not know, the day of the world's clock. */
function dayThere(s: Scope, zone: string): string {
  try {
    return dayIn(s.clock(), zone);
  } catch {
    return dayIn(s.clock(), 'UTC');
  }
}

/** @param today the first day that is not over */
async function closeDaysBefore(scope: Scope, today: string): Promise<void> {
  const isLeft = await scope.db
    .selectFrom('day_entry')
    .select('id')
    .where('household_id', '=', scope.householdId)
    .where('day', '<', today)
    .where('counted_at', 'is', null)
    .executeTakeFirst();
  const { days_closed: closedTo } = await scope.db
    .selectFrom('household')
    .select('days_closed')
    .where('id', '=', scope.householdId)
    .executeTakeFirstOrThrow();
  if (isLeft === undefined && closedTo !== null && closedTo >= today) return;
  await write(scope, async (s) => {
    const rows = await s.db
      .selectFrom('day_entry')
      .selectAll()
      .where('household_id', '=', s.householdId)
      .where('day', '<', today)
      .where('counted_at', 'is', null)
      .execute();
    const told = await s.db
      .selectFrom('day_entry')
      .select(['eater_id', 'day'])
      .distinct()
      .where('household_id', '=', s.householdId)
      .where('eater_id', 'in', everyEater(s))
      .where('day', '>=', closedTo ?? '')
      .where('day', '<', today)
      .where('removed_at', 'is', null)
      .execute();
    const table = await tableOf(s);
    const entries = [...rows.map(entryOf), ...(await standingBeside(s, told, table.eaters))];
    const sources = await daySources(s, entries);
    const at = nowOf(s);
    for (const entry of entries) {
      const count = countColumns(countedNow(entry, table, sources), at);
      await s.db
        .updateTable('day_entry')
        .set(count)
        .where('household_id', '=', s.householdId)
        .where('id', '=', entry.id)
        .execute();
    }
    await closeDays(
      s,
      told.map((r) => ({ eaterId: r.eater_id, day: r.day })),
    );
    await s.db.updateTable('household').set({ days_closed: today }).where('id', '=', s.householdId).execute();
  });
}

/** What stands on days with something else on them is put there for good; a day of which nothing was told stays a gap. */
async function standingBeside(
  s: Scope,
  told: readonly Pick<RowOf<'day_entry'>, 'eater_id' | 'day'>[],
  eaters: readonly Eater[],
): Promise<DayEntry[]> {
  const made: DayEntry[] = [];
  for (const { eater_id, day } of told) {
    const items = eaters.find((e) => e.id === eater_id)?.standing ?? [];
    if (items.length === 0) continue;
    const there = await s.db
      .selectFrom('day_entry')
      .select('id')
      .where('household_id', '=', s.householdId)
      .where('eater_id', '=', eater_id)
      .where('day', '=', day)
      .execute();
    for (const entry of standingOn(items, eater_id, day, new Set(there.map((r) => r.id)))) {
      await DAY_ENTRIES.insert(s, entry.id, entry);
      made.push(entry);
    }
  }
  return made;
}
