import { leastMinutes } from './least-minutes.ts';
import { atBeginning, type Move, moved, movesFrom, type Prepared, type Progress, prepare } from './moves.ts';
import { asSchedule, placeInOrder } from './place-in-order.ts';
import type { Schedule, ScheduleProblem } from './problem.ts';
import { type Seen, seenBefore } from './seen-before.ts';

/** What a search says. */
export interface SolvedSchedule {
  readonly schedule: Schedule;
  /** No order takes less, min. */
  readonly least: number;
  /** Whether no order is shorter. */
  readonly proved: boolean;
}

export interface ScheduleOptions {
  /** Whether to end with what there is; asked again and again. */
  readonly stop?: () => boolean;
  /** Told of every shorter one. */
  readonly found?: (schedule: Schedule) => void;
  /** Orders to begin with. */
  readonly orders?: readonly (readonly number[])[];
}

/** So often it is asked whether to stop. */
const NODES_A_LOOK = 128;

/**
 * The shortest schedule, by branch and bound over what begins next, always forward in time: an optimal one is among
 * those in which everything begins as soon as what began before lets it.
 *
 * @returns null where there is none
 * @throws RangeError where jobs wait for each other, or need what there is none of
 */
export function solveSchedule(problem: ScheduleProblem, options: ScheduleOptions = {}): SolvedSchedule | null {
  const p = prepare(problem);
  const beginning = atBeginning(p);
  const least = leastMinutes(p, beginning);
  let best = firstSchedule(p, options.orders ?? []);
  if (best !== null) options.found?.(best);
  if (best !== null && best.minutes <= least) return { schedule: best, least, proved: true };
  const seen: Seen = new Map();
  let nodes = 0;
  let stopped = false;
  const visit = (at: Progress): void => {
    if (at.placed === problem.jobs.length) {
      if (best === null || at.end < best.minutes) {
        best = asSchedule(at);
        options.found?.(best);
      }
      return;
    }
    if (++nodes % NODES_A_LOOK === 0 && options.stop?.() === true) stopped = true;
    if (stopped || seenBefore(p, seen, at)) return;
    const next = worthTrying(p, at)
      .map((move) => {
        const to = moved(p, at, move);
        return { to, least: leastMinutes(p, to), tail: move.kind === 'job' ? p.tail[move.job]! : 0 };
      })
      .sort((a, b) => a.least - b.least || b.tail - a.tail || a.to.now - b.to.now);
    for (const { to, least: under } of next) {
      if (stopped || (best !== null && best.minutes <= least)) return;
      if (best === null || under < best.minutes) visit(to);
    }
  };
  visit(beginning);
  // What was found inside is not seen by the compiler here.
  const schedule = best as Schedule | null;
  if (schedule === null) return null;
  const proved = !stopped || schedule.minutes <= least;
  return { schedule, least: proved ? schedule.minutes : least, proved };
}

/** Moves without those that can be left for later without loss. */
function worthTrying(p: Prepared, at: Progress): Move[] {
  const moves = movesFrom(p, at);
  if (moves.length < 2) return moves;
  let soonestMove = Number.POSITIVE_INFINITY;
  for (const m of moves) soonestMove = Math.min(soonestMove, m.at);
  // What takes nothing from anybody begins at once.
  const free = moves.find((m) => m.at === soonestMove && m.kind === 'job' && takesNothing(p, m.job));
  if (free !== undefined) return [free];
  // What is over before another can begin, and leaves everything as it was, goes before it.
  let over = Number.POSITIVE_INFINITY;
  for (const m of moves) if (m.kind === 'job' && leavesNothing(p, m.job)) over = Math.min(over, m.at + m.minutes);
  return moves.filter((m) => m.at < over);
}

const takesNothing = ({ problem, opens }: Prepared, j: number): boolean => {
  const { hands, heat } = problem.jobs[j]!;
  return !hands && heat === null && opens[j]!.length === 0;
};

const leavesNothing = ({ problem, opens, washed }: Prepared, j: number): boolean =>
  problem.jobs[j]!.heat === null &&
  opens[j]!.every((h) => problem.holds[h]!.to === j && !washed[problem.holds[h]!.pool]!);

/** The best of what simple rules find, to begin with. */
function firstSchedule(p: Prepared, orders: readonly (readonly number[])[]): Schedule | null {
  const jobs = p.problem.jobs.map((_, i) => i);
  const byTail = [...jobs].sort((a, b) => p.tail[b]! - p.tail[a]!);
  let best: Schedule | null = null;
  for (const order of [...orders, byTail, jobs]) {
    for (const eager of [false, true]) {
      const one = placeInOrder(p, order, eager);
      if (one !== null && (best === null || one.minutes < best.minutes)) best = one;
    }
  }
  return best;
}
