import { describe, expect, it } from 'vitest';
import { prepare } from '../../src/core/schedule/moves.ts';
import { placeInOrder } from '../../src/core/schedule/place-in-order.ts';
import type { ScheduleProblem } from '../../src/core/schedule/problem.ts';
import { solveSchedule } from '../../src/core/schedule/solve-schedule.ts';
import { prepDays } from '../support/prep-days.ts';
import { faultsOf } from '../support/small-schedules.ts';

/** So many looks at whether to stop, not so many seconds: the same on every machine. */
const MOST_LOOKS = 8000;
const within = (looks: number) => {
  let left = looks;
  return () => --left <= 0;
};

/** One dish of a day as a day of its own. */
function alone({ jobs, holds, ...rest }: ScheduleProblem, dish: readonly number[]): ScheduleProblem {
  const at = new Map(dish.map((j, i) => [j, i]));
  return {
    ...rest,
    jobs: dish.map((j) => ({ ...jobs[j]!, after: jobs[j]!.after.map((a) => at.get(a)!) })),
    holds: holds.flatMap((h) => (at.has(h.from) ? [{ ...h, from: at.get(h.from)!, to: at.get(h.to)! }] : [])),
  };
}

describe('generated prep days of two to four dishes', () => {
  const days = prepDays(60, 60);

  it('are days as they are: 12 to 25 tasks, with oven, hob, bowls and waiting', () => {
    for (const { problem, dishes } of days) {
      expect(dishes.length).toBeGreaterThanOrEqual(2);
      expect(dishes.length).toBeLessThanOrEqual(4);
      expect(problem.jobs.length).toBeGreaterThanOrEqual(12);
      expect(problem.jobs.length).toBeLessThanOrEqual(25);
    }
    expect(days.filter((d) => new Set(d.problem.jobs.flatMap((j) => j.heat ?? [])).size > 1).length).toBeGreaterThan(
      15,
    );
  });

  it('are proved shortest, or within a tenth; use nothing that is not free; and are no longer than dish by dish', () => {
    let proved = 0;
    for (const { problem, dishes } of days) {
      const solved = solveSchedule(problem, { stop: within(MOST_LOOKS) })!;
      expect(faultsOf(problem, solved.schedule)).toEqual([]);
      if (solved.proved) proved++;
      expect(solved.schedule.minutes).toBeLessThanOrEqual(solved.least * 1.1);
      const oneByOne = dishes.map(
        (d) => solveSchedule(alone(problem, d), { stop: within(MOST_LOOKS) })!.schedule.minutes,
      );
      expect(solved.schedule.minutes).toBeLessThanOrEqual(oneByOne.reduce((sum, m) => sum + m, 0));
    }
    expect(proved).toBeGreaterThanOrEqual(54);
  });

  it('use nothing that is not free in whatever order they are placed', () => {
    for (const { problem } of days) {
      const p = prepare(problem);
      const jobs = problem.jobs.map((_, i) => i);
      for (const order of [jobs, jobs.toReversed()]) {
        const placed = placeInOrder(p, order);
        if (placed !== null) expect(faultsOf(problem, placed)).toEqual([]);
      }
    }
  });
});
