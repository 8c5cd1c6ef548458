import { expose } from 'comlink';
import { ORDER_WITHIN_MS } from '../../core/prep/prep.ts';
import type { Schedule, ScheduleProblem } from '../../core/schedule/problem.ts';
import { type SolvedSchedule, solveSchedule } from '../../core/schedule/solve-schedule.ts';

/** Works out the order of a prep day away from the page. Ending the worker ends the search. */
const prep = {
  solve(problem: ScheduleProblem, found: (schedule: Schedule) => void): SolvedSchedule | null {
    const ends = performance.now() + ORDER_WITHIN_MS;
    return solveSchedule(problem, { found, stop: () => performance.now() > ends });
  },
};
export type PrepWorker = typeof prep;
expose(prep);
