import { daysOfWeek } from '../quantity/calendar-day.ts';
import { recipeOfEntry } from './day-entry.ts';
import type { ToldDay } from './eater-week.ts';

/** A day as a chart has it; points and energy are null for a gap, which is no day of nothing. */
export interface LookedBackDay {
  readonly day: string;
  readonly points: number | null;
  readonly low: number | null;
  readonly high: number | null;
  readonly allowance: number | null;
  /** What the day may take from the week's reserve and from what was carried, above its allowance. */
  readonly reserve: number | null;
  readonly kcal: number | null;
  readonly protein: number | null;
  /** Whether all of its energy is known. */
  readonly complete: boolean;
}

/** A week in a few numbers. */
export interface LookedBackWeek {
  readonly from: string;
  readonly daysTold: number;
  readonly points: number | null;
  /** The days' allowances and the reserve, of the days that were told. */
  readonly allowance: number | null;
  /** How many different recipes and foods there were. */
  readonly variety: number;
  /** Whether all seven days of it are looked at, and over. */
  readonly isWhole: boolean;
}

/** What was eaten over some time. */
export interface LookedBack {
  readonly days: readonly LookedBackDay[];
  readonly weeks: readonly LookedBackWeek[];
  readonly gaps: number;
  /** What there was most, by its recipe, with how often. */
  readonly most: readonly { readonly recipeId: string; readonly title: string; readonly times: number }[];
}

const MOST_DISHES = 12;
const DAYS_OF_A_WEEK = 7;

/** Looks back on days of somebody's. @param told of one eater, in order @param begins the weekday that weeks begin with */
export function lookBack(told: readonly ToldDay[], begins: number): LookedBack {
  const days = told.map(lookedBackDay);
  const weeks = new Map<string, ToldDay[]>();
  for (const d of told) {
    const from = daysOfWeek(d.day, begins)[0]!;
    const its = weeks.get(from);
    if (its === undefined) weeks.set(from, [d]);
    else its.push(d);
  }
  const times = new Map<string, { recipeId: string; title: string; times: number }>();
  for (const { entries } of told)
    for (const { entry } of entries) {
      const recipeId = recipeOfEntry(entry);
      if (recipeId === null) continue;
      const had = times.get(recipeId);
      if (had === undefined) times.set(recipeId, { recipeId, title: entry.words, times: 1 });
      else had.times++;
    }
  return {
    days,
    weeks: [...weeks].map(([from, its]) => lookedBackWeek(from, its)),
    gaps: days.filter((d) => d.points === null && d.kcal === null).length,
    most: [...times.values()]
      .sort((a, b) => b.times - a.times || a.title.localeCompare(b.title, 'en'))
      .slice(0, MOST_DISHES),
  };
}

function lookedBackDay({ day, entries, sum, rules, reckoned }: ToldDay): LookedBackDay {
  const isGap = entries.length === 0;
  return {
    day,
    points: isGap ? null : sum.points,
    low: isGap ? null : sum.low,
    high: isGap ? null : sum.high,
    allowance: rules?.allowance ?? null,
    reserve: reckoned === null ? null : reckoned.fromCarried + reckoned.fromReserve + reckoned.reserveFree,
    kcal: isGap ? null : sum.kcal.value,
    protein: isGap ? null : sum.protein.value,
    complete: !isGap && sum.kcal.complete,
  };
}

function lookedBackWeek(from: string, told: readonly ToldDay[]): LookedBackWeek {
  const withSome = told.filter((d) => d.entries.length > 0);
  const counting = withSome.filter((d) => d.sum.points !== null && d.rules !== null);
  const things = new Set(
    withSome.flatMap((d) =>
      d.entries.flatMap(({ entry }) => recipeOfEntry(entry) ?? (entry.what.kind === 'food' ? entry.what.foodId : [])),
    ),
  );
  return {
    from,
    daysTold: withSome.length,
    points: counting.length === 0 ? null : counting.reduce((s, d) => s + d.sum.points!, 0),
    allowance:
      counting.length === 0
        ? null
        : counting.reduce((s, d) => s + d.rules!.allowance, 0) + counting[counting.length - 1]!.rules!.program.reserve,
    variety: things.size,
    isWhole: told.length === DAYS_OF_A_WEEK && told.every((d) => d.isOver),
  };
}
