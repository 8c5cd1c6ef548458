import { solveChoices } from '../src/core/knapsack/solve.ts';
import { generalSolver } from '../tests/support/general-solver.ts';
import { hardChoices, seeded } from '../tests/support/hard-choices.ts';

/**
 * The search for a way on hard cases, 30 lines with 10 correlated choices each for one to three eaters, against a
 * general mixed-integer solver on the same cases: the same optimum, at least ten times faster in total. And a whole
 * frontier, one search for every point there is.
 */
const CASES = 24;
const TIMES_FASTER = 10;
const FRONTIER_MS = 1000;

const general = await generalSolver();
const random = seeded(20261125);
let ours = 0;
let theirs = 0;
let slowest = 0;
let differ = 0;
let accepted = 0;
// Once to warm up, as a page does when it opens.
solveChoices(hardChoices(random, 30, 10, 2, 0.5));
general(hardChoices(random, 8, 4, 2, 0.5));
for (let i = 0; i < CASES; i++) {
  const problem = hardChoices(random, 30, 10, 1 + (i % 3), 0.4 + 0.3 * random());
  let t = performance.now();
  const mine = solveChoices(problem);
  const took = performance.now() - t;
  ours += took;
  slowest = Math.max(slowest, took);
  t = performance.now();
  const other = general(problem);
  theirs += performance.now() - t;
  if (!other.kept) accepted++;
  else if ((mine.kind === 'best' ? mine.solution.departure : null) !== other.departure) differ++;
}
console.log(`${CASES} cases of 30 lines × 10 choices, for one to three eaters`);
console.log(`our search:     ${ours.toFixed(0)} ms in all, slowest ${slowest.toFixed(0)} ms`);
console.log(`general solver: ${theirs.toFixed(0)} ms in all; ${accepted} answers break a limit by its tolerance`);
console.log(`ratio: ${(theirs / ours).toFixed(1)} times faster; different optima: ${differ}`);

const whole = hardChoices(random, 30, 10, 2, 1);
const total = whole.limits[0]!.most;
const t = performance.now();
let reached = 0;
for (let points = 1; points <= 24; points++) {
  const most = (total * points) / 24;
  const limits = [{ base: 0, most, holds: (s: number) => s <= most }, whole.limits[1]!];
  if (solveChoices({ lines: whole.lines, limits }).kind === 'best') reached++;
}
const frontier = performance.now() - t;
console.log(
  `a frontier of 24 points, ${reached} of them reached: ${frontier.toFixed(0)} ms; the bar is ${FRONTIER_MS} ms`,
);
if (differ > 0 || theirs / ours < TIMES_FASTER || frontier > FRONTIER_MS) {
  console.error('The search is not as good as it has to be.');
  process.exit(1);
}
