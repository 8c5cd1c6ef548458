import type { GroupsAnswer, WeekAnswer } from '../../contract/week-api.ts';
import { dailyGroups } from '../../core/day/daily-groups.ts';
import type { DayCount } from '../../core/day/day-count.ts';
import { bareEntry, type DayEntry } from '../../core/day/day-entry.ts';
import { type CountedEntry, eaterWeek, type ToldDay } from '../../core/day/eater-week.ts';
import { notForEntry } from '../../core/day/not-for-entry.ts';
import { notSureFor } from '../../core/day/not-sure-for.ts';
import { leftInPot } from '../../core/day/pot.ts';
import { standingOn } from '../../core/day/standing-on.ts';
import { notFound } from '../../core/errors.ts';
import { addDays, daysBetween, daysFrom, daysOfWeek } from '../../core/quantity/calendar-day.ts';
import type { Table } from '../../core/table/table.ts';
import { dayRows } from './day-rows.ts';
import { DAY_ENTRIES, eaterDayOf, entryOf, frozenCountOf, POTS } from './day-shelf.ts';
import { countedNow, daySources } from './day-sources.ts';
import { freezeEntry, todayOf } from './eaten.ts';
import { programAt } from './programs.ts';
import { titlesOf } from './recipe-page.ts';
import { note, type Scope } from './scope.ts';
import { readable } from './stored.ts';
import { tableOf } from './table.ts';
import { write } from './write.ts';

type WeekEntry = WeekAnswer['entries'][number];

/** More days than this are not shown at once. */
const MOST_DAYS_SHOWN = 31;

/**
 * Some days of everybody's, with what they come to.
 *
 * @param from the first day, YYYY-MM-DD; today where nothing is said
 * @param n how many days
 */
export async function weekFrom(s: Scope, from: string | undefined, n: number): Promise<WeekAnswer> {
  const today = await todayOf(s);
  const first = from ?? today;
  const last = addDays(first, n - 1);
  const table = await tableOf(s);
  // What is left of a week hangs on its days before: back to where the earliest of the programs' weeks began.
  const began = table.programs.map((p) => daysOfWeek(first, p.week.begins)[0]!);
  const [earliest = first] = [first, ...began].sort();
  const days = daysFrom(earliest, daysBetween(earliest, last) + 1);
  const eaterIds = table.eaters.map((e) => e.id);
  const entries = await entriesBetween(s, table, eaterIds, earliest, last, today);
  const marks = await marksBetween(s, eaterIds, earliest, last);
  const programs = await programsNamed(s, marks.countedBy);
  const pots = await potsBetween(s, first, last, entries);
  const told = eaterIds.flatMap((eaterId) =>
    toldOf(eaterId, days, entries, marks, programs, table, today)
      .filter((d) => d.day >= first)
      .map((d) => flatDay(eaterId, d)),
  );
  return { today, from: first, days: n, entries, ...marks, programs, pots, told };
}

/** By day, by place, by id. Days and ids are compared letter by letter: hundreds are sorted at every look. */
const byPlace = (a: WeekEntry, b: WeekEntry): number =>
  a.day < b.day ? -1 : a.day > b.day ? 1 : a.position - b.position || (a.id < b.id ? -1 : 1);

/** What lies on these days: as it was counted, as it is counted now, and what always stands there. */
async function entriesBetween(
  s: Scope,
  table: Table,
  eaterIds: readonly string[],
  from: string,
  to: string,
  today: string,
): Promise<WeekEntry[]> {
  if (eaterIds.length === 0) return [];
  const rows = await dayRows(s, eaterIds, from, to);
  const known = new Set(rows.map((r) => r.id));
  const there = rows.filter((r) => r.removed_at === null);
  const days = daysFrom(from > today ? from : today, MOST_DAYS_SHOWN).filter((d) => d <= to);
  const standing = table.eaters.flatMap((e) => days.flatMap((day) => standingOn(e.standing, e.id, day, known)));
  const live = [...there.filter((r) => r.counted_at === null).map(entryOf), ...standing];
  const sources = await daySources(s, live, [], true);
  const counted = (e: DayEntry, revision: number, stands: boolean): WeekEntry => {
    const eater = table.eaters.find((x) => x.id === e.eaterId)!;
    const notFor = notForEntry(eater, e, sources);
    const notSure = notSureFor(eater, e, sources);
    return { ...shown(e, revision, countedNow(e, table, sources), false), notFor, notSure, standing: stands };
  };
  const all = there.map((r): WeekEntry => {
    const count = frozenCountOf(r);
    return count === null ? counted(entryOf(r), r.revision, false) : shown(entryOf(r), r.revision, count, true);
  });
  if (standing.length === 0) return all;
  return [...all, ...standing.map((e) => counted(e, 0, true))].sort(byPlace);
}

const shown = (e: DayEntry, revision: number, count: DayCount, frozen: boolean): WeekEntry => ({
  ...bareEntry(e),
  revision,
  count,
  frozen,
  notFor: [],
  notSure: null,
  standing: false,
});

type DayMarks = Pick<WeekAnswer, 'said' | 'countedBy'>;

