import type { PrepPlan } from './prep-plan.ts';

/** What a prep day comes to. */
export interface PlanSums {
  /** From the first move to the last, min. */
  readonly minutes: number;
  /** So much of it is work of hands, washing up on the way included, min; of two cooks both. */
  readonly hands: number;
  /** What the dishes would take one after the other, each step when the one before is over, min. */
  readonly oneByOne: number;
  /** How many of the minutes that count are guesses. */
  readonly guessed: number;
}

export function planSums({ tasks, schedule, problem }: PrepPlan): PlanSums {
  const sum = (of: readonly { readonly minutes: number }[]): number => of.reduce((total, t) => total + t.minutes, 0);
  const dishes = [...new Set(tasks.map((t) => t.dishId))];
  return {
    minutes: schedule.minutes,
    hands: sum(tasks.filter((t) => t.hands)) + sum(schedule.washes),
    oneByOne: dishes.reduce((total, d) => total + longestWay(d, { tasks, problem }), 0),
    guessed: tasks.filter((t) => t.from === 'guessed').length,
  };
}

/** A dish by itself: hands do one thing after the other, and it is over no sooner than its longest way. */
function longestWay(dishId: string, { tasks, problem }: Pick<PrepPlan, 'tasks' | 'problem'>): number {
  const ends = new Map<string, number>();
  let hands = 0;
  for (const [i, t] of tasks.entries()) {
    if (t.dishId !== dishId) continue;
    const ready = Math.max(0, ...t.after.map((a) => ends.get(a) ?? 0), problem.jobs[i]!.notBefore);
    const start = t.hands ? Math.max(ready, hands) : ready;
    ends.set(t.id, start + t.minutes);
    if (t.hands) hands = start + t.minutes;
  }
  return Math.max(0, ...ends.values());
}
