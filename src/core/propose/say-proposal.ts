import type { Eaten } from '../day/day-entry.ts';
import { formatPoints } from '../program/format-points.ts';
import { WEEK_BEGINS } from '../program/program-words.ts';
import { isoWeekday } from '../quantity/calendar-day.ts';
import { formatAmount } from '../quantity/format-amount.ts';
import type { Pick } from './problem.ts';
import type { Proposal } from './propose.ts';
import { type AskedWeek, calendarDay, type FreePlace, type WeekQuestion } from './week-question.ts';

/** A dish that a proposal cooks. */
export interface ProposedCook {
  readonly key: string;
  readonly recipeId: string;
  readonly versionId: string;
  readonly title: string;
  readonly day: string;
  /** The meal of its first portion. */
  readonly meal: string;
  readonly servings: number;
  /** How many of them are on plates of the week. */
  readonly portions: number;
  readonly toGet: readonly string[];
}

/** What a proposal puts in a place, and why. */
export interface ProposedPlace {
  readonly place: FreePlace;
  readonly title: string;
  /** What is eaten; of a dish that is still to be cooked, which of the proposal's cooks. */
  readonly what: { readonly kind: 'there'; readonly eaten: Eaten } | { readonly kind: 'cook'; readonly key: string };
  readonly points: number | null;
  readonly why: readonly string[];
}

/** A proposal in words. */
export interface SaidProposal {
  readonly filled: readonly ProposedPlace[];
  /** Places that stay free, and why. */
  readonly open: readonly { readonly place: FreePlace; readonly why: string }[];
  readonly cooks: readonly ProposedCook[];
  /** What has to be got for it, each once. */
  readonly toGet: readonly string[];
  readonly different: number;
  readonly proved: boolean;
}

const weekday = (day: string): string => WEEK_BEGINS[isoWeekday(day) - 1]!;

/** A proposal as it is shown: what stands where, what is cooked for it, what has to be got, and why each. */
export function sayProposal(
  q: WeekQuestion,
  { problem, places }: AskedWeek,
  { picks, proved }: Proposal,
): SaidProposal {
  const servings = problem.dishes.map((d) => d.servings);
  const { cooks, byPlace } = proposedCooks(q, places, picks, servings);
  const filled = places.flatMap((place, i): ProposedPlace[] => {
    const pick = picks[i] ?? null;
    if (pick === null) return [];
    const room = problem.room[q.eaterIds.indexOf(place.eaterId)]![problem.places[i]!.day] ?? null;
    return [filledPlace(q, place, pick, byPlace.get(i) ?? null, room)];
  });
  const open = places.flatMap((place, i) => (picks[i] == null ? [{ place, why: whyOpen(problem, i) }] : []));
  return {
    filled,
    open,
    cooks,
    toGet: [...new Set(cooks.flatMap((c) => c.toGet))].sort((a, b) => a.localeCompare(b, 'en')),
    different: new Set(filled.map((f) => f.title)).size,
    proved,
  };
}

/** What is cooked, each pot by itself, and which of them each place is filled from. */
function proposedCooks(
  q: WeekQuestion,
  places: readonly FreePlace[],
  picks: Proposal['picks'],
  servings: readonly number[],
): { readonly cooks: readonly ProposedCook[]; readonly byPlace: ReadonlyMap<number, ProposedCook> } {
  const found = new Map<string, { -readonly [K in keyof ProposedCook]: ProposedCook[K] }>();
  const counts = new Map<string, number>();
  const byPlace = new Map<number, ProposedCook>();
  for (const [i, pick] of picks.entries()) {
    if (pick?.kind !== 'cook') continue;
    const all = `${pick.dish} ${pick.day}`;
    const n = counts.get(all) ?? 0;
    counts.set(all, n + 1);
    const key = `${all} ${Math.floor(n / servings[pick.dish]!)}`;
    const d = q.offer.dishes[pick.dish]!;
    const cook = found.get(key) ?? {
      key,
      recipeId: d.recipeId,
      versionId: d.versionId,
      title: d.title,
      day: calendarDay(q, pick.day),
      meal: places[i]!.meal,
      servings: servings[pick.dish]!,
      portions: 0,
      toGet: d.toGet.map((f) => f.name),
    };
    cook.portions++;
    found.set(key, cook);
    byPlace.set(i, cook);
  }
  return { cooks: [...found.values()].sort((a, b) => a.day.localeCompare(b.day)), byPlace };
}

