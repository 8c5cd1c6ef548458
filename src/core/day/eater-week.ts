import type { Program } from '../program/program.ts';
import { daysOfWeek } from '../quantity/calendar-day.ts';
import type { DayCount } from './day-count.ts';
import { type DayEntry, refOf } from './day-entry.ts';
import { blankDay, type CountedBy, type EaterDay } from './eater-day.ts';
import { type FloorNote, floorNote } from './floor-note.ts';
import { type DayInWeek, type ReckonedDay, reckonWeek } from './reckon-week.ts';
import { type DaySum, sumDay } from './sum-day.ts';

/** Something on a day, with what it comes to. */
export interface CountedEntry {
  readonly entry: DayEntry;
  readonly count: DayCount;
}

/** By what a day is counted. */
export interface DayRules {
  readonly program: Program;
  readonly allowance: number;
}

/** A day of somebody's, told. */
export interface ToldDay {
  readonly day: string;
  readonly entries: readonly CountedEntry[];
  /** Of all that is on it, planned and eaten. */
  readonly sum: DaySum;
  /** Of what was eaten. */
  readonly eaten: DaySum;
  /** null for somebody who does not count. */
  readonly rules: DayRules | null;
  readonly reckoned: ReckonedDay | null;
  readonly floor: FloorNote | null;
  readonly said: EaterDay;
  /** Whether it is over. */
  readonly isOver: boolean;
}

/** What a week is told from. */
export interface WeekOf {
  readonly eaterId: string;
  /** The days, in order: for an exact reckoning from the beginning of the first one's week on. */
  readonly days: readonly string[];
  readonly entries: readonly CountedEntry[];
  readonly said: readonly EaterDay[];
  /** By what days that are over were counted, by their day. */
  readonly countedBy: ReadonlyMap<string, CountedBy>;
  /** A revision of a program; null where it is not there. */
  program(id: string, revision: number): Program | null;
  /** By what the eater counts now; null for somebody who does not. */
  readonly now: DayRules | null;
  /** Whether the household takes the most that a doubt leaves. */
  readonly upwards: boolean;
  readonly today: string;
}

/** Tells the days of somebody's: each summed, and all of them reckoned as the weeks of their programs. */
export function eaterWeek(of: WeekOf): ToldDay[] {
  const rules = rulesOfDays(of);
  const byDay = new Map<string, CountedEntry[]>(of.days.map((day) => [day, []]));
  for (const e of of.entries) if (e.entry.eaterId === of.eaterId) byDay.get(e.entry.day)?.push(e);
  const saidOf = new Map(of.said.filter((s) => s.eaterId === of.eaterId).map((s) => [s.day, s]));
  const told = of.days.map((day, i): Omit<ToldDay, 'reckoned'> => {
    const entries = byDay.get(day) ?? [];
    const as = rules[i]!;
    const sum = sumEntries(entries, as, of.upwards);
    const said = saidOf.get(day) ?? blankDay(of.eaterId, day);
    const isOver = day < of.today;
    return {
      day,
      entries,
      sum,
      eaten: sumEntries(
        entries.filter((e) => e.entry.state === 'eaten'),
        as,
        of.upwards,
      ),
      rules: as,
      floor:
        as === null || entries.length === 0 || !(isOver || said.low)
          ? null
          : floorNote({
              points: sum.points,
              floor: as.program.floor,
              complete: sum.complete,
              planned: said.low,
              told: said.told,
            }),
      said,
      isOver,
    };
  });
  const reckoned = reckonAll(told);
  return told.map((t, i) => ({ ...t, reckoned: reckoned[i]! }));
}

/** What some of a day comes to. @param as null for somebody who does not count */
export const sumEntries = (entries: readonly CountedEntry[], as: DayRules | null, upwards: boolean): DaySum =>
  sumDay(
    entries.map(({ entry, count }) => ({ ref: refOf(entry), count })),
    as === null ? null : { rule: as.program.rule, adds: as.program.week.adds, upwards },
  );

/** A day that is over goes by what it was counted by; one of which nothing is known by what the day before it went. */
function rulesOfDays({ days, countedBy, program, now, today }: WeekOf): (DayRules | null)[] {
  const known = days.map((day): DayRules | null | undefined => {
    if (day >= today) return now;
    const by = countedBy.get(day);
    if (by === undefined) return undefined;
    const its = program(by.programId, by.programRevision);
    return its === null ? undefined : { program: its, allowance: by.allowance };
  });
  let last: DayRules | null | undefined = known.find((k) => k !== undefined);
  return known.map((k) => {
    if (k !== undefined) last = k;
    return last ?? null;
  });
}

/** Reckons the days week by week, as each program's weeks begin; another program begins another week that day. */
function reckonAll(told: readonly Omit<ToldDay, 'reckoned'>[]): (ReckonedDay | null)[] {
  const out: (ReckonedDay | null)[] = told.map(() => null);
  let [from, key] = [0, ''];
  const reckon = (to: number): void => {
    const rules = told[from]?.rules;
    if (rules == null) return;
    const { reserve, week } = rules.program;
    const days = told.slice(from, to).map(
      ({ day, entries, sum, rules: own, said }): DayInWeek => ({
        day,
        points: entries.length === 0 ? null : sum.points,
        allowance: own!.allowance,
        saves: said.saves,
      }),
    );
    reckonWeek(days, { reserve, carriesOver: week.carriesOver }).days.forEach((d, i) => {
      out[from + i] = d;
    });
  };
  told.forEach(({ day, rules }, i) => {
    const own = rules === null ? '' : `${rules.program.id} ${daysOfWeek(day, rules.program.week.begins)[0]!}`;
    if (own === key) return;
    reckon(i);
    [from, key] = [i, own];
  });
  reckon(told.length);
  return out;
}
