import { boundTable, directions, leastDeparture, sharpen } from './bound-tables.ts';
import { cost, findMultipliers, improve, mend } from './first-answer.ts';
import { type ChoiceProblem, departureOfPicks, keepsLimits, type Solution, sumsOf } from './problem.ts';
import { searchBelow } from './search-below.ts';
import { commonUnit, spreadOf, suffixLeast, TOLERANCE, undominated } from './undominated.ts';

/** What came of a search. `proved` is false only when it was stopped before it was done. */
export type Solved =
  | { readonly kind: 'best'; readonly solution: Solution; readonly proved: boolean }
  | { readonly kind: 'none'; readonly proved: boolean };

export interface SolveOptions {
  /** Asked now and then; true ends the search with the best so far, not proved. */
  readonly stop?: () => boolean;
  /** Picks that are known to be worse than what is looked for are not looked at: departures in tenths below this. */
  readonly below?: number;
}

/**
 * Partial choices of one line that are looked at before the tables are made sharper. Set by timing the hard cases of
 * `bench/ways.bench.ts`: with fewer, tables are made that nobody needs; with many more, one line takes longer than the
 * table that would have cut it. No answer depends on it.
 */
const NARROW = 1500;

/**
 * The picks of least departure that keep every limit, and that there are no better ones.
 *
 * Exact, and none of the constants in this folder changes an answer: they decide only how soon it is found.
 *
 * In five steps: (1) choices that another one beats in everything are left out; (2) multipliers of the limits are
 * looked for, and from the choices that they lead to a first answer is mended, which is a roof; (3) tables say how
 * little can be reached at best, which is a floor; (4) everything between floor and a ceiling is looked at, the ceiling
 * rising; (5) the first ceiling below which there is an answer has the best one, for everything cheaper was looked at.
 *
 * Departures are whole tenths, so for any one sum (a limit's, or several mixed into one) a table tells the
 * least that the lines still to come can bring it to with a given departure. A partial choice is cut as soon as one
 * table shows that it cannot come out below the ceiling; the ceiling begins at what the tables say can be at best, and
 * is raised until an answer is found. With one limit the table is the answer. Mixing by the multipliers of the
 * Lagrangian dual makes the tables of several limits nearly as sharp (surrogate relaxation).
 */
export function solveChoices(problem: ChoiceProblem, options: SolveOptions = {}): Solved {
  const { limits } = problem;
  const K = limits.length;
  const unit = commonUnit(problem);
  const order = problem.lines
    .map((choices, at) => ({ at, rows: undominated(choices, unit), spread: spreadOf(choices, limits) }))
    .sort((a, b) => b.spread - a.spread);
  const rows = order.map((o) => o.rows);
  const n = rows.length;
  const room = Float64Array.from(limits, (l) => l.most - l.base);
  const least = suffixLeast(rows, K);
  for (let k = 0; k < K; k++) if (least[0]![k]! > room[k]! + TOLERANCE) return { kind: 'none', proved: true };

  let best: Solution | null = null;
  const below = options.below ?? Number.POSITIVE_INFINITY;
  const offer = (chosen: readonly number[]): void => {
    const picks = new Array<number>(n);
    order.forEach((o, i) => {
      picks[o.at] = rows[i]![chosen[i]!]!.index;
    });
    const departure = departureOfPicks(problem, picks);
    if (departure >= below || !keepsLimits(problem, picks)) return;
    if (
      best !== null &&
      (departure > best.departure || (departure === best.departure && changes(picks) >= changes(best.picks)))
    )
      return;
    best = { picks, departure, sums: sumsOf(problem, picks) };
  };
  const found = (): Solution | null => best;

  const { mixes, starts } = findMultipliers(rows, room);
  let first: number[] | null = null;
  for (const start of starts) {
    offer(start);
    const mended = mend(rows, start, room);
    if (mended && (first === null || cost(rows, mended) < cost(rows, first))) first = mended;
  }
  if (first) offer(improve(rows, first, room));
  const most = rows.reduce((d, row) => d + Math.max(...row.map((r) => r.departure)), 0);
  const roof = Math.min(most + 1, Math.ceil(below / unit), found() === null ? most + 1 : found()!.departure / unit);
  // The best mixture first; more tables only where it leaves too much.
  const waiting = directions(rows, room, mixes);
  const tables = waiting.splice(0, 1).map((mix) => boundTable(rows, mix, room, roof));
  const sharpener = sharpen(tables, rows, room, roof, offer);
  const sharper = (): boolean => {
    if (sharpener()) return true;
    const more = waiting.splice(0);
    tables.push(...more.map((mix) => boundTable(rows, mix, room, roof)));
    return more.length > 0;
  };
  // No answer departs less than the strictest table allows.
  const floorNow = (): number => Math.max(0, ...tables.map((t) => leastDeparture(t, roof)));
  const roofNow = (): number => Math.min(roof, found() === null ? roof : found()!.departure / unit);
  let floor = floorNow();
  let wide = NARROW;
  for (let step = 1; floor < roofNow(); ) {
    const ceiling = Math.min(roofNow(), floor + step);
    const before = found()?.departure;
    const done = searchBelow({ rows, room, least, tables, ceiling, offer, stop: options.stop, most: wide });
    if (done === 'stopped') return stopped(found());
    if (done === 'too many') {
      // A narrower window, sharper tables, then more room.
      if (step > 1) {
        step = Math.max(1, step >> 2);
        if (step > 1) continue;
      }
      if (!sharper()) wide *= 4;
      floor = Math.max(floor, floorNow());
      continue;
    }
    if (found() !== null && found()!.departure !== before) break;
    floor = ceiling;
    step *= 2;
  }
  const solution = found();
  return solution === null ? { kind: 'none', proved: true } : { kind: 'best', solution, proved: true };
}

const stopped = (best: Solution | null): Solved =>
  best === null ? { kind: 'none', proved: false } : { kind: 'best', solution: best, proved: false };

const changes = (picks: readonly number[]): number => picks.reduce((n, p) => n + (p === 0 ? 0 : 1), 0);
