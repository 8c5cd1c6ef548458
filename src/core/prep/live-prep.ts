import type { PrepPlan } from './prep-plan.ts';
import type { PrepTask } from './prep-task.ts';

/** Something that goes on by itself. */
export interface GoingOn {
  readonly task: PrepTask;
  /** Min from the start of the day. */
  readonly until: number;
}

/** Where one stands in a prep day. */
export interface LivePrep {
  /** What is to be done now; null where one waits, or all is done. */
  readonly now: PrepTask | null;
  /** What the other of two cooks is at meanwhile; null for one, or where nothing is ready. */
  readonly other: PrepTask | null;
  readonly next: PrepTask | null;
  readonly goingOn: readonly GoingOn[];
  /** So far behind the plan, min. */
  readonly behind: number;
  /** When all is done at this rate, min from the start of the day. */
  readonly doneAt: number;
  readonly isOver: boolean;
}

/**
 * Where one stands: the first in the order of work that is neither done nor going on, and waits for nothing.
 *
 * @param done ids of tasks
 * @param minute min from the start of the day
 * @param begun of what goes on by itself, when it was begun, min from the start of the day
 */
export function livePrep(
  { tasks, schedule, problem }: PrepPlan,
  done: ReadonlySet<string>,
  minute: number,
  begun: ReadonlyMap<string, number> = new Map(),
): LivePrep {
  const startOf = new Map(tasks.map((t, i) => [t.id, schedule.starts[i]!]));
  const goingOn = tasks
    .filter((t) => !done.has(t.id) && begun.has(t.id))
    .map((task) => ({ task, until: begun.get(task.id)! + task.minutes }))
    .sort((a, b) => a.until - b.until);
  const left = tasks
    .filter((t) => !done.has(t.id) && !begun.has(t.id))
    .sort((a, b) => startOf.get(a.id)! - startOf.get(b.id)!);
  const isReady = (t: PrepTask): boolean => t.after.every((a) => done.has(a) || !startOf.has(a));
  const ready = left.filter(isReady);
  const now = ready[0] ?? null;
  const other = problem.cooks > 1 ? (ready.find((t) => t !== now && t.hands) ?? null) : null;
  const next = left.find((t) => t !== now && t !== other) ?? null;
  const late = (t: PrepTask): number => minute - startOf.get(t.id)! - (t.hands ? t.minutes : 0);
  const behind = now === null ? 0 : Math.max(0, Math.floor(late(now) - (now.hands ? 0 : BEGUN_IN_MIN)));
  const ends = goingOn.map((g) => g.until);
  const isOver = left.length === 0 && goingOn.length === 0;
  return { now, other, next, goingOn, behind, doneAt: Math.max(schedule.minutes + behind, ...ends), isOver };
}

/** What goes on by itself is put on within so many minutes without anybody being late. */
const BEGUN_IN_MIN = 2;
