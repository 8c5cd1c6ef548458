import { EPSILON } from '../program/rule.ts';
import type { Pick, Picks, ProposeProblem, Weighed, Weights } from './problem.ts';
import { LEAST_COOKING } from './problem.ts';
import { WeekState } from './week-state.ts';
import { compareWeighed } from './weigh.ts';

/** A proposal for a week. */
export interface Proposal {
  readonly picks: Picks;
  readonly weighed: Weighed;
  /** Whether none is better. */
  readonly proved: boolean;
}

export interface ProposeOptions {
  /** Whether to end with what there is; asked again and again. */
  readonly stop?: () => boolean;
  /** Told of every better one. */
  readonly found?: (proposal: Proposal) => void;
}

const STEPS_A_LOOK = 256;
/** So many steps until it is no more tried whole, but by parts. */
const NODES_WHOLE = 200_000;
const NODES_A_PART = 1_200;
/** It ends where so many parts in a row were no better. */
const PARTS_IN_VAIN = 300;
/** So often something worse is gone on from, and after so many parts in vain the best is. */
const WORSE_TAKEN = 0.05;
const PARTS_UNTIL_BACK = 60;

/**
 * Fills the free places of a week so that every limit holds and what comes first is least, then what comes next.
 *
 * Tried whole, by branch and bound, place by place in the order of the days; a week that is too large for that is then
 * bettered part by part: some days, or one eater, are cleared and filled as well as can be, until nothing gets better.
 */
export function propose(p: ProposeProblem, weights: Weights = LEAST_COOKING, options: ProposeOptions = {}): Proposal {
  const search = new WeekSearch(p, weights, options);
  const whole = p.places.map((_, i) => i);
  const isWhole = search.fill([], whole, NODES_WHOLE);
  if (isWhole) return search.best(true);
  const random = lcg(1);
  let best = search.best(false);
  let now = best;
  let inVain = 0;
  while (!search.isStopped && inVain < PARTS_IN_VAIN) {
    const { picks } = now;
    const part = partOfWeek(p, picks, random);
    const kept = whole.filter((i) => !part.has(i)).map((i) => [i, picks[i] ?? null] as const);
    // Another that is as good is a new place to look from; now and then also one that is not.
    search.beginAnew(random);
    search.fill(kept, [...part], NODES_A_PART, 1 + Math.floor(random() * 4));
    const next = search.best(false);
    if (compareWeighed(next.weighed, now.weighed, weights) <= 0 || random() < WORSE_TAKEN) now = next;
    inVain++;
    if (compareWeighed(now.weighed, best.weighed, weights) < 0) {
      best = now;
      inVain = 0;
      options.found?.(best);
    } else if (inVain % PARTS_UNTIL_BACK === 0) now = best;
  }
  return best;
}

/** Some places that hang together: what a few pots fill, those of one eater, or of days that follow one another. */
function partOfWeek(p: ProposeProblem, picks: Picks, random: () => number): Set<number> {
  const of = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const pots = [...new Set(picks.flatMap((x) => (x?.kind === 'cook' ? [`${x.dish} ${x.day}`] : [])))];
  if (pots.length > 0 && random() < 0.5) {
    const some = new Set(Array.from({ length: 2 + Math.floor(random() * 4) }, () => of(pots)));
    return new Set(
      picks.flatMap((x, i) => (x === null || (x.kind === 'cook' && some.has(`${x.dish} ${x.day}`)) ? [i] : [])),
    );
  }
  const { eater, day } = of(p.places);
  const byDay = random() < 0.6;
  const wide = random() < 0.5 ? 1 : 2;
  return new Set(
    p.places.flatMap((x, i) => ((byDay ? x.day >= day && x.day <= day + wide : x.eater === eater) ? [i] : [])),
  );
}

/** A small generator of numbers, the same in every run. */
function lcg(seed: number): () => number {
  let s = seed;
  return () => {
    s = (Math.imul(s, 1664525) + 1013904223) >>> 0;
    return s / 2 ** 32;
  };
}

