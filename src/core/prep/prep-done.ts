import type { PrepTick } from './prep.ts';
import type { PrepTask } from './prep-task.ts';

/** What is done of a prep day, and what goes on by itself. */
export interface PrepDone {
  readonly done: ReadonlySet<string>;
  /** When it was begun, min from the start of the day. */
  readonly begun: ReadonlyMap<string, number>;
}

/**
 * What is done, as it was ticked on the list or at the stove: a step that is done is done with all its tasks.
 *
 * @param isStepDone whether a step of a dish is ticked at the stove
 * @param start when the day was begun, ms
 */
export function prepDone(
  tasks: readonly PrepTask[],
  ticks: Readonly<Record<string, PrepTick>>,
  isStepDone: (dishId: string, stepId: string) => boolean,
  start: number,
): PrepDone {
  const done = new Set<string>();
  const begun = new Map<string, number>();
  for (const t of tasks) {
    const tick = ticks[t.id];
    if (tick?.state === 'done' || (t.stepId !== null && isStepDone(t.dishId, t.stepId))) done.add(t.id);
    else if (tick?.state === 'begun') begun.set(t.id, Math.round((Date.parse(tick.at) - start) / 60_000));
  }
  return { done, begun };
}

/** The steps that are done with a task, once it is: those of which no other task is left. */
export const stepsDoneWith = (tasks: readonly PrepTask[], done: ReadonlySet<string>, task: PrepTask): string[] =>
  task.stepId !== null &&
  tasks.every((t) => t.dishId !== task.dishId || t.stepId !== task.stepId || t.id === task.id || done.has(t.id))
    ? [...tasks.filter((t) => t.stepId === task.stepId).flatMap((t) => t.hints.map((h) => h.stepId)), task.stepId]
    : [];
