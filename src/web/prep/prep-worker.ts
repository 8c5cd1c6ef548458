import { expose } from 'comlink';
import type { Schedule, ScheduleProblem } from '../../core/schedule/problem.ts';
import { type SolvedSchedule, solveSchedule } from '../../core/schedule/solve-schedule.ts';

/** A search that takes longer ends with what it has, and says how far from the shortest that can be. */
const LONGEST_MS = 10_000;

/** Works out the order of a prep day away from the page. Ending the worker ends the search. */
const prep = {
  solve(problem: ScheduleProblem, found: (schedule: Schedule) => void): SolvedSchedule | null {
    const ends = performance.now() + LONGEST_MS;
    return solveSchedule(problem, { found, stop: () => performance.now() > ends });
  },
};
export type PrepWorker = typeof prep;
expose(prep);
