import type { DayCount } from '../day/day-count.ts';
import type { ToldDay } from '../day/eater-week.ts';
import { addDays, daysBetween } from '../quantity/calendar-day.ts';
import type { PortionPoints, ProposeProblem } from './problem.ts';
import type { OfferedTo, WeekOffer } from './week-offer.ts';

/** A free place of the plan. */
export interface FreePlace {
  readonly eaterId: string;
  readonly day: string;
  /** The id of a meal. */
  readonly meal: string;
}

/** A week that is asked for. */
export interface WeekQuestion {
  /** In order. */
  readonly days: readonly string[];
  readonly eaterIds: readonly string[];
  /** The meals of a whole day: with all of them filled it is to reach the floor. */
  readonly mealsOfDay: readonly string[];
  /** The meals that are filled. */
  readonly meals: readonly string[];
  /** Days on which somebody cooks. */
  readonly cookDays: readonly string[];
  told(eaterId: string): readonly ToldDay[];
  /** Whether something always stands there, and leaves its place free. */
  isStanding(entryId: string): boolean;
  readonly offer: WeekOffer;
  /** Whether the household takes the most that a doubt leaves. */
  readonly upwards: boolean;
}

/** A week as a problem, with what its numbers mean. */
export interface AskedWeek {
  readonly problem: ProposeProblem;
  readonly places: readonly FreePlace[];
}

/** A dish is cooked for so many where its recipe does not say it. */
const USUAL_SERVINGS = 4;
/** What keeps beyond the week keeps so many days beyond it. */
const BEYOND_WEEK = 90;

/** Whether nothing stands on a place of the plan but what always does. */
export function isFreePlace(q: Pick<WeekQuestion, 'told' | 'isStanding'>, { eaterId, day, meal }: FreePlace): boolean {
  const told = q.told(eaterId).find((d) => d.day === day);
  return told !== undefined && !told.entries.some(({ entry }) => entry.meal === meal && !q.isStanding(entry.id));
}

/** The places of a plan on which nothing stands but what always does. */
export function freePlaces(q: Omit<WeekQuestion, 'offer' | 'upwards' | 'cookDays'>): FreePlace[] {
  return q.days.flatMap((day) =>
    q.meals.flatMap((meal) =>
      q.eaterIds.flatMap((eaterId) => {
        const place = { eaterId, day, meal };
        return isFreePlace(q, place) ? [place] : [];
      }),
    ),
  );
}

/**
 * A week as a problem. Room is what is left of an allowance, without the week's reserve; a portion counts as its program
 * adds, and what cannot be counted wholly is for nobody: it comes to more than is known, and may hold anything.
 */
export function askedWeek(q: WeekQuestion): AskedWeek {
  const places = freePlaces(q);
  const [first = ''] = q.days;
  const dayOf = (day: string): number => daysBetween(first, day);
  const recipes = new Map<string, number>();
  const recipe = (id: string): number => {
    if (!recipes.has(id)) recipes.set(id, recipes.size);
    return recipes.get(id)!;
  };
  const foods = new Map<string, number>();
  const food = (id: string): number => {
    if (!foods.has(id)) foods.set(id, foods.size);
    return foods.get(id)!;
  };
  const rules = q.eaterIds.map((e) => q.told(e).find((d) => d.rules !== null)?.rules ?? null);
  const pointsOf = (to: readonly OfferedTo[]): PortionPoints =>
    q.eaterIds.map((e, i) => {
      const of = to.find((t) => t.eaterId === e);
      if (of === undefined || of.notFor.length > 0 || !of.count.complete) return null;
      return rules[i] === null ? 0 : portionPoints(of.count, rules[i]!.program.week.adds, q.upwards);
    });
  const last = q.days.length - 1;
  const room = q.eaterIds.map((e) => q.days.map((day) => roomOf(q.told(e).find((d) => d.day === day))));
  const problem: ProposeProblem = {
    places: places.map((p) => ({ eater: q.eaterIds.indexOf(p.eaterId), day: dayOf(p.day) })),
    room,
    least: q.eaterIds.map((e) => q.days.map((day) => floorOf(q, places, e, day))),
    boxes: q.offer.boxes.map((b) => {
      const until = Math.min(last + BEYOND_WEEK, dayOf(b.keepUntil));
      return {
        recipe: recipe(b.recipeId),
        points: pointsOf(b.to),
        until,
        spoils: b.place === 'fridge' && until <= last && until >= 0,
      };
    }),
    pots: q.offer.pots.map((p) => ({
      recipe: recipe(p.recipeId),
      points: pointsOf(p.to),
      day: Math.max(0, dayOf(p.day)),
      until: dayOf(p.keepUntil),
      left: p.left,
    })),
    dishes: q.offer.dishes.map((d) => ({
      recipe: recipe(d.recipeId),
      points: pointsOf(d.to),
      servings: Math.max(q.eaterIds.length, Math.round(d.servings ?? USUAL_SERVINGS)),
      keeps: d.keeps,
      foods: d.toGet.map((f) => food(f.foodId)),
    })),
    cookDays: q.cookDays
      .map(dayOf)
      .filter((d) => d >= 0 && d <= last)
      .sort((a, b) => a - b),
  };
  return { problem, places };
}

/** What of the allowance is left, points; null for who does not count. */
function roomOf(told: ToldDay | undefined): number | null {
  if (told?.rules == null) return null;
  // A day of which something is not known has room for nothing more that is sure.
  if (told.entries.length > 0 && (told.sum.points === null || !told.sum.complete)) return 0;
  return Math.max(0, told.rules.allowance - (told.sum.points ?? 0));
}

/** What is missing to the floor once all places of the day are filled; null where the day is not whole even then. */
function floorOf(q: WeekQuestion, places: readonly FreePlace[], eaterId: string, day: string): number | null {
  const told = q.told(eaterId).find((d) => d.day === day);
  if (told?.rules == null) return null;
  const isWhole = q.mealsOfDay.every(
    (meal) =>
      places.some((p) => p.eaterId === eaterId && p.day === day && p.meal === meal) ||
      told.entries.some(({ entry }) => entry.meal === meal),
  );
  const missing = told.rules.program.floor - (told.sum.points ?? 0);
  return isWhole && missing > 0 ? missing : null;
}

/** What a portion that is wholly counted adds to a day. */
function portionPoints(count: DayCount, adds: 'rounded' | 'raw', upwards: boolean): number | null {
  if (adds === 'raw') return upwards ? count.rawHigh : count.raw;
  return upwards ? count.high : count.points;
}

/** The day of a problem in the calendar. */
export const calendarDay = (q: Pick<WeekQuestion, 'days'>, day: number): string => addDays(q.days[0]!, day);
