import { prepare } from '../src/core/schedule/moves.ts';
import { placeInOrder } from '../src/core/schedule/place-in-order.ts';
import { solveSchedule } from '../src/core/schedule/solve-schedule.ts';
import { prepDays } from '../tests/support/prep-days.ts';

/**
 * Generated prep days of two to four dishes, 12 to 25 tasks, for one cook and for two: how long the search takes to prove
 * the shortest order, beside placing the same tasks one after the other as they stand.
 */
const DAYS = 60;
const LEAST_PROVED = 54;
const LONGEST_MS = 10_000;
const MOST_GAP = 0.1;

let failed = false;
for (const cooks of [1, 2]) {
  let proved = 0;
  let search = 0;
  let slowest = 0;
  let inOrder = 0;
  let saved = 0;
  let gap = 0;
  for (const day of prepDays(20261130, DAYS)) {
    const problem = { ...day.problem, cooks };
    let t = performance.now();
    const plain = placeInOrder(
      prepare(problem),
      problem.jobs.map((_, i) => i),
    );
    inOrder += performance.now() - t;
    t = performance.now();
    const solved = solveSchedule(problem, { stop: () => performance.now() - t > LONGEST_MS })!;
    const took = performance.now() - t;
    search += took;
    slowest = Math.max(slowest, took);
    if (solved.proved) proved++;
    gap = Math.max(gap, solved.schedule.minutes / solved.least - 1);
    if (plain !== null) saved += plain.minutes - solved.schedule.minutes;
  }
  console.log(
    `${cooks === 1 ? 'one cook' : 'two cooks'}: ${proved} of ${DAYS} days proved; ${search.toFixed(0)} ms in all, slowest ${slowest.toFixed(0)} ms; ` +
      `placed as they stand ${inOrder.toFixed(0)} ms, and ${(saved / DAYS).toFixed(0)} min longer a day; largest gap ${(100 * gap).toFixed(1)} %`,
  );
  if (proved < LEAST_PROVED || gap > MOST_GAP) failed = true;
}
if (failed) {
  console.error('The order of work is not as good as it has to be.');
  process.exit(1);
}
