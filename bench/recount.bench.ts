import { countVersion } from '../src/core/counting/count-version.ts';
import { SHIPPED_FOODS } from '../src/core/food/shipped/index.ts';
import { plainCounter } from '../src/core/program/program.ts';
import { SAMPLE_PROGRAMS } from '../src/core/program/samples.ts';
import type { Line, Version } from '../src/core/version/version.ts';
import { time } from './time.ts';

/**
 * A recount of a 60-line recipe under all programs. The whole of it, with nothing remembered, against a naive loop over
 * the same foods as JSON rows: parse each row, sum the rule's terms, no intervals, no reasons. And after one changed
 * line, as at every keystroke on the bench, against the whole.
 */
const LINES = 60;
const ROUNDS = 2000;

const foods = SHIPPED_FOODS.filter((f) => !f.kinds.includes('nothing'))
  .filter((_, i) => i % 6 === 0)
  .slice(0, LINES);
const byId = new Map(foods.map((f) => [f.id, f]));
const lines = foods.map(
  (f, i): Line => ({
    id: `l${i}`,
    originLineId: `l${i}`,
    group: null,
    text: f.name,
    amount: { quantity: 100, quantityMax: null, unit: 'gram' },
    item: f.name,
    note: null,
    read: null,
    taken: null,
    food: { kind: 'food', foodId: f.id, revision: 1 },
    weight: { grams: 20 + i, low: 20 + i, high: 20 + i, from: 'weight' },
    role: null,
    roleSaid: false,
    technique: null,
    loss: null,
    kept: false,
    leftOut: false,
    swapId: null,
    warnings: [],
  }),
);
const version: Version = {
  id: 'v',
  recipeId: 'r',
  parentId: null,
  kind: 'asWritten',
  name: 'v',
  servings: 6,
  dish: null,
  madeFor: null,
  lines,
  steps: [],
  revision: 0,
};
const kitchen = { food: (id: string) => byId.get(id) ?? null, version: () => null };
const counters = SAMPLE_PROGRAMS.map((p) => plainCounter(p));

const rows = foods.map((f, i) => JSON.stringify({ food: f, grams: 20 + i }));
function naive(): number {
  let sum = 0;
  for (const program of SAMPLE_PROGRAMS) {
    for (const text of rows) {
      const { food, grams } = JSON.parse(text);
      if (program.list.entries.some((e) => e.kinds.some((k: string) => food.kinds.includes(k)))) continue;
      for (const [n, c] of Object.entries(program.rule.coefficients))
        sum += ((food.per100g[n].value ?? 0) * grams * c) / 100 / program.rule.per;
    }
  }
  return sum;
}

/** One amount changed, as a keystroke does: a few keys in one line, then in another. */
const KEYS_A_LINE = 8;
const changed = (i: number): Line[] =>
  lines.map((l, n) =>
    n === Math.floor(i / KEYS_A_LINE) % LINES ? { ...l, weight: { ...l.weight!, grams: 30 + (i % 50), high: 90 } } : l,
  );
const [wholes, ones] = [
  Array.from({ length: ROUNDS + 20 }, (_, i) => changed(i)),
  Array.from({ length: ROUNDS + 20 }, (_, i) => changed(i)),
];
// The whole: a kitchen that nothing was counted in yet.
const { median: recount } = await time(
  (i) => countVersion({ ...version, lines: wholes[i]! }, { ...kitchen }, counters),
  ROUNDS,
);
const { median: one } = await time((i) => countVersion({ ...version, lines: ones[i]! }, kitchen, counters), ROUNDS);
const { median: loop } = await time(() => naive(), 60);

console.log(
  `recount of ${LINES} lines under ${counters.length} programs: ${recount.toFixed(3)} ms (median of ${ROUNDS})`,
);
console.log(`naive loop over the same foods as JSON rows:    ${loop.toFixed(3)} ms`);
console.log(`ratio recount / loop: ${(recount / loop).toFixed(3)}; a frame is 16 ms`);
console.log(
  `after one changed line:                         ${one.toFixed(3)} ms; ratio to the whole ${(one / recount).toFixed(3)}`,
);
if (recount > loop) {
  console.error('The recount is slower than the naive loop.');
  process.exit(1);
}
if (one > recount / 10) {
  console.error('One changed line takes more than a tenth of the whole recount.');
  process.exit(1);
}
