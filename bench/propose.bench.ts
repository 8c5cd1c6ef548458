import { LEAST_COOKING } from '../src/core/propose/problem.ts';
import { propose } from '../src/core/propose/propose.ts';
import { generalProposer, weighedSum } from '../tests/support/general-proposer.ts';
import { proposeWeeks } from '../tests/support/propose-weeks.ts';

/**
 * Proposed weeks beside a general mixed-integer solver on the same: small ones, where both prove the best; and whole
 * weeks of up to five eaters, where what is not tried whole is bettered part by part.
 */
const SMALL = 60;
const WHOLE = 12;
const THEIRS_S = 20;

const general = await generalProposer();
const limited = await generalProposer(THEIRS_S);
let ours = 0;
let theirs = 0;
let differ = 0;
for (const week of proposeWeeks(20261130, SMALL, true)) {
  let t = performance.now();
  const mine = propose(week);
  ours += performance.now() - t;
  t = performance.now();
  const other = general(week);
  theirs += performance.now() - t;
  if (weighedSum(mine.weighed) !== other) differ++;
}
console.log(
  `${SMALL} small weeks: ours ${ours.toFixed(0)} ms, general solver ${theirs.toFixed(0)} ms; different: ${differ}`,
);
let worse = 0;
let better = 0;
let slowest = 0;
ours = 0;
theirs = 0;
for (const week of proposeWeeks(20261201, WHOLE, false)) {
  let t = performance.now();
  const mine = propose(week, LEAST_COOKING, { stop: () => performance.now() - t > 10_000 });
  const took = performance.now() - t;
  ours += took;
  slowest = Math.max(slowest, took);
  t = performance.now();
  const other = limited(week);
  theirs += performance.now() - t;
  const sum = weighedSum(mine.weighed);
  if (sum > other) worse++;
  if (sum < other) better++;
}
console.log(
  `${WHOLE} whole weeks: ours ${ours.toFixed(0)} ms, slowest ${slowest.toFixed(0)} ms; general solver, ${THEIRS_S} s each at most, ${theirs.toFixed(0)} ms; ` +
    `ours better in ${better}, worse in ${worse}`,
);
if (differ > 0) {
  console.error('A proposal is not as good as it has to be.');
  process.exit(1);
}