/** What is said of days, and by what those that are over were counted. */
export async function marksBetween(s: Scope, eaterIds: readonly string[], from: string, to: string): Promise<DayMarks> {
  if (eaterIds.length === 0) return { said: [], countedBy: [] };
  const rows = await s.db
    .selectFrom('eater_day')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('eater_id', 'in', [...eaterIds])
    .where('day', '>=', from)
    .where('day', '<=', to)
    .where('removed_at', 'is', null)
    .execute();
  return {
    said: readable(
      rows,
      (r) => `day ${r.eater_id} ${r.day}`,
      (r) => ({ ...eaterDayOf(r), revision: r.revision }),
    ),
    countedBy: rows.flatMap((r) =>
      r.program_id === null || r.program_revision === null || r.allowance === null
        ? []
        : [
            {
              eaterId: r.eater_id,
              day: r.day,
              programId: r.program_id,
              programRevision: r.program_revision,
              allowance: r.allowance,
            },
          ],
    ),
  };
}

/** Every revision by which one of the days was counted. */
export async function programsNamed(s: Scope, by: DayMarks['countedBy']): Promise<WeekAnswer['programs']> {
  const named = new Map(by.map((b) => [`${b.programId} ${b.programRevision}`, b]));
  const found = await Promise.all([...named.values()].map((b) => programAt(s, b.programId, b.programRevision)));
  return found.flatMap((p) => (p === null ? [] : [p as WeekAnswer['programs'][number]]));
}

async function potsBetween(
  s: Scope,
  from: string,
  to: string,
  entries: readonly WeekEntry[],
): Promise<WeekAnswer['pots']> {
  const named = entries.flatMap((e) => (e.what.kind === 'pot' ? [e.what.potId] : []));
  const rows = await s.db
    .selectFrom('pot')
    .select(['id', 'recipe_id'])
    .where('household_id', '=', s.householdId)
    .where('removed_at', 'is', null)
    .where((e) =>
      e.or([
        e.and([e('day', '>=', from), e('day', '<=', to)]),
        ...(named.length > 0 ? [e('id', 'in', [...new Set(named)])] : []),
      ]),
    )
    .execute();
  if (rows.length === 0) return [];
  const titles = await titlesOf(s, [...new Set(rows.map((r) => r.recipe_id))]);
  const ids = rows.map((r) => r.id);
  const eaten = await s.db
    .selectFrom('day_entry')
    .select(['ref', 'portion'])
    .where('household_id', '=', s.householdId)
    .where('recipe_id', 'in', [...new Set(rows.map((r) => r.recipe_id))])
    .where('kind', '=', 'pot')
    .where('ref', 'in', ids)
    .where('removed_at', 'is', null)
    .execute();
  const pots = await Promise.all(rows.map((r) => POTS.find(s, r.id)));
  return pots.flatMap((found) => {
    if (found === null) return [];
    const pot = found.document;
    const own = eaten.map((e) => ({ what: { kind: 'pot', potId: e.ref ?? '' }, portion: e.portion }));
    return [{ ...pot, revision: found.revision, title: titles.get(pot.recipeId) ?? '', left: leftInPot(pot, own) }];
  });
}

function toldOf(
  eaterId: string,
  days: readonly string[],
  entries: readonly WeekEntry[],
  marks: DayMarks,
  programs: WeekAnswer['programs'],
  table: Table,
  today: string,
): ToldDay[] {
  const eater = table.eaters.find((e) => e.id === eaterId)!;
  const program = table.programs.find((p) => p.id === eater.programId);
  return eaterWeek({
    eaterId,
    days,
    entries: entries.flatMap((e): CountedEntry[] => (e.eaterId === eaterId ? [{ entry: e, count: e.count }] : [])),
    said: marks.said,
    countedBy: new Map(marks.countedBy.filter((c) => c.eaterId === eaterId).map((c) => [c.day, c])),
    program: (id, revision) => programs.find((p) => p.id === id && p.revision === revision) ?? null,
    now: program === undefined ? null : { program, allowance: eater.allowance ?? program.allowance },
    upwards: table.household.upwards,
    today,
  });
}

const flatDay = (eaterId: string, { day, sum, rules, reckoned }: ToldDay): WeekAnswer['told'][number] => ({
  eaterId,
  day,
  ...sum,
  allowance: rules?.allowance ?? null,
  left: reckoned?.left ?? null,
  mayTake: reckoned?.mayTake ?? null,
  reserveLeft: reckoned?.reserveLeft ?? null,
  reserveFree: reckoned?.reserveFree ?? null,
});

/** The groups of foods on everybody's days, as their recipes are now. */
export async function groupsFrom(s: Scope, from: string | undefined, n: number): Promise<GroupsAnswer> {
  const first = from ?? (await todayOf(s));
  const { eaters } = await tableOf(s);
  const { entries } = await weekFrom(s, first, n);
  const sources = await daySources(s, entries, [], true);
  return eaters.flatMap(({ id }) =>
    daysFrom(first, n).map((day) => ({
      eaterId: id,
      day,
      ...dailyGroups(
        entries.filter((e) => e.eaterId === id && e.day === day),
        sources,
      ),
    })),
  );
}

/** Counts something that was eaten as it would be counted now. @throws DomainError not-found */
export function countAnew(scope: Scope, id: string): Promise<void> {
  return write(scope, async (s) => {
    const found = await DAY_ENTRIES.find(s, id);
    if (found === null || found.removed) throw notFound('thing on a day');
    await freezeEntry(s, found.document);
    note(s, 'day-entries', id, found.revision);
  });
}