function filledPlace(
  q: WeekQuestion,
  place: FreePlace,
  pick: Pick,
  cook: ProposedCook | null,
  room: number | null,
): ProposedPlace {
  const fits = (points: number | null): string[] =>
    room === null || points === null ? [] : [`${formatPoints(points)} of the ${formatPoints(room)} left`];
  const pointsFor = (to: WeekQuestion['offer']['dishes'][number]['to']): number | null =>
    to.find((t) => t.eaterId === place.eaterId)?.count.points ?? null;
  switch (pick.kind) {
    case 'box': {
      const b = q.offer.boxes[pick.box]!;
      const points = pointsFor(b.to);
      const until =
        b.place === 'fridge' ? [`in the fridge, to be eaten by ${weekday(b.keepUntil)}`] : ['in the freezer'];
      const eaten = { kind: 'box', recipeId: b.recipeId, boxId: b.boxId } as const;
      return { place, title: b.title, what: { kind: 'there', eaten }, points, why: [...until, ...fits(points)] };
    }
    case 'pot': {
      const p = q.offer.pots[pick.pot]!;
      const points = pointsFor(p.to);
      const why = [
        `from ${weekday(p.day)}’s pot, where ${formatAmount(p.left)} ${p.left === 1 ? 'portion is' : 'portions are'} left`,
      ];
      const eaten = { kind: 'pot', recipeId: p.recipeId, potId: p.potId } as const;
      return { place, title: p.title, what: { kind: 'there', eaten }, points, why: [...why, ...fits(points)] };
    }
    case 'cook': {
      const d = q.offer.dishes[pick.dish]!;
      const day = calendarDay(q, pick.day);
      const points = pointsFor(d.to);
      const pot =
        day === place.day
          ? [`cooked that day, ${cook!.portions} of ${cook!.servings} portions are eaten this week`]
          : [`from ${weekday(day)}’s pot: it keeps ${d.keeps} ${d.keeps === 1 ? 'day' : 'days'}`];
      const house = d.foods === 0 ? [] : [`${d.foods - d.toGet.length} of ${d.foods} foods are in the house`];
      return {
        place,
        title: d.title,
        what: { kind: 'cook', key: cook!.key },
        points,
        why: [...pot, ...fits(points), ...(day === place.day ? house : [])],
      };
    }
  }
}

/** Why nothing stands in a place. */
function whyOpen(problem: AskedWeek['problem'], place: number): string {
  const { eater, day } = problem.places[place]!;
  const room = problem.room[eater]![day] ?? null;
  // What is good on that day, were it not eaten elsewhere.
  const sources = [
    ...problem.dishes.filter((d) => problem.cookDays.some((c) => c <= day && day <= c + d.keeps)),
    ...problem.boxes.filter((b) => day <= b.until),
    ...problem.pots.filter((t) => t.day <= day && day <= t.until),
  ];
  if (sources.length === 0) return 'Nothing is cooked by then, and no box or pot is there to fill it with.';
  if (sources.every((s) => s.points[eater] === null))
    return 'Nothing that is there may be eaten here, or can be wholly counted.';
  if (room !== null && sources.every((s) => s.points[eater] == null || s.points[eater]! > room))
    return `Nothing fits into the ${formatPoints(room)} points that are left.`;
  return 'With what stands on the other places, nothing that is good by then fits.';
}
