import { EPSILON } from '../program/rule.ts';
import type { Pick, Picks, ProposeProblem, Weighed } from './problem.ts';
import { sourceOf } from './weigh.ts';

/** A week that is being filled, place by place, each step with its way back. */
export class WeekState {
  readonly picks: (Pick | null)[];
  readonly #p: ProposeProblem;
  readonly #isPut: boolean[];
  /** By eater and day. */
  readonly #room: (number | null)[][];
  readonly #sum: number[][];
  readonly #open: number[][];
  readonly #filled: number[][];
  readonly #places: number[][];
  readonly #boxUsed: boolean[];
  readonly #potLeft: number[];
  /** Portions by dish and day on which it is cooked. */
  readonly #portions: number[][];
  readonly #foodUses: number[];
  /** How often an eater has a recipe. */
  readonly #had: Map<number, number>[];
  readonly weighed: { -readonly [K in keyof Weighed]: Weighed[K] } = {
    empty: 0,
    low: 0,
    spoiled: 0,
    cooks: 0,
    foods: 0,
    repeats: 0,
  };

  constructor(p: ProposeProblem) {
    this.#p = p;
    this.picks = new Array(p.places.length).fill(null);
    this.#isPut = new Array(p.places.length).fill(false);
    const zeros = (): number[][] => p.room.map((days) => days.map(() => 0));
    this.#room = p.room.map((days) => [...days]);
    this.#sum = zeros();
    this.#open = zeros();
    this.#filled = zeros();
    this.#places = zeros();
    for (const { eater, day } of p.places) {
      this.#open[eater]![day]!++;
      this.#places[eater]![day]!++;
    }
    this.#boxUsed = p.boxes.map(() => false);
    this.#potLeft = p.pots.map((t) => t.left);
    const days = Math.max(0, ...p.cookDays, ...p.places.map((x) => x.day)) + 1;
    this.#portions = p.dishes.map(() => new Array(days).fill(0));
    this.#foodUses = new Array(Math.max(-1, ...p.dishes.flatMap((d) => d.foods)) + 1).fill(0);
    this.#had = p.room.map(() => new Map());
  }

  isBoxFree(box: number): boolean {
    return !this.#boxUsed[box]!;
  }

  potLeft(pot: number): number {
    return this.#potLeft[pot]!;
  }

  /** Portions that a cook of a dish on a day still has; 0 where none was begun, or all are on plates. */
  leftOf(dish: number, day: number): number {
    const { servings } = this.#p.dishes[dish]!;
    return (servings - (this.#portions[dish]![day]! % servings)) % servings;
  }

  /** Whether a portion of so many points has room. */
  hasRoom(place: number, points: number): boolean {
    const { eater, day } = this.#p.places[place]!;
    const room = this.#room[eater]![day] ?? null;
    return room === null || points <= room + EPSILON;
  }

  /** Whether a place is filled, or left empty on purpose. */
  isPut(place: number): boolean {
    return this.#isPut[place]!;
  }

  /** How many foods a dish needs that nothing cooked so far does. */
  newFoods(dish: number): number {
    return this.#p.dishes[dish]!.foods.filter((f) => this.#foodUses[f] === 0).length;
  }

  /** Whether somebody has something of a recipe already. */
  has(eater: number, recipe: number): boolean {
    return this.#had[eater]!.has(recipe);
  }

  /** How many different recipes somebody has. */
  different(eater: number): number {
    return this.#had[eater]!.size;
  }

  /** Fills a place, or leaves it empty, and counts on. */
  put(place: number, pick: Pick | null): void {
    const { eater, day } = this.#p.places[place]!;
    const w = this.weighed;
    this.picks[place] = pick;
    this.#isPut[place] = true;
    this.#open[eater]![day]!--;
    if (pick === null) w.empty++;
    else {
      const { recipe, points } = sourceOf(this.#p, pick);
      const of = points[eater]!;
      this.#filled[eater]![day]!++;
      this.#sum[eater]![day]! += of;
      if (this.#room[eater]![day] != null) this.#room[eater]![day]! -= of;
      const times = this.#had[eater]!.get(recipe) ?? 0;
      this.#had[eater]!.set(recipe, times + 1);
      if (times > 0) w.repeats++;
      this.#take(pick, 1);
    }
    if (this.#isLow(eater, day)) w.low++;
  }

  /** Takes the pick of a place away again. */
  takeBack(place: number): void {
    const { eater, day } = this.#p.places[place]!;
    const w = this.weighed;
    if (this.#isLow(eater, day)) w.low--;
    const pick = this.picks[place]!;
    this.picks[place] = null;
    this.#isPut[place] = false;
    this.#open[eater]![day]!++;
    if (pick === null) {
      w.empty--;
      return;
    }
    const { recipe, points } = sourceOf(this.#p, pick);
    const of = points[eater]!;
    this.#filled[eater]![day]!--;
    this.#sum[eater]![day]! -= of;
    if (this.#room[eater]![day] != null) this.#room[eater]![day]! += of;
    const times = this.#had[eater]!.get(recipe)!;
    if (times === 1) this.#had[eater]!.delete(recipe);
    else this.#had[eater]!.set(recipe, times - 1);
    if (times > 1) w.repeats--;
    this.#take(pick, -1);
  }

  #isLow(eater: number, day: number): boolean {
    const least = this.#p.least[eater]![day] ?? null;
    return (
      least !== null &&
      this.#open[eater]![day] === 0 &&
      this.#filled[eater]![day] === this.#places[eater]![day] &&
      this.#sum[eater]![day]! < least - EPSILON
    );
  }

  #take(pick: Pick, by: 1 | -1): void {
    if (pick.kind === 'box') this.#boxUsed[pick.box] = by === 1;
    else if (pick.kind === 'pot') this.#potLeft[pick.pot]! -= by;
    else {
      const dish = this.#p.dishes[pick.dish]!;
      const of = this.#portions[pick.dish]!;
      const pots = (): number => Math.ceil(of[pick.day]! / dish.servings);
      const before = pots();
      of[pick.day]! += by;
      const more = pots() - before;
      this.weighed.cooks += more;
      if (more === 0) return;
      for (const f of dish.foods) {
        const was = this.#foodUses[f]!;
        this.#foodUses[f] = was + more;
        if (was === 0) this.weighed.foods++;
        else if (was + more === 0) this.weighed.foods--;
      }
    }
  }

  /** The picks as they are now. */
  copy(): Picks {
    return [...this.picks];
  }
}