/** A dish that could be cooked for a place, and what speaks for it. */
interface Anew {
  readonly pick: Pick;
  /** So many places it could fill. */
  readonly feeds: number;
  /** So many foods have to be got for it that nothing else needs. */
  readonly foods: number;
  /** Whether its eater has it already. */
  readonly again: boolean;
}

/** Which is tried first, by what comes first. */
function likeliest(weights: Weights): (a: Anew, b: Anew) => number {
  const by = {
    cooks: (a: Anew, b: Anew) => b.feeds - a.feeds,
    foods: (a: Anew, b: Anew) => a.foods - b.foods,
    repeats: (a: Anew, b: Anew) => Number(a.again) - Number(b.again),
  } as const;
  const order = weights.flatMap((w) => (w in by ? [by[w as keyof typeof by]] : []));
  return (a, b) => {
    for (const compare of order) {
      const is = compare(a, b);
      if (is !== 0) return is;
    }
    return 0;
  };
}

class WeekSearch {
  readonly #p: ProposeProblem;
  readonly #weights: Weights;
  readonly #options: ProposeOptions;
  #best: { readonly picks: Picks; readonly weighed: Weighed } | null = null;
  /** By place, what could ever stand there. */
  readonly #ever: readonly (readonly Pick[])[];
  /** By eater, of how many recipes there is something for them. */
  readonly #recipes: readonly number[];
  readonly #mostServings: number;
  readonly #mostKeeps: number;
  readonly #days: number;
  readonly #isCookDay: readonly boolean[];
  readonly #likeliest: (a: Anew, b: Anew) => number;
  #random: (() => number) | null = null;
  #nodes = 0;
  isStopped = false;

  constructor(p: ProposeProblem, weights: Weights, options: ProposeOptions) {
    this.#p = p;
    this.#weights = weights;
    this.#options = options;
    this.#likeliest = likeliest(weights);
    this.#ever = p.places.map((_, i) => everPossible(p, i));
    const sources = [...p.boxes, ...p.pots, ...p.dishes];
    this.#recipes = p.room.map((_, e) => new Set(sources.filter((s) => s.points[e] != null).map((s) => s.recipe)).size);
    this.#mostServings = Math.max(1, ...p.dishes.map((d) => d.servings));
    this.#mostKeeps = Math.max(0, ...p.dishes.map((d) => d.keeps));
    this.#days = Math.max(0, ...p.places.map((x) => x.day)) + 1;
    this.#isCookDay = Array.from({ length: this.#days }, (_, d) => p.cookDays.includes(d));
  }

  /** Forgets what was best, and tries what is alike in another order from now on. */
  beginAnew(random: () => number): void {
    this.#best = null;
    this.#random = random;
  }

