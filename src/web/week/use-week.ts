import { useCallback, useMemo } from 'react';
import { v7 as uuid } from 'uuid';
import { WEEK_API, type WeekAnswer } from '../../contract/week-api.ts';
import { atPortion } from '../../core/day/at-portion.ts';
import { type DayCount, UNCOUNTED_DAY } from '../../core/day/day-count.ts';
import { bareEntry, type DayEntry } from '../../core/day/day-entry.ts';
import { blankDay, type EaterDay } from '../../core/day/eater-day.ts';
import { type CountedEntry, type DayRules, eaterWeek, type ToldDay } from '../../core/day/eater-week.ts';
import { leftInPot, type Pot } from '../../core/day/pot.ts';
import { eaterDayId } from '../../core/documents/pair-ids.ts';
import { same } from '../../core/history/same.ts';
import { addDays, dayIn, daysFrom } from '../../core/quantity/calendar-day.ts';
import type { Eater } from '../../core/table/table.ts';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { type Row, useRows } from '../saving/use-document.ts';

/** So many days before the first one may belong to its week. */
const DAYS_BEFORE = 6;

const NO_ENTRIES: readonly Row<DayEntry>[] = [];
const idOfEntry = (e: DayEntry): string => e.id;
const idOfPot = (p: Pot): string => p.id;

/** A new thing on a day, before it has a place of its own. */
export type NewThing = Omit<DayEntry, 'id' | 'position'>;

/** A pot with its title and what of it is on nobody's plate. */
export interface ShownPot extends Pot {
  readonly title: string;
  readonly left: number;
}

/** Days of everybody's that are open, told as they are and as they are wished here, and how they are changed. */
export interface OpenWeek {
  readonly today: string;
  readonly days: readonly string[];
  told(eaterId: string): readonly ToldDay[];
  readonly pots: readonly ShownPot[];
  isStanding(id: string): boolean;
  isFrozen(id: string): boolean;
  /** What in it its eater must not or will not eat, in words. */
  notFor(id: string): readonly string[];
  /** Why nobody can say whether its eater may eat it; null where that is known. */
  notSure(id: string): string | null;
  /** @returns the ids of what was put there */
  add(things: readonly NewThing[]): Promise<string[]>;
  change(entry: DayEntry, patch: Partial<DayEntry>, label: string): Promise<() => Promise<void>>;
  /** Takes away, and says so with the way back. */
  remove(entry: DayEntry): Promise<void>;
  /** Takes several away again without a word. */
  takeBack(ids: readonly string[]): Promise<void>;
  say(eaterId: string, day: string, patch: Partial<EaterDay>, label: string): Promise<void>;
  makePot(pot: Omit<Pot, 'id' | 'cookId'>): Promise<string>;
  changePot(pot: Pot, patch: Partial<Pot>, label: string): Promise<void>;
  removePot(pot: ShownPot): Promise<void>;
  /** Takes several pots away again without a word. */
  takePotsBack(ids: readonly string[]): Promise<void>;
}

/** The day that it is for a household, by this device's clock. */
export const useToday = (): string => dayIn(new Date(), useHousehold().household.zone);

/**
 * Opens some days of everybody's.
 *
 * @returns null while they load
 * @throws ApiError, OfflineError while rendering where nothing can be shown
 */
