import { expose } from 'comlink';
import type { Food } from '../../core/food/food.ts';
import type { Counter } from '../../core/program/program.ts';
import type { MeasureSystem } from '../../core/quantity/measure-system.ts';
import type { Version } from '../../core/recipe/version.ts';
import type { Swap } from '../../core/swap/swap.ts';
import { correctedDeparture, type Verdict } from '../../core/swap/verdict.ts';
import { type Aim, findWays, type WaysAnswer } from '../../core/ways/find-ways.ts';
import type { ChoiceContext } from '../../core/ways/line-choices.ts';

/** Everything a search needs, as plain data: it crosses to the worker. */
export interface WaysQuestion {
  readonly version: Version;
  readonly aim: Aim;
  readonly foods: readonly Food[];
  readonly inner: readonly Version[];
  readonly swaps: readonly Swap[];
  readonly counters: readonly Counter[];
  readonly system: MeasureSystem;
  readonly without: ChoiceContext['without'];
  readonly lacking: readonly string[];
  readonly verdicts: readonly Verdict[];
  readonly frontierOf: number;
}

/** Searches away from the page, so that it never stutters. Ending the worker ends the search. */
const ways = {
  find(q: WaysQuestion, progress: (done: number) => void): WaysAnswer {
    const byRevision = new Map(q.foods.map((f) => [`${f.id}@${f.revision}`, f]));
    const newest = new Map<string, Food>();
    for (const f of q.foods) if ((newest.get(f.id)?.revision ?? 0) < f.revision) newest.set(f.id, f);
    return findWays(
      q.version,
      q.aim,
      {
        kitchen: {
          food: (id, revision) => byRevision.get(`${id}@${revision}`) ?? null,
          version: (id) => q.inner.find((v) => v.id === id) ?? null,
        },
        food: (id) => newest.get(id) ?? null,
        swaps: q.swaps,
        counters: q.counters,
        system: q.system,
        without: q.without,
        lacking: new Set(q.lacking),
        departureOf: (swap, place) => correctedDeparture(swap, place, q.verdicts),
      },
      { frontierOf: q.frontierOf, progress },
    );
  },
};
export type WaysWorker = typeof ways;
expose(ways);
