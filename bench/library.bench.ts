import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { RecipeListSchema } from '../src/contract/recipe.ts';
import { fillWithRecipes } from './many-recipes.ts';

/**
 * A list of 10,000 recipes: a page of 50 against a bare Express and SQLite read of the same rows; what the server's
 * event loop does while it lists and counts all of them anew; what memory it takes.
 */
const RECIPES = Number(process.env.BENCH_RECIPES ?? 10_000);
const ROUNDS = 500;
const [PORT, PROBE, BARE] = [4490, 4492, 4493];
const ROOT = join(import.meta.dirname, '..');

const dir = mkdtempSync(join(tmpdir(), 'imbiss-library-'));
const file = join(dir, 'imbiss.db');
let t = performance.now();
await fillWithRecipes(file, RECIPES, 12);
console.log(
  `${RECIPES} recipes of 12 lines, two versions each, filled and counted in ${seconds(performance.now() - t)}`,
);

const children: ChildProcess[] = [];
function start(args: readonly string[], env: Record<string, string> = {}, ready = 'ready'): Promise<void> {
  const child = spawn(process.execPath, args, { cwd: ROOT, env: { ...process.env, ...env } });
  children.push(child);
  return new Promise((resolve, reject) => {
    let said = '';
    const hear = (d: Buffer) => (said += d).includes(ready) && resolve();
    child.stdout.on('data', hear);
    child.stderr.on('data', hear);
    child.once('exit', () => reject(new Error(said)));
  });
}
await start(
  ['--import', './bench/probe.mjs', 'scripts/start.mjs'],
  {
    PORT: String(PORT),
    CARD_PORT: String(PORT + 1),
    IMBISS_DATA: dir,
    PROBE_PORT: String(PROBE),
  },
  'Its cards',
);
await start(['--import', 'tsx', 'bench/bare-server.ts', file, String(BARE)]);

function seconds(ms: number): string {
  return `${(ms / 1000).toFixed(1)} s`;
}
const api = (path: string, init?: RequestInit) => fetch(`http://127.0.0.1:${PORT}/api${path}`, init);
const probe = async (path = '/'): Promise<Record<string, number>> =>
  (await fetch(`http://127.0.0.1:${PROBE}${path}`)).json();
const quantile = (times: readonly number[], q: number): number =>
  [...times].sort((a, b) => a - b)[Math.min(times.length - 1, Math.floor(times.length * q))]!;

/** Milliseconds of a list, asked, parsed and checked here. */
async function listed(url: string): Promise<number> {
  const began = performance.now();
  RecipeListSchema.parse(await (await fetch(url)).json());
  return performance.now() - began;
}
async function median(...urls: string[]): Promise<number[]> {
  const times = urls.map((): number[] => []);
  for (let i = 0; i < ROUNDS + 20; i++)
    for (const [u, url] of urls.entries()) {
      const ms = await listed(url);
      if (i >= 20) times[u]!.push(ms);
    }
  return times.map((all) => quantile(all, 0.5));
}
const list = (query: string) => `http://127.0.0.1:${PORT}/api/households/home/recipes?limit=50${query}`;
const bare = `http://127.0.0.1:${BARE}/rows`;
// A later page: it says no total, as the bare read says none.
const firstPage = RecipeListSchema.parse(await (await fetch(list(''))).json());
const after = `&after=${firstPage.next}`;
const [page, first, byPoints, byWord, byEater, inHouse, alone] = (await median(
  list(after),
  list(''),
  list('&order=points&counter=eater-1'),
  list('&q=goulash'),
  list('&canEat=eater-1&appliance=oven'),
  list('&inHouse=yes'),
  bare,
)) as [number, number, number, number, number, number, number];
let failed = false;
function bar(words: string, value: number, most: number, unit: string): void {
  const over = value > most;
  failed ||= over;
  console.log(`${over ? 'OVER  ' : '      '}${words}: ${value.toFixed(2)}${unit} (at most ${most}${unit})`);
}
console.log(`a bare read of 50 rows: ${alone.toFixed(2)} ms (median of ${ROUNDS})`);
console.log(
  `a page ${page.toFixed(2)} ms, the first with its total ${first.toFixed(2)} ms, by points ${byPoints.toFixed(2)} ms, by a word ${byWord.toFixed(2)} ms`,
);
bar('a page against the bare read', page / alone, 2, ' times');
bar('the first page, with how many there are', first / alone, 2, ' times');
bar('sorted by points', byPoints / alone, 4, ' times');
bar('searched by a word', byWord / alone, 4, ' times');
bar('narrowed by who can eat it and by an appliance', byEater, 25, ' ms');
bar('narrowed by what is in the house', inHouse, 50, ' ms');

// What fits is sought among all of them and counted out for two dozen.
for (const asked of ['order=points', 'order=time', 'order=house', 'order=lately', 'order=lately&notLately=true']) {
  const times: number[] = [];
  for (let i = 0; i < 25; i++) {
    const began = performance.now();
    await (await api(`/households/home/fits?eater=eater-1&points=9&of=recipes&${asked}`)).json();
    if (i >= 5) times.push(performance.now() - began);
  }
  bar(`what fits, ${asked}`, quantile(times, 0.5), 150, ' ms');
}

// Listing, and all of them counted anew meanwhile.
await probe('/reset');
const { eaters } = await (await api('/households/home')).json();
const one = eaters[1];
t = performance.now();
const changed = await api(`/households/home/eaters/${one.id}`, {
  method: 'PUT',
  headers: { 'Content-Type': 'application/json', 'If-Match': `"${one.revision}"` },
  body: JSON.stringify({ ...one, exceptions: [{ foodId: 'egg', uncounted: true }] }),
});
if (!changed.ok) throw new Error(`the eater could not be changed: ${changed.status}`);
const health: number[] = [];
const bareHealth: number[] = [];
let counting = RECIPES;
for (let i = 0; counting > 0 || i < 300; i++) {
  const answer = RecipeListSchema.parse(await (await fetch(list(i % 2 === 0 ? '' : '&q=soup'))).json());
  counting = answer.counting;
  for (const [times, url] of [
    [health, `http://127.0.0.1:${PORT}/api/health`],
    [bareHealth, `http://127.0.0.1:${BARE}/health`],
  ] as const) {
    const began = performance.now();
    await (await fetch(url)).text();
    times.push(performance.now() - began);
  }
}
console.log(
  `all ${RECIPES} counted anew in ${seconds(performance.now() - t)}, while ${health.length} pages were listed`,
);
const loop = await probe();
console.log(`the event loop was late by ${loop.p50} ms at 50 %, ${loop.p99} ms at 99 %, at worst ${loop.max} ms`);
bar('event-loop delay at 99.9 %', loop.p999!, 50, ' ms');
bar("health at 99 %, above the bare server's", quantile(health, 0.99) - quantile(bareHealth, 0.99), 20, ' ms');

for (let round = 0; round < 2; round++)
  for (let next: string | null = ''; next !== null; ) {
    const answer = RecipeListSchema.parse(
      await (
        await fetch(`http://127.0.0.1:${PORT}/api/households/home/recipes?limit=100${next && `&after=${next}`}`)
      ).json(),
    );
    next = answer.next;
  }
bar('resident memory after listing all pages twice', (await probe()).rssMb!, 300, ' MB');
for (const child of children) child.kill('SIGTERM');
await new Promise((resolve) => setTimeout(resolve, 500));
rmSync(dir, { recursive: true, force: true });
process.exit(failed ? 1 : 0);