export function useWeek(from: string, n: number): OpenWeek | null {
  const { household, eaters, programs } = useHousehold();
  const h = household.id;
  const { data, error } = useAnswer(WEEK_API.week, { h, query: { from, days: n } }, { revalidateOnFocus: true });
  const listed = useMemo(
    () => data?.entries.flatMap((e) => (e.standing ? [] : [{ ...bareEntry(e), revision: e.revision }])) ?? NO_ENTRIES,
    [data],
  );
  const entries = useRows(h, 'day-entries', listed, idOfEntry);
  const said = useRows(h, 'days', data?.said ?? [], eaterDayId);
  const listedPots = useMemo(() => data?.pots.map(({ title, left, ...pot }) => pot) ?? [], [data]);
  const pots = useRows(h, 'pots', listedPots, idOfPot);
  const days = useMemo(() => daysFrom(from, n), [from, n]);
  const counted = useMemo(
    () => (data === undefined ? [] : countedHere(data, entries.rows, [...programs, ...data.programs])),
    [data, entries.rows, programs],
  );
  const told = useMemo(() => {
    const byEater = new Map<string, readonly ToldDay[]>();
    if (data === undefined) return byEater;
    const all = daysFrom(addDays(from, -DAYS_BEFORE), DAYS_BEFORE + n);
    for (const eater of eaters)
      byEater.set(
        eater.id,
        eaterWeek({
          eaterId: eater.id,
          days: all,
          entries: counted,
          said: said.rows,
          countedBy: new Map(data.countedBy.filter((c) => c.eaterId === eater.id).map((c) => [c.day, c])),
          program: (id, revision) =>
            data.programs.find((p) => p.id === id && p.revision === revision) ??
            programs.find((p) => p.id === id && p.revision === revision) ??
            null,
          now: rulesNow(eater, programs),
          upwards: household.upwards,
          today: data.today,
        }).filter((d) => d.day >= from),
      );
    return byEater;
  }, [data, counted, said.rows, eaters, programs, household.upwards, from, n]);

  const add = useCallback(
    async (things: readonly NewThing[]) => {
      const made = things.map((thing, i): DayEntry => {
        const last = counted.filter((c) => c.entry.day === thing.day && c.entry.eaterId === thing.eaterId).length;
        return { ...thing, id: uuid(), position: last + i };
      });
      // Each waits here until it is acknowledged: nothing is lost where one is refused.
      await Promise.all(made.map((e) => entries.make(e.id, e)));
      return made.map((e) => e.id);
    },
    [counted, entries],
  );
  const isStanding = useCallback((id: string) => data?.entries.some((e) => e.id === id && e.standing) ?? false, [data]);
  if (data === undefined) {
    if (error) throw error;
    return null;
  }
  const isRow = (id: string) => entries.rows.some((r) => r.id === id);
  const titleOf = (pot: Pot) => data.pots.find((p) => p.recipeId === pot.recipeId)?.title ?? '';
  return {
    today: data.today,
    days,
    told: (eaterId) => told.get(eaterId) ?? [],
    pots: pots.rows.map(({ revision, ...pot }) => ({
      ...pot,
      title: titleOf(pot),
      left: leftHere(pot, data, counted),
    })),
    isStanding: (id) => isStanding(id) && !isRow(id),
    notFor: (id) => data.entries.find((e) => e.id === id)?.notFor ?? [],
    notSure: (id) => data.entries.find((e) => e.id === id)?.notSure ?? null,
    isFrozen: (id) => data.entries.some((e) => e.id === id && e.frozen),
    add,
    change: async (entry, patch, label) => {
      const after = bareEntry({ ...entry, ...patch });
      if (!isRow(entry.id)) {
        await entries.make(entry.id, after);
        return () => entries.remove(entry.id);
      }
      return entries.change(entry.id, bareEntry(entry), after, label);
    },
    remove: async (entry) => {
      if (!isRow(entry.id)) await entries.make(entry.id, bareEntry(entry));
      await entries.remove(entry.id);
      sayDone(`${entry.words} is off the day.`, () => entries.restore(entry.id));
    },
    takeBack: async (ids) => void (await Promise.all(ids.map((id) => entries.remove(id)))),
    say: async (eaterId, day, patch, label) => {
      const id = eaterDayId({ eaterId, day });
      const seen = said.rows.find((r) => r.eaterId === eaterId && r.day === day);
      if (seen === undefined) return said.make(id, { ...blankDay(eaterId, day), ...patch });
      await said.change(id, seen, { ...seen, ...patch }, label);
    },
    makePot: async (pot) => {
      const id = uuid();
      await pots.make(id, { ...pot, id, cookId: null });
      return id;
    },
    changePot: async (pot, patch, label) => {
      const { id, recipeId, versionId, day, meal, servings, cookId } = pot;
      const plain = { id, recipeId, versionId, day, meal, servings, cookId };
      await pots.change(id, plain, { ...plain, ...patch }, label);
    },
    takePotsBack: async (ids) => void (await Promise.all(ids.map((id) => pots.remove(id)))),
    removePot: async (pot) => {
      await pots.remove(pot.id);
      sayDone(`The pot of ${pot.title} is off the plan.`, () => pots.restore(pot.id).catch(sayError));
    },
  };
}

/** What of a pot is on nobody's plate: as it was answered, with what was changed here since. */
function leftHere(pot: Pot, data: WeekAnswer, counted: readonly CountedEntry[]): number {
  const was = data.entries.map((e) => ({ what: e.what, portion: e.portion }));
  const now = counted.map((c) => c.entry);
  const answered = data.pots.find((p) => p.id === pot.id);
  if (answered === undefined) return leftInPot(pot, now);
  return answered.left + (pot.servings - answered.servings) + (leftInPot(pot, now) - leftInPot(pot, was));
}

const rulesNow = (eater: Eater, programs: readonly DayRules['program'][]): DayRules | null => {
  const program = programs.find((p) => p.id === eater.programId);
  return program === undefined ? null : { program, allowance: eater.allowance ?? program.allowance };
};

/**
 * What lies on the days as it is wished here, each with its count: as it was answered, at the portion that it has now;
 * what the server has not counted yet is not known yet.
 */
function countedHere(
  data: WeekAnswer,
  rows: readonly DayEntry[],
  programs: readonly DayRules['program'][],
): CountedEntry[] {
  const answered = new Map(data.entries.map((e) => [e.id, e]));
  const here = rows.map((row): CountedEntry => {
    const had = answered.get(row.id);
    const isSame =
      had !== undefined && had.eaterId === row.eaterId && same(had.what, row.what) && had.spread === row.spread;
    if (!isSame) return { entry: bareEntry(row), count: UNCOUNTED_DAY };
    return { entry: bareEntry(row), count: atOwnPortion(had.count, had.portion, row.portion, programs) };
  });
  const known = new Set(rows.map((r) => r.id));
  const standing = data.entries
    .filter((e) => e.standing && !known.has(e.id))
    .map((e): CountedEntry => ({ entry: bareEntry(e), count: e.count }));
  return [...standing, ...here].sort(
    (a, b) =>
      a.entry.day.localeCompare(b.entry.day) ||
      a.entry.position - b.entry.position ||
      a.entry.id.localeCompare(b.entry.id),
  );
}

function atOwnPortion(count: DayCount, was: number, is: number, programs: readonly DayRules['program'][]): DayCount {
  if (was === is) return count;
  const program = programs.find((p) => p.id === count.programId) ?? null;
  return atPortion(count, was, is, program);
}
