import type { Aim } from './aim.ts';
import { search } from './search.ts';
import type { SearchModel } from './search-model.ts';
import type { FrontierPoint, WaysOptions } from './way.ts';

/** For one counter the least departure for at most 0, 1, 2 … points, down from what it counts now; the others' limits hold. */
export function frontierOf(bench: SearchModel, aim: Aim, of: number, options: WaysOptions): FrontierPoint[] {
  const counter = bench.counters[of];
  if (counter === undefined) return [];
  const { step } = counter.program.rule;
  const free = { ...aim, points: aim.points.map((p, i) => (i === of ? null : p)) };
  const out: FrontierPoint[] = [];
  const start = search(bench, free, bench.choices, options.stop);
  if (start.way === null) return [];
  const top = start.way.points[of]!;
  out.push({ points: top, departure: start.way.departure, way: start.way, proved: start.proved });
  for (let points = top - step; points >= -1e-9; points -= step) {
    if (options.stop?.()) break;
    const { way: found, proved } = search(
      bench,
      { ...free, points: free.points.map((p, i) => (i === of ? points : p)) },
      bench.choices,
      options.stop,
    );
    options.progress?.(0.5 + (0.5 * (top - points)) / Math.max(step, top));
    if (found === null) break;
    const last = out[out.length - 1]!;
    // One way may reach several points at once: it stands at the fewest.
    if (found.departure === last.departure)
      out[out.length - 1] = { points: found.points[of]!, departure: found.departure, way: found, proved };
    else out.push({ points: found.points[of]!, departure: found.departure, way: found, proved });
    points = Math.min(points, found.points[of]!);
  }
  return out;
}