  best(proved: boolean): Proposal {
    return { ...this.#best!, proved };
  }

  /**
   * Fills places as well as can be, the others being as they are.
   *
   * @returns whether everything was tried
   */
  fill(
    kept: readonly (readonly [number, Pick | null])[],
    free: readonly number[],
    most: number,
    stepsOff = Number.POSITIVE_INFINITY,
  ): boolean {
    const p = this.#p;
    const state = new WeekState(p);
    for (const [place, pick] of kept) state.put(place, pick);
    const order = free.toSorted(
      (a, b) => p.places[a]!.day - p.places[b]!.day || p.places[a]!.eater - p.places[b]!.eater || a - b,
    );
    // From each position on: how many places can be filled at all, by eater too; the last that could have each box.
    const fillable = new Array(order.length + 1).fill(0);
    const needs = Array.from({ length: order.length + 1 }, () => new Array(this.#days).fill(0));
    const byEater = Array.from({ length: order.length + 1 }, () => new Array(p.room.length).fill(0));
    for (let i = order.length - 1; i >= 0; i--) {
      const can = this.#ever[order[i]!]!.length > 0 ? 1 : 0;
      fillable[i] = fillable[i + 1] + can;
      byEater[i] = [...byEater[i + 1]!];
      byEater[i]![p.places[order[i]!]!.eater] += can;
      needs[i] = [...needs[i + 1]!];
      needs[i]![p.places[order[i]!]!.day] += can;
    }
    const lastOf = p.boxes.map((_, k) =>
      order.findLastIndex((place) => this.#ever[place]!.some((x) => x.kind === 'box' && x.box === k)),
    );
    const ends = this.#nodes + most;
    let isAll = true;
    const leastFrom = (at: number): Weighed => {
      const w = state.weighed;
      let spoiled = 0;
      const free: number[] = [];
      for (let k = 0; k < p.boxes.length; k++) {
        if (!state.isBoxFree(k)) continue;
        if (lastOf[k]! >= at) free.push(k);
        else if (p.boxes[k]!.spoils) spoiled++;
      }
      let repeats = w.repeats;
      for (let e = 0; e < p.room.length; e++)
        repeats += Math.max(0, byEater[at]![e]! - Math.max(0, this.#recipes[e]! - state.different(e)));
      return {
        empty: w.empty + (order.length - at - fillable[at]!),
        low: w.low,
        spoiled,
        cooks: w.cooks + this.#leastCooks(state, needs[at]!, free),
        foods: w.foods,
        repeats,
      };
    };
    // A part is tried with few steps off the likeliest way: so many in all, the first places not later than the last.
    const visit = (at: number, off: number): void => {
      if (++this.#nodes % STEPS_A_LOOK === 0 && this.#options.stop?.() === true) this.isStopped = true;
      const least = leastFrom(at);
      if (this.#best !== null && compareWeighed(least, this.#best.weighed, this.#weights) >= 0) return;
      if (at === order.length) {
        this.#best = { picks: state.copy(), weighed: least };
        if (this.#random === null) this.#options.found?.(this.best(false));
        return;
      }
      const place = order[at]!;
      const choices = [...this.#now(state, place), null];
      for (const [n, pick] of choices.entries()) {
        if (n > 0 && off === 0) {
          isAll = false;
          break;
        }
        state.put(place, pick);
        visit(at + 1, n > 0 ? off - 1 : off);
        state.takeBack(place);
        // What was never finished is finished first, whatever the clock says.
        if (this.#best !== null && (this.isStopped || this.#nodes > ends)) {
          isAll = false;
          return;
        }
      }
    };
    visit(0, stepsOff);
    return isAll;
  }

  /**
   * How often something has to be cooked yet at the least: were every dish for everybody, as large as the largest and as
   * good as the one that keeps longest. Day by day what is lost soonest is eaten first, and cooked is only when nothing is
   * there.
   *
   * @param needs how many places are still to be filled, by day
   * @param boxes those that are still there
   */
  #leastCooks(state: WeekState, needs: readonly number[], boxes: readonly number[]): number {
    const p = this.#p;
    const last = this.#days - 1;
    // By the last day on which they are good, portions that are there on the day that is looked at.
    const there: number[] = new Array(this.#days).fill(0);
    const from: number[][] = Array.from({ length: this.#days }, () => []);
    const add = (day: number, until: number, many: number): void => {
      for (let n = 0; n < many; n++) from[Math.max(0, day)]?.push(Math.min(last, until));
    };
    for (const k of boxes) add(0, p.boxes[k]!.until, 1);
    for (const [k, t] of p.pots.entries()) add(t.day, t.until, state.potLeft(k));
    for (const [d, dish] of p.dishes.entries())
      for (const day of p.cookDays) add(day, day + dish.keeps, state.leftOf(d, day));
    let cooks = 0;
    let cookDay = -1;
    for (let day = 0; day <= last; day++) {
      for (const until of from[day]!) if (until >= 0) there[until]!++;
      if (this.#isCookDay[day]) cookDay = day;
      let soonest = day;
      for (let n = needs[day]!; n > 0; n--) {
        while (soonest <= last && there[soonest] === 0) soonest++;
        if (soonest > last) {
          if (cookDay === -1 || cookDay + this.#mostKeeps < day) break;
          cooks++;
          soonest = Math.min(last, cookDay + this.#mostKeeps);
          there[soonest]! += this.#mostServings;
        }
        there[soonest]!--;
      }
    }
    return cooks;
  }

  /** The likeliest first; when it is tried anew, each of a few has its turn. */
  #inOrder(anew: Anew[]): Anew[] {
    anew.sort(this.#likeliest);
    const random = this.#random;
    if (random === null || anew.length < 2 || random() < 0.5) return anew;
    const [first] = anew.splice(Math.floor(random() * Math.min(anew.length, 4)), 1);
    return [first!, ...anew];
  }

  /** How many places a dish could fill from here on, were it cooked then. */
  #feeds(state: WeekState, dish: number, cookedOn: number, from: number): number {
    const p = this.#p;
    const { points, keeps, servings } = p.dishes[dish]!;
    let feeds = 0;
    for (const [i, place] of p.places.entries()) {
      if (place.day < from || place.day > cookedOn + keeps || state.isPut(i)) continue;
      const of = points[place.eater] ?? null;
      if (of !== null && state.hasRoom(i, of)) feeds++;
    }
    return Math.min(feeds, servings);
  }

  /** What can stand in a place now, the likeliest first; of what is alike, what is lost soonest. */
  #now(state: WeekState, place: number): Pick[] {
    const p = this.#p;
    const { eater } = p.places[place]!;
    const alike = new Set<string>();
    const seenDish = new Set<number>();
    const begun: Pick[] = [];
    const anew: Anew[] = [];
    const there: Pick[] = [];
    for (const pick of this.#ever[place]!) {
      if (pick.kind === 'box') {
        const box = p.boxes[pick.box]!;
        const key = `${box.recipe} ${box.points.join()}`;
        if (!state.isBoxFree(pick.box) || alike.has(key) || !state.hasRoom(place, box.points[eater]!)) continue;
        alike.add(key);
        there.push(pick);
      } else if (pick.kind === 'pot') {
        if (state.potLeft(pick.pot) > 0 && state.hasRoom(place, p.pots[pick.pot]!.points[eater]!)) there.push(pick);
      } else {
        const dish = p.dishes[pick.dish]!;
        if (seenDish.has(pick.dish) || !state.hasRoom(place, dish.points[eater]!)) continue;
        // The days on which it could be cooked come one after the other, the soonest first.
        if (state.leftOf(pick.dish, pick.day) > 0) {
          seenDish.add(pick.dish);
          begun.push(pick);
        }
      }
    }
    const { day } = p.places[place]!;
    for (const pick of this.#ever[place]!) {
      if (pick.kind !== 'cook' || seenDish.has(pick.dish)) continue;
      const dish = p.dishes[pick.dish]!;
      if (!state.hasRoom(place, dish.points[eater]!)) continue;
      // Of the days that would do the last: it is good for longest then.
      const isLast = !this.#ever[place]!.some((x) => x.kind === 'cook' && x.dish === pick.dish && x.day > pick.day);
      if (isLast)
        anew.push({
          pick,
          feeds: this.#feeds(state, pick.dish, pick.day, day),
          foods: state.newFoods(pick.dish),
          again: state.has(eater, dish.recipe),
        });
    }
    return [...there, ...begun, ...this.#inOrder(anew).map((a) => a.pick)];
  }
}

/** What could stand in a place, were everything else empty; boxes by the day on which they are lost. */
function everPossible(p: ProposeProblem, place: number): Pick[] {
  const { eater, day } = p.places[place]!;
  const room = p.room[eater]![day] ?? null;
  const fits = (points: readonly (number | null)[]): boolean => {
    const of = points[eater] ?? null;
    return of !== null && (room === null || of <= room + EPSILON);
  };
  const boxes = p.boxes
    .map((b, box) => ({ b, box }))
    .filter(({ b }) => day <= b.until && fits(b.points))
    .sort((x, y) => x.b.until - y.b.until)
    .map(({ box }): Pick => ({ kind: 'box', box }));
  const pots = p.pots
    .map((t, pot) => ({ t, pot }))
    .filter(({ t }) => day >= t.day && day <= t.until && fits(t.points))
    .sort((x, y) => x.t.until - y.t.until)
    .map(({ pot }): Pick => ({ kind: 'pot', pot }));
  const cooks = p.dishes.flatMap((d, dish) =>
    fits(d.points)
      ? p.cookDays.filter((c) => c <= day && day <= c + d.keeps).map((c): Pick => ({ kind: 'cook', dish, day: c }))
      : [],
  );
  return [...boxes, ...pots, ...cooks];
}
