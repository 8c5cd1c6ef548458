import { SHIPPED_FOODS } from '../src/core/food/shipped/index.ts';
import type { Program } from '../src/core/program/program.ts';
import { anythingOf } from '../src/core/teach/fits.ts';
import { teach } from '../src/core/teach/teach.ts';
import type { Line, Version } from '../src/core/version/version.ts';
import { seeded } from '../tests/support/hard-choices.ts';
import { asKnown, hiddenRule, madeUpFood, SEVEN } from '../tests/support/hidden-rules.ts';
import { seedDatabase } from '../tests/support/seeded-database.ts';
import { startImbiss } from '../tests/support/start-imbiss.ts';

/**
 * A keystroke on the bench with 60 lines, in the browser: from the key to the page laid out again with every count,
 * stair and departure, against the same keystroke in a field that counts nothing. A frame is 16 ms. With `--taught`
 * everyone counts by a rule that was taught and is not certain yet.
 */
const TAUGHT = process.argv.includes('--taught');
const LINES = 60;
const KEYS = 120;
const FRAME_MS = 16;

const lines = SHIPPED_FOODS.filter((f) => !f.kinds.includes('nothing'))
  .filter((_, i) => i % 6 === 0)
  .slice(0, LINES)
  .map(
    (f, i): Line => ({
      id: `line-${i}`,
      originLineId: `line-${i}`,
      group: null,
      text: `${100 + i} g ${f.name}`,
      amount: { quantity: 100 + i, quantityMax: null, unit: 'gram' },
      item: f.name,
      note: null,
      read: null,
      taken: null,
      food: { kind: 'food', foodId: f.id, revision: f.revision },
      weight: { grams: 100 + i, low: 100 + i, high: 100 + i, from: 'weight' },
      role: f.roles[0] ?? null,
      roleSaid: false,
      technique: null,
      loss: null,
      kept: false,
      leftOut: false,
      swapId: null,
      warnings: [],
    }),
  );
/** A line in the middle whose grams move everybody's points. */
const typedAt = lines.findIndex((l, i) => {
  const food = SHIPPED_FOODS.find((f) => l.food.kind === 'food' && f.id === l.food.foodId);
  return i >= 20 && (food?.per100g.kcal.value ?? 0) > 300;
});
const asWritten: Version = {
  id: 'bench-as-written',
  recipeId: 'bench-recipe',
  parentId: null,
  kind: 'asWritten',
  name: 'as written',
  servings: 12,
  dish: null,
  madeFor: null,
  lines,
  steps: [],
  revision: 0,
};
const lightened: Version = {
  ...asWritten,
  id: 'bench-lightened',
  parentId: asWritten.id,
  kind: 'lightened',
  name: 'lightened',
  lines: lines.map((l) => ({ ...l, id: `copy-${l.id}` })),
};

/** A rule that was taught by 25 foods and leaves its rounding, its step and its caps open: there is most to work out. */
function taughtByBench(): Pick<Program, 'rule' | 'taught'> {
  const random = seeded(3);
  const rule = hiddenRule(random);
  const known = Array.from({ length: 25 }, (_, i) => asKnown(rule, madeUpFood(random, `food ${i}`)));
  const { explanation, evidence, modes, caps } = teach(known, anythingOf(SEVEN)).taught;
  console.log(`taught by ${known.length} foods: ${modes.length} roundings and ${caps.length} caps are left`);
  return { rule: explanation!.rule, taught: evidence };
}

