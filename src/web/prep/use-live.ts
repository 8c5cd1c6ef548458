import { useMemo } from 'react';
import { type LivePrep, livePrep } from '../../core/prep/live-prep.ts';
import type { Prep, PrepTick } from '../../core/prep/prep.ts';
import { prepDone, stepsDoneWith } from '../../core/prep/prep-done.ts';
import type { PrepPlan } from '../../core/prep/prep-plan.ts';
import type { PrepTask } from '../../core/prep/prep-task.ts';
import { useHousehold } from '../context/household-context.ts';
import { sayError } from '../kit/say-error.ts';
import { useAtStove } from '../stove/at-stove.ts';
import { serverNow } from '../stove/server-clock.ts';
import { useNow } from '../stove/use-now.ts';
import type { PrepChange } from './prep-change.ts';

/** A prep day while it goes on. */
export interface Live {
  readonly where: LivePrep;
  /** Min since it was begun. */
  readonly minute: number;
  readonly isDone: (task: PrepTask) => boolean;
  readonly isBegun: (task: PrepTask) => boolean;
  /** Says of a task that it is on, that it is done, or neither. */
  readonly tick: (task: PrepTask, state: PrepTick['state'] | null) => void;
}

/** Where one stands in a prep day: ticked on its list or at the stove, on whichever device. null before it is begun. */
export function useLive(prep: Prep, plan: PrepPlan | null, change: PrepChange): Live | null {
  const { household } = useHousehold();
  const stove = useAtStove(household.id);
  const now = useNow(prep.begun !== null);
  const begunAt = prep.begun === null ? null : Date.parse(prep.begun);
  const minute = begunAt === null ? 0 : Math.max(0, Math.floor((now - begunAt) / 60_000));
  return useMemo(() => {
    if (begunAt === null || plan === null) return null;
    const cookOf = new Map(prep.dishes.map((d) => [d.id, stove.cooks.find((c) => c.id === d.cookId) ?? null]));
    const isDishedUp = (dishId: string): boolean =>
      stove.isKnown &&
      prep.dishes.some((d) => d.id === dishId && d.cookId !== null) &&
      (cookOf.get(dishId)?.out ?? null) !== null;
    const isGone = (dishId: string): boolean =>
      stove.isKnown && prep.dishes.some((d) => d.id === dishId && d.cookId !== null) && cookOf.get(dishId) === null;
    const isOver = (dishId: string): boolean => isDishedUp(dishId) || isGone(dishId);
    const isStepDone = (dishId: string, stepId: string): boolean =>
      isOver(dishId) || cookOf.get(dishId)?.ticks[stepId] === true;
    const said = prepDone(plan.tasks, prep.ticks, isStepDone, begunAt);
    const done = new Set([
      ...said.done,
      ...plan.tasks.filter((t) => t.stepId === null && isOver(t.dishId)).map((t) => t.id),
    ]);
    const tick = (task: PrepTask, state: PrepTick['state'] | null): void => {
      const { [task.id]: _, ...others } = prep.ticks;
      const at = new Date(serverNow()).toISOString();
      const ticks = state === null ? others : { ...others, [task.id]: { state, at } };
      change({ ...prep, ticks }, state === null ? 'Not yet' : state === 'begun' ? 'It is on' : 'Done').catch(sayError);
      const cook = cookOf.get(task.dishId);
      if (cook == null || task.stepId === null || state === 'begun') return;
      if (state === 'done') {
        const steps = stepsDoneWith(plan.tasks, done, task).filter((s) => cook.ticks[s] !== true);
        if (steps.length > 0)
          void stove.change(
            cook,
            { ticks: { ...cook.ticks, ...Object.fromEntries(steps.map((s) => [s, true as const])) } },
            'Step done',
          );
      } else if (cook.ticks[task.stepId] === true) {
        const { [task.stepId]: __, ...left } = cook.ticks;
        void stove.change(cook, { ticks: left }, 'Not yet');
      }
    };
    return {
      where: livePrep(plan, done, minute, said.begun),
      minute,
      isDone: (t) => done.has(t.id),
      isBegun: (t) => said.begun.has(t.id),
      tick,
    };
  }, [begunAt, plan, prep, stove, minute, change]);
}
