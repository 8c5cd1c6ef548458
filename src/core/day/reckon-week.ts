import type { Program } from '../program/program.ts';

/** A day of somebody's week. */
export interface DayInWeek {
  readonly day: string;
  /** What was eaten or is planned; null where nothing was told: a gap is not a day of nothing. */
  readonly points: number | null;
  readonly allowance: number;
  /** Points of the reserve that are kept for this day. */
  readonly saves: number;
}

/** What a program gives a week. */
export type WeekRules = Pick<Program, 'reserve'> & { readonly carriesOver: number };

/** A day as the week reckons it. */
export interface ReckonedDay {
  readonly day: string;
  readonly points: number | null;
  readonly allowance: number;
  /** Of the day's allowance, below 0 where the day is over; null for a gap. */
  readonly left: number | null;
  /** What earlier days of the week left for this one and those after it. */
  readonly carriedIn: number;
  readonly fromCarried: number;
  readonly fromReserve: number;
  /** Over everything that there was. */
  readonly beyond: number;
  /** What this day leaves for those after it. */
  readonly carriesOn: number;
  readonly reserveLeft: number;
  /** Of it, what is not kept for a later day of the week. */
  readonly reserveFree: number;
  /** How much of what is kept for later days is not there any more. */
  readonly missingForSaved: number;
  /** What the day may still take without going beyond, or into what is kept for later. */
  readonly mayTake: number;
}

export interface ReckonedWeek {
  readonly days: readonly ReckonedDay[];
  /** Of the days that were told. */
  readonly points: number;
  readonly daysTold: number;
  readonly reserveLeft: number;
  /** What the days left, as far as it was not used. */
  readonly carried: number;
}

/** Sums of halves are exact; sums of anything else are off by less. */
const exactHalves = (n: number): number => Math.round(n * 1e9) / 1e9 + 0;

/**
 * Reckons a week, day by day: what is over an allowance is taken from what earlier days left, where the program carries
 * it over, and then from the reserve.
 *
 * @param days of one reckoning, in order: a change of program in the middle of a week begins another
 * @example reckonWeek(days, { reserve: 20, carriesOver: 0 }).reserveLeft // 8
 */
export function reckonWeek(days: readonly DayInWeek[], rules: WeekRules): ReckonedWeek {
  let carried = 0;
  let reserve = rules.reserve;
  const reckoned = days.map((d, i): ReckonedDay => {
    const carriedIn = carried;
    const left = d.points === null ? null : exactHalves(d.allowance - d.points);
    const over = Math.max(0, -(left ?? 0));
    const fromCarried = Math.min(over, carried);
    const fromReserve = Math.min(over - fromCarried, reserve);
    const carriesOn = Math.min(Math.max(0, left ?? 0), rules.carriesOver);
    carried = exactHalves(carried - fromCarried + carriesOn);
    reserve = exactHalves(reserve - fromReserve);
    const saved = days.slice(i + 1).reduce((s, later) => s + later.saves, 0);
    const reserveFree = Math.max(0, exactHalves(reserve - saved));
    return {
      day: d.day,
      points: d.points,
      allowance: d.allowance,
      left,
      carriedIn,
      fromCarried: exactHalves(fromCarried),
      fromReserve: exactHalves(fromReserve),
      beyond: exactHalves(over - fromCarried - fromReserve),
      carriesOn: exactHalves(carriesOn),
      reserveLeft: reserve,
      reserveFree,
      missingForSaved: Math.max(0, exactHalves(saved - reserve)),
      mayTake: Math.max(0, exactHalves(Math.max(0, left ?? d.allowance) + (carriedIn - fromCarried) + reserveFree)),
    };
  });
  const told = days.filter((d) => d.points !== null);
  return {
    days: reckoned,
    points: exactHalves(told.reduce((s, d) => s + d.points!, 0)),
    daysTold: told.length,
    reserveLeft: reserve,
    carried,
  };
}
