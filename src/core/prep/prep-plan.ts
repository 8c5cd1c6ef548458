import { prepare } from '../schedule/moves.ts';
import { placeInOrder } from '../schedule/place-in-order.ts';
import type { Schedule, Wash } from '../schedule/problem.ts';
import type { KeptOrder } from './prep.ts';
import type { PrepProblem } from './prep-problem.ts';
import { PREP_TOOLS, type PrepTask } from './prep-task.ts';

/** A prep day with its times. */
export interface PrepPlan extends PrepProblem {
  readonly schedule: Schedule;
}

export const planOf = (problem: PrepProblem, schedule: Schedule): PrepPlan => ({ ...problem, schedule });

/** What is kept of a plan. */
export const keptOrder = ({ tasks, schedule }: Pick<PrepPlan, 'tasks' | 'schedule'>): KeptOrder => ({
  starts: Object.fromEntries(tasks.map((t, i) => [t.id, schedule.starts[i]!])),
  washes: schedule.washes.map((w) => ({ tool: PREP_TOOLS[w.pool]!, start: w.start })),
});

/**
 * A plan as it was kept: nothing begins before its time, and what needs longer now pushes the rest. A task that was not
 * there then follows what it waits for.
 *
 * @returns null where nothing of it is there any more, or where it cannot be done in that order
 */
export function keptPlan(problem: PrepProblem, { starts, washes }: KeptOrder): PrepPlan | null {
  if (!problem.tasks.some((t) => starts[t.id] !== undefined)) return null;
  const planned = washes.map((w): Wash => {
    const pool = PREP_TOOLS.indexOf(w.tool);
    return { pool, start: w.start, minutes: problem.problem.pools[pool]!.wash };
  });
  return placed(problem, knownStarts(problem.tasks, starts), planned, true);
}

/**
 * A plan with one task at another time, the rest following: what waits for it or for hands goes later.
 *
 * @param start min from the start of the day; it begins no sooner than what it waits for allows
 * @returns null where there is no such task, or no order that can be done
 */
export function movedTask(plan: PrepPlan, taskId: string, start: number): PrepPlan | null {
  const i = plan.tasks.findIndex((t) => t.id === taskId);
  if (i === -1) return null;
  const starts = plan.schedule.starts.map((s, k) => (k === i ? Math.max(0, start) : s));
  // What it goes before of the same minute, it goes before.
  const rank = starts.map((s, k) => s - (k === i && start < plan.schedule.starts[i]! ? 0.5 : 0));
  return placed(plan, starts, plan.schedule.washes, true, rank);
}

/** A plan without its gaps: everything in its order as soon as it can be. */
export const closedUp = (plan: PrepPlan): PrepPlan | null => placed(plan, plan.schedule.starts, [], false);

function placed(
  problem: PrepProblem,
  starts: readonly number[],
  washes: readonly Wash[],
  waits: boolean,
  rank: readonly number[] = starts,
): PrepPlan | null {
  const jobs = problem.problem.jobs.map((j, i) => (waits ? { ...j, notBefore: starts[i]! } : j));
  const order = jobs.map((_, i) => i).sort((a, b) => rank[a]! - rank[b]! || a - b);
  const schedule = placeInOrder(prepare({ ...problem.problem, jobs }), order, false, washes);
  return schedule === null ? null : planOf(withoutWaiting(problem), schedule);
}

const withoutWaiting = ({ problem, tasks, heats, notes }: PrepProblem): PrepProblem => ({
  problem,
  tasks,
  heats,
  notes,
});

/** When each begins; one that nobody knows of begins when what it waits for does, or is over. */
function knownStarts(tasks: readonly PrepTask[], starts: Readonly<Record<string, number>>): number[] {
  const known = new Map<string, number>();
  for (const t of tasks) {
    const before = t.after.map((a) => known.get(a) ?? 0);
    known.set(t.id, starts[t.id] ?? Math.max(0, ...before));
  }
  return tasks.map((t) => known.get(t.id)!);
}
