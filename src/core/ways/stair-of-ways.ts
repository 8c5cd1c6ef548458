import type { Aim } from './aim.ts';
import { frontierOf } from './frontier.ts';
import type { LineChoices } from './line-choices.ts';
import { obstacleWords } from './obstacle.ts';
import type { SearchModel } from './search-model.ts';
import type { FrontierPoint, WaysOptions } from './way.ts';

/** Every point that can be reached, each at its least departure, and why it goes no lower. */
export interface WayStair {
  /** From the most points to the fewest; empty when not even what must be kept can be. */
  readonly treads: readonly FrontierPoint[];
  /**
   * The first tread that cannot be reached, and why; its points are null where there is no tread at all. null where none
   * is lower.
   */
  readonly below: { readonly points: number | null; readonly words: readonly string[] } | null;
  readonly choices: readonly LineChoices[];
  /** Whether it was ended before it was done. */
  readonly stopped: boolean;
}

/**
 * The stair of one counter: what each point that can be reached costs at the least. The aim's other limits hold, also
 * the other counters'.
 *
 * @param of the counter, by its place among the bench's
 */
export function stairOfWays(
  bench: SearchModel,
  aim: Aim,
  of: number,
  options: Pick<WaysOptions, 'stop' | 'progress'>,
): WayStair {
  const treads = frontierOf(bench, aim, of, { ...options, frontierOf: of });
  const stopped = options.stop?.() ?? false;
  const step = bench.counters[of]?.program.rule.step ?? 1;
  const least = treads[treads.length - 1];
  if (stopped || (least !== undefined && least.points < step)) {
    return { treads, below: null, choices: bench.choices, stopped };
  }
  const lower = least === undefined ? null : least.points - step;
  const words = obstacleWords(
    bench,
    { ...aim, points: aim.points.map((p, i) => (i === of ? lower : p)) },
    options.stop,
  );
  return { treads, below: { points: lower, words }, choices: bench.choices, stopped };
}
