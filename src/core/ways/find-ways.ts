import type { Version } from '../version/version.ts';
import type { Aim } from './aim.ts';
import { alternatives } from './alternatives.ts';
import { frontierOf } from './frontier.ts';
import type { ChoiceContext, LineChoices } from './line-choices.ts';
import { obstacleOf } from './obstacle.ts';
import { search } from './search.ts';
import { benchOf, type ModelSums, type SearchModel } from './search-model.ts';
import type { FrontierPoint, Obstacle, Way, WaysOptions } from './way.ts';

export interface WaysAnswer {
  readonly reachable: boolean;
  /** Whether the best is proved to be the best, or that there is none. */
  readonly proved: boolean;
  /** Whether the search was ended before it was done: what it found holds, what it did not find may be there. */
  readonly stopped: boolean;
  /** The best first, then near alternatives that differ in kind; empty when nothing reaches the aim. */
  readonly ways: readonly Way[];
  /** What stands in the way and the closest that can; null when the aim is reached. */
  readonly obstacle: Obstacle | null;
  readonly frontier: readonly FrontierPoint[];
  readonly choices: readonly LineChoices[];
  /** What a plate counts that no choice changes. */
  readonly base: ModelSums;
}

/**
 * Finds the way of least departure that reaches an aim, with near alternatives, the frontier, and what stands in the
 * way when nothing does. Every way is recounted by the counting engine, which has the last word.
 */
export const findWays = (version: Version, aim: Aim, context: ChoiceContext, options: WaysOptions): WaysAnswer =>
  searchBench(benchOf(version, context), aim, options);

/** Searches what was set out: one dish, or several. */
export function searchBench(bench: SearchModel, aim: Aim, options: WaysOptions): WaysAnswer {
  const best = search(bench, aim, bench.choices, options.stop);
  options.progress?.(0.3);
  const ways = best.way === null ? [] : [best.way, ...alternatives(bench, aim, best.way, options.stop)];
  options.progress?.(0.5);
  const frontier = options.frontierOf === null ? [] : frontierOf(bench, aim, options.frontierOf, options);
  return {
    reachable: best.way !== null,
    proved: best.proved,
    ways,
    obstacle: best.way === null ? obstacleOf(bench, aim, options.stop) : null,
    frontier,
    choices: bench.choices,
    base: bench.base,
    stopped: options.stop?.() ?? false,
  };
}