await seedDatabase();
const imbiss = await startImbiss(4490);
let medians: { counting: number; idle: number; late: number };
try {
  const post = async (path: string, body: unknown): Promise<void> => {
    const answer = await fetch(`${imbiss.url}/api${path}`, {
      method: 'POST',
      headers: { 'Content-Type': 'application/json', Origin: imbiss.url },
      body: JSON.stringify(body),
    });
    if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
  };
  // The drawings of the demo are made once, behind the first start: keys are measured when that is done.
  for (let drawn = false; !drawn; ) {
    const { rows } = await (await fetch(`${imbiss.url}/api/households/demo-household/recipes`)).json();
    drawn = rows.every((r: { picture: string | null }) => r.picture !== null);
    if (!drawn) await new Promise((next) => setTimeout(next, 200));
  }
  await post('/households/demo-household/recipes', {
    id: 'bench-recipe',
    title: 'Sixty lines',
    credit: { author: null, url: null, whose: 'own' },
    claims: [],
    notes: '',
    asWritten,
  });
  await post('/households/demo-household/recipes/bench-recipe/versions', lightened);
  const atTable = async () => (await fetch(`${imbiss.url}/api/households/demo-household`)).json();
  const put = async (path: string, body: unknown, revision: number): Promise<void> => {
    const answer = await fetch(`${imbiss.url}/api/households/demo-household${path}`, {
      method: 'PUT',
      headers: { 'Content-Type': 'application/json', Origin: imbiss.url, 'If-Match': `"${revision}"` },
      body: JSON.stringify(body),
    });
    if (!answer.ok) throw new Error(`${path}: ${await answer.text()}`);
  };
  if (TAUGHT) {
    const { eaters, programs } = await atTable();
    const own = { ...programs[0], id: 'bench-program', revision: 1, mark: 'ZZ', ...taughtByBench() };
    await put('/programs/bench-program', own, 0);
    for (const { id, revision, ...eater } of eaters)
      if (eater.programId !== null)
        await put(`/eaters/${id}`, { ...eater, programId: own.id, exceptions: [] }, revision);
  }
  const page = await (await imbiss.browser.newContext({ viewport: { width: 1280, height: 800 } })).newPage();
  // The compiler names functions by a helper of its own, which the page has not.
  await page.addInitScript('globalThis.__name = (f) => f');
  await page.goto(`${imbiss.url}/h/demo-household/recipes/bench-recipe/lighten`);
  await page.getByText('Departure from the family').waitFor();
  await page.locator('tbody tr[tabindex]').nth(typedAt).focus();
  await page.keyboard.press('a');
  await page.getByLabel(/^Amount of/).waitFor();
  const measured = await page.evaluate(
    async ({ keys }) => {
      const typeInto = async (field: HTMLInputElement, value: string): Promise<number> => {
        const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
        const t = performance.now();
        set.call(field, value);
        field.dispatchEvent(new InputEvent('input', { bubbles: true }));
        // React renders what a key changed before the next task; the layout is asked for, so that it is in it.
        await Promise.resolve();
        void document.body.offsetHeight;
        const took = performance.now() - t;
        await new Promise((next) => requestAnimationFrame(() => setTimeout(next)));
        return took;
      };
      const points = () => document.querySelector('#count [role=status]')!.textContent;
      const counts = new Set<string | null>();
      const times = { counting: [] as number[], idle: [] as number[] };
      const amount = document.querySelector<HTMLInputElement>('input[aria-label^="Amount of"]')!;
      const still = document.querySelector<HTMLInputElement>('input[placeholder^="Add a line"]')!;
      for (let i = 0; i < keys; i++) {
        times.counting.push(await typeInto(amount, `${100 + 37 * i} g`));
        counts.add(points());
        times.idle.push(await typeInto(still, `${100 + 37 * i} g`));
      }
      return { ...times, differed: counts.size };
    },
    { keys: KEYS },
  );
  if (measured.differed < 10) throw new Error('The counts did not follow the keys: nothing was measured.');
  const at = (xs: readonly number[], share: number): number =>
    [...xs].sort((a, b) => a - b)[Math.min(xs.length - 1, Math.floor(xs.length * share))]!;
  medians = {
    counting: at(measured.counting, 0.5),
    idle: at(measured.idle, 0.5),
    late: at(measured.counting, 0.95),
  };
  const words = (xs: readonly number[]): string =>
    `${at(xs, 0.5).toFixed(1)} ms (median of ${KEYS}), ${at(xs, 0.95).toFixed(1)} ms at 95 %, slowest ${at(xs, 1).toFixed(1)} ms`;
  console.log(`a key that recounts ${LINES} lines: ${words(measured.counting)}`);
  console.log(`a key that recounts nothing:   ${words(measured.idle)}`);
} finally {
  await imbiss.stop();
}
console.log(`ratio: ${(medians.counting / medians.idle).toFixed(1)}; a frame is ${FRAME_MS} ms`);
if (medians.late > FRAME_MS) {
  console.error('More than one keystroke in twenty takes longer than a frame.');
  process.exit(1);
}
