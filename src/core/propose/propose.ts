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

const NODES_A_LOOK = 256;
/** So many steps until it is no more tried whole, but by parts. */
const NODES_WHOLE = 200_000;
const NODES_A_PART = 6_000;
/** It ends where so many parts in a row were no better. */
const PARTS_IN_VAIN = 120;

/**
 * Fills the free places of a week so that every limit holds and what comes first is least, then what comes next.
 *
 * Tried whole, by branch and bound, place by place in the order of the days; a week that is too large for that is then
 * bettered part by part: some days, or one eater, are cleared and filled as well as can be, until nothing gets better.
 */
export function propose(p: ProposeProblem, weights: Weights = LEAST_COOKING, options: ProposeOptions = {}): Proposal {
  const search = new Search(p, weights, options);
  const whole = p.places.map((_, i) => i);
  const isWhole = search.fill([], whole, NODES_WHOLE);
  if (isWhole) return search.best(true);
  const random = lcg(1);
  let inVain = 0;
  while (!search.isStopped && inVain < PARTS_IN_VAIN) {
    const part = partOf(p, random);
    const { picks, weighed } = search.best(false);
    const kept = whole.filter((i) => !part.has(i)).map((i) => [i, picks[i] ?? null] as const);
    search.fill(kept, [...part], NODES_A_PART);
    inVain = compareWeighed(search.best(false).weighed, weighed, weights) < 0 ? 0 : inVain + 1;
  }
  return search.best(false);
}

/** Some places that hang together: those of one eater, or of two days that follow one another. */
function partOf(p: ProposeProblem, random: () => number): Set<number> {
  const of = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
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

class Search {
  readonly #p: ProposeProblem;
  readonly #weights: Weights;
  readonly #options: ProposeOptions;
  #best: { readonly picks: Picks; readonly weighed: Weighed } | null = null;
  /** By place, what could ever stand there. */
  readonly #ever: readonly (readonly Pick[])[];
  /** By eater, of how many recipes there is something for them. */
  readonly #recipes: readonly number[];
  readonly #mostServings: number;
  #nodes = 0;
  isStopped = false;

  constructor(p: ProposeProblem, weights: Weights, options: ProposeOptions) {
    this.#p = p;
    this.#weights = weights;
    this.#options = options;
    this.#ever = p.places.map((_, i) => everPossible(p, i));
    const sources = [...p.boxes, ...p.pots, ...p.dishes];
    this.#recipes = p.room.map((_, e) => new Set(sources.filter((s) => s.points[e] != null).map((s) => s.recipe)).size);
    this.#mostServings = Math.max(1, ...p.dishes.map((d) => d.servings));
  }

  best(proved: boolean): Proposal {
    return { ...this.#best!, proved };
  }

  /**
   * Fills places as well as can be, the others being as they are.
   *
   * @returns whether everything was tried
   */
  fill(kept: readonly (readonly [number, Pick | null])[], free: readonly number[], most: number): boolean {
    const p = this.#p;
    const state = new WeekState(p);
    for (const [place, pick] of kept) state.put(place, pick);
    const order = free.toSorted(
      (a, b) => p.places[a]!.day - p.places[b]!.day || p.places[a]!.eater - p.places[b]!.eater || a - b,
    );
    // From each position on: how many places can be filled at all, by eater too; the last that could have each box.
    const fillable = new Array(order.length + 1).fill(0);
    const byEater = Array.from({ length: order.length + 1 }, () => new Array(p.room.length).fill(0));
    for (let i = order.length - 1; i >= 0; i--) {
      const can = this.#ever[order[i]!]!.length > 0 ? 1 : 0;
      fillable[i] = fillable[i + 1] + can;
      byEater[i] = [...byEater[i + 1]!];
      byEater[i]![p.places[order[i]!]!.eater] += can;
    }
    const lastOf = p.boxes.map((_, k) =>
      order.findLastIndex((place) => this.#ever[place]!.some((x) => x.kind === 'box' && x.box === k)),
    );
    const ends = this.#nodes + most;
    let isAll = true;
    const leastFrom = (at: number): Weighed => {
      const w = state.weighed;
      let spoiled = 0;
      let boxes = 0;
      for (let k = 0; k < p.boxes.length; k++) {
        if (!state.isBoxFree(k)) continue;
        if (lastOf[k]! >= at) boxes++;
        else if (p.boxes[k]!.spoils) spoiled++;
      }
      let supply = boxes;
      for (let k = 0; k < p.pots.length; k++) supply += state.potLeft(k);
      for (let d = 0; d < p.dishes.length; d++) for (const day of p.cookDays) supply += state.leftOf(d, day);
      let repeats = w.repeats;
      for (let e = 0; e < p.room.length; e++)
        repeats += Math.max(0, byEater[at]![e]! - Math.max(0, this.#recipes[e]! - state.different(e)));
      return {
        empty: w.empty + (order.length - at - fillable[at]!),
        low: w.low,
        spoiled,
        cooks: w.cooks + Math.max(0, Math.ceil((fillable[at]! - supply) / this.#mostServings)),
        foods: w.foods,
        repeats,
      };
    };
    const visit = (at: number): void => {
      if (++this.#nodes % NODES_A_LOOK === 0 && this.#options.stop?.() === true) this.isStopped = true;
      const least = leastFrom(at);
      if (this.#best !== null && compareWeighed(least, this.#best.weighed, this.#weights) >= 0) return;
      if (at === order.length) {
        this.#best = { picks: state.copy(), weighed: least };
        this.#options.found?.(this.best(false));
        return;
      }
      const place = order[at]!;
      for (const pick of [...this.#now(state, place), null]) {
        state.put(place, pick);
        visit(at + 1);
        state.takeBack(place);
        // What was never finished is finished first, whatever the clock says.
        if (this.#best !== null && (this.isStopped || this.#nodes > ends)) {
          isAll = false;
          return;
        }
      }
    };
    visit(0);
    return isAll;
  }

  /** What can stand in a place now, the likeliest first; of what is alike, what is lost soonest. */
  #now(state: WeekState, place: number): Pick[] {
    const p = this.#p;
    const { eater } = p.places[place]!;
    const alike = new Set<string>();
    const seenDish = new Set<number>();
    const begun: Pick[] = [];
    const anew: { readonly pick: Pick; readonly foods: number }[] = [];
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
    for (const pick of this.#ever[place]!) {
      if (pick.kind !== 'cook' || seenDish.has(pick.dish)) continue;
      const dish = p.dishes[pick.dish]!;
      if (!state.hasRoom(place, dish.points[eater]!)) continue;
      // Of the days that would do the last: it is good for longest then.
      const isLast = !this.#ever[place]!.some((x) => x.kind === 'cook' && x.dish === pick.dish && x.day > pick.day);
      if (isLast) anew.push({ pick, foods: dish.foods.length - dish.servings / 100 });
    }
    return [...there, ...begun, ...anew.sort((a, b) => a.foods - b.foods).map((a) => a.pick)];
  }
}

/** What could stand in a place, were everything else empty; boxes by the day on which they are lost. */
function everPossible(p: ProposeProblem, place: number): Pick[] {
  const { eater, day } = p.places[place]!;
  const room = p.room[eater]![day] ?? null;
  const fits = (points: readonly (number | null)[]): boolean => {
    const of = points[eater] ?? null;
    return of !== null && (room === null || of <= room + 1e-9);
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
