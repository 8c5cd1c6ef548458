import { expose } from 'comlink';
import { type DishOnBench, feastBench } from '../../core/feast/feast-model.ts';
import type { Food } from '../../core/food/food.ts';
import type { Counter } from '../../core/program/program.ts';
import type { MeasureSystem } from '../../core/quantity/measure-system.ts';
import { householdDeparture } from '../../core/swap/household-departure.ts';
import type { Swap } from '../../core/swap/swap.ts';
import type { Verdict } from '../../core/swap/verdict.ts';
import { kitchenOf } from '../../core/version/kitchen.ts';
import type { Version } from '../../core/version/version.ts';
import type { Aim } from '../../core/ways/aim.ts';
import { searchBench, type WaysAnswer } from '../../core/ways/find-ways.ts';
import type { House } from '../../core/ways/in-house.ts';
import type { ChoiceContext } from '../../core/ways/line-choices.ts';
import { type OtherWay, otherWays } from '../../core/ways/other-ways.ts';
import { benchOf, type SearchModel } from '../../core/ways/search-model.ts';
import { stairOfWays, type WayStair } from '../../core/ways/stair-of-ways.ts';

/** What is searched: one dish, or all dishes of a feast. */
export type WaysSubject =
  | {
      readonly kind: 'dish';
      readonly version: Version;
      readonly title: string;
      readonly without: ChoiceContext['without'];
    }
  | { readonly kind: 'feast'; readonly dishes: readonly DishOnBench[] };

/** Everything a search needs, as plain data: it crosses to the worker. */
export interface WaysQuestion {
  readonly subject: WaysSubject;
  readonly aim: Aim;
  readonly foods: readonly Food[];
  readonly inner: readonly Version[];
  readonly swaps: readonly Swap[];
  readonly counters: readonly Counter[];
  readonly system: MeasureSystem;
  readonly lacking: readonly string[];
  readonly house: House | undefined;
  readonly verdicts: readonly Verdict[];
  /** What somebody at the table would rather not eat. */
  readonly ratherNot: readonly string[];
  /** Whose every point is looked for; null for nobody's. */
  readonly frontierOf: number | null;
}

/** A search that takes longer ends with what it has, and says so. */
const LONGEST_MS = 20_000;

function contextOf(q: WaysQuestion): Omit<ChoiceContext, 'without'> {
  const newest = new Map<string, Food>();
  for (const f of q.foods) if ((newest.get(f.id)?.revision ?? 0) < f.revision) newest.set(f.id, f);
  return {
    kitchen: kitchenOf(q.foods, q.inner),
    food: (id) => newest.get(id) ?? null,
    swaps: q.swaps,
    counters: q.counters,
    system: q.system,
    lacking: new Set(q.lacking),
    house: q.house,
    departureOf: (swap, place) =>
      householdDeparture(swap, place, {
        verdicts: q.verdicts,
        ratherNot: q.ratherNot,
        food: (id) => newest.get(id) ?? null,
      }),
  };
}

function benchFor(q: WaysQuestion): SearchModel {
  const context = contextOf(q);
  return q.subject.kind === 'dish'
    ? benchOf(q.subject.version, { ...context, title: q.subject.title, without: q.subject.without })
    : feastBench(q.subject.dishes, q.counters, context);
}

/** Searches away from the page, so that it never stutters. Ending the worker ends the search. */
const ways = {
  /** How one dish is lighter in other ways. */
  others: (q: WaysQuestion): OtherWay[] =>
    q.subject.kind === 'dish'
      ? otherWays(q.subject.version, { ...contextOf(q), title: q.subject.title, without: q.subject.without })
      : [],
  /** Every point that one counter can come to, each at its least departure. */
  stair(q: WaysQuestion, progress: (done: number) => void): WayStair {
    const ends = performance.now() + LONGEST_MS;
    return stairOfWays(benchFor(q), q.aim, q.frontierOf ?? 0, { progress, stop: () => performance.now() > ends });
  },
  find(q: WaysQuestion, progress: (done: number) => void): WaysAnswer {
    const bench = benchFor(q);
    const ends = performance.now() + LONGEST_MS;
    return searchBench(bench, q.aim, {
      frontierOf: q.frontierOf,
      progress,
      stop: () => performance.now() > ends,
    });
  },
};
export type WaysWorker = typeof ways;
expose(ways);
