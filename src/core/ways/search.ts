import type { ChoiceProblem, Limit } from '../knapsack/problem.ts';
import { type Solved, solveChoices } from '../knapsack/solve.ts';
import { edgeOf, roundPoints } from '../program/rule.ts';
import { wholeDeparture } from '../swap/departure-words.ts';
import type { Aim } from './aim.ts';
import type { LineChoice, LineChoices } from './line-choices.ts';
import type { SearchModel } from './search-model.ts';
import type { Way } from './way.ts';

/** Answers that the engine rejects are cut off at most so often. */
const REJECTED = 12;

export interface Searched {
  readonly way: Way | null;
  /** Whether it is proved that nothing departs less, or that there is nothing. */
  readonly proved: boolean;
}

/** The limits of an aim; `less` is taken off each counter's room, where an answer was rejected. */
function limitsOf(
  bench: SearchModel,
  aim: Aim,
  less: readonly number[],
): { limits: Limit[]; of: ((c: LineChoice) => number)[] } {
  const limits: Limit[] = [];
  const of: ((c: LineChoice) => number)[] = [];
  bench.counters.forEach((counter, i) => {
    const most = aim.points[i] ?? null;
    if (most === null) return;
    const { rule, by } = counter.program;
    const items = by === 'items';
    const edge = items ? most : edgeOf(most + rule.step, rule);
    const holds = (sum: number): boolean =>
      items ? sum <= most + 1e-9 - less[i]! : roundPoints(sum + less[i]!, rule) <= most + 1e-9;
    limits.push({ base: bench.base.raw[i]!, most: edge - less[i]!, holds });
    of.push((c) => c.raw[i]!);
  });
  const add = (most: number | null, base: number, amount: (c: LineChoice) => number): void => {
    if (most === null) return;
    limits.push({ base, most, holds: (s) => s <= most + 1e-9 });
    of.push(amount);
  };
  add(aim.kcal, bench.base.kcal, (c) => c.kcal);
  add(aim.sodium, bench.base.sodium, (c) => c.sodium);
  add(aim.protein === null ? null : -aim.protein, -bench.base.protein, (c) => -c.protein);
  add(aim.grams === null ? null : -aim.grams, -bench.base.grams, (c) => -c.grams);
  add(aim.changes, 0, (c) => (c.kind === 'stay' ? 0 : 1));
  for (const limit of bench.limits) add(limit.most, 0, limit.of);
  return { limits, of };
}

/** The best way among these choices, its answer accepted by the engine. */
export function search(
  bench: SearchModel,
  aim: Aim,
  choices: readonly LineChoices[],
  stop: (() => boolean) | undefined,
): Searched {
  const less = bench.counters.map(() => 0);
  for (let tries = 0; tries < REJECTED; tries++) {
    const { limits, of } = limitsOf(bench, aim, less);
    const problem: ChoiceProblem = {
      lines: choices.map((l) =>
        l.choices.map((c) => ({ departure: Math.round(c.departure * 10), amounts: of.map((f) => f(c)) })),
      ),
      limits,
    };
    const solved: Solved = problem.lines.some((l) => l.length === 0)
      ? { kind: 'none', proved: true }
      : solveChoices(problem, { stop });
    if (solved.kind === 'none') return { way: null, proved: solved.proved && bench.additive && tries === 0 };
    const picked = mustGoFirst(
      choices.map((l, i) => ({ line: l, choice: l.choices[solved.solution.picks[i]!]! })),
    ).filter((c) => c.kind !== 'stay');
    const way = wayFrom(bench, picked);
    const over = overBy(bench, aim, way, picked);
    if (over === null) return { way, proved: solved.proved && bench.additive && tries === 0 };
    for (let i = 0; i < less.length; i++) less[i]! += over[i]! > 0 ? over[i]! + 1e-7 : 0;
  }
  return { way: null, proved: false };
}

/** What must not stay comes before what is chosen. */
const mustGoFirst = (picks: readonly { readonly line: LineChoices; readonly choice: LineChoice }[]): LineChoice[] =>
  [...picks.filter((p) => p.line.mustGo.length > 0), ...picks.filter((p) => p.line.mustGo.length === 0)].map(
    (p) => p.choice,
  );

/** By how much the engine's count is over what the sums said, by counter; null when every limit holds. */
function overBy(bench: SearchModel, aim: Aim, way: Way, picked: readonly LineChoice[]): number[] | null {
  const over = bench.counters.map((_, i) => {
    const most = aim.points[i] ?? null;
    if (most === null || way.points[i]! <= most + 1e-9) return 0;
    const changed = new Set(picked.map((c) => c.lineId));
    const stays = bench.choices.filter((l) => !changed.has(l.lineId)).map((l) => l.asIs);
    const said = bench.base.raw[i]! + [...picked, ...stays].reduce((s, c) => s + c.raw[i]!, 0);
    return Math.max(1e-6, way.raw[i]! - said);
  });
  return over.some((o) => o > 0) ? over : null;
}

/** A set of choices, recounted by the engine. */
const wayFrom = (bench: SearchModel, picked: readonly LineChoice[]): Way => ({
  ...bench.recount(picked),
  departure: wholeDeparture(picked.reduce((d, c) => d + c.departure, 0)),
  changes: picked,
  differs: null,
});
