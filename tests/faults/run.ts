// The whole of what goes wrong: thousands of stories of devices, hundreds of kills, a hundred thousand requests, and
// thirty photographed pages. With the name of a part, that part alone: `npm run faults photographs`.
import { spawn, spawnSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { openWorld, playStory } from '../model/devices.ts';
import { seeded } from '../support/hard-choices.ts';
import { testServer } from '../support/test-server.ts';
import { sendHostile } from './hostile-requests.ts';
import { bundleVictims, type Killed, killStarts, killWriters } from './kills.ts';
import { readAllPages } from './photographs.ts';

const SEED = Number(process.env.SEED ?? 20_261_126);
const STORIES = Number(process.env.STORIES ?? 2000);
const STEPS = 26;
const START_KILLS = Number(process.env.START_KILLS ?? 200);
const WRITE_KILLS = Number(process.env.WRITE_KILLS ?? 100);
const REQUESTS = Number(process.env.REQUESTS ?? 100_000);
const ROOT = join(import.meta.dirname, '../..');
const say = (words: string): void => console.log(`${new Date().toISOString().slice(11, 19)}  ${words}`);

/** Part of the stories, in this process. */
async function stories(from: number, to: number) {
  const world = await openWorld();
  const told = { entries: 0, questions: 0, faults: [] as string[] };
  for (let n = from; n < to; n++) {
    try {
      const { entries, questions } = await playStory(world, seeded(SEED + n * 7919), STEPS);
      told.entries += entries;
      told.questions += questions;
    } catch (e) {
      told.faults.push(`story ${n}: ${(e as Error).message}`);
    }
    if (n % 100 === 99) console.error(`stories to ${n + 1}: ${told.faults.length} faults`);
  }
  await world.close();
  return told;
}

async function hostile() {
  const server = await testServer();
  server.connection.pragma('synchronous = OFF');
  const answered = await sendHostile(server, seeded(SEED), REQUESTS);
  await server.close();
  return answered;
}

/** All photographed pages, with their figures written down; what is below a bar. */
async function photographs(): Promise<readonly string[]> {
  const { clean, every, faults } = await readAllPages(say);
  const of = (n: number, m: { lines: number }): string => `${n} of ${m.lines}`;
  writeFigures(
    'photographs',
    [
      '| what | figure |',
      '| --- | --- |',
      `| lines of clean prints that are right without a question | ${of(clean.right, clean)} |`,
      `| lines of all pages that are right, that are asked about | ${every.right}, ${every.asked} of ${every.lines} |`,
      `| wrong, lost or made up without a question | ${of(every.silent.length, every)} |`,
      `| fractions lost without a question | ${every.lostFractions.length} |`,
    ].join('\n'),
  );
  return faults;
}

/** Writes a table of figures between its marks. */
function writeFigures(mark: string, table: string): void {
  const file = join(ROOT, 'docs/faults.md');
  const between = new RegExp(`<!-- ${mark} -->[\\s\\S]*?<!-- end -->`);
  writeFileSync(file, readFileSync(file, 'utf8').replace(between, `<!-- ${mark} -->\n${table}\n<!-- end -->`));
  spawnSync(process.execPath, [join(ROOT, 'node_modules/@biomejs/biome/bin/biome'), 'format', '--write', file]);
}

/** Runs a part in a process of its own and takes its answer. */
function part<T>(name: string, ...args: readonly string[]): Promise<T> {
  const child = spawn(process.execPath, ['--import', 'tsx', import.meta.filename, name, ...args], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let out = '';
  child.stdout.on('data', (d) => (out += d));
  return new Promise((resolve, reject) =>
    child.on('exit', (code) =>
      code === 0 ? resolve(JSON.parse(out) as T) : reject(new Error(`${name} ended with ${code}`)),
    ),
  );
}

const [only, from, to] = process.argv.slice(2);
if (only === 'stories') console.log(JSON.stringify(await stories(Number(from), Number(to))));
else if (only === 'starts')
  console.log(JSON.stringify(killStarts(seeded(SEED + Number(from)), Number(to), (words) => console.error(words))));
else if (only === 'hostile') console.log(JSON.stringify(await hostile()));
else if (only === 'photographs') process.exit((await photographs()).length === 0 ? 0 : 1);
else {
  const began = Date.now();
  type Told = Awaited<ReturnType<typeof stories>>;
  type Sent = Awaited<ReturnType<typeof hostile>>;
  const half = Math.floor(STORIES / 2);
  const [a, b] = await Promise.all([
    part<Told>('stories', '0', String(half)),
    part<Told>('stories', String(half), String(STORIES)),
  ]);
  say(`${STORIES} stories, ${a.entries + b.entries} changes, ${a.questions + b.questions} questions`);
  bundleVictims();
  const [sent, starts] = await Promise.all([part<Sent>('hostile'), part<Killed>('starts', '0', String(START_KILLS))]);
  say(`${sent.requests} requests: ${JSON.stringify(sent.byStatus)}`);
  const writers = await killWriters(seeded(SEED + 1), WRITE_KILLS, 4480, say);
  const misread = await photographs();
  const faults = [...a.faults, ...b.faults, ...sent.faults, ...starts.faults, ...writers.faults, ...misread];
  for (const fault of faults.slice(0, 50)) console.error(fault);
  const minutes = Math.round((Date.now() - began) / 60_000);
  const figures = [
    `| what | figure |`,
    `| --- | --- |`,
    `| date, seed, Node.js | ${new Date().toISOString().slice(0, 10)}, ${SEED}, ${process.version} |`,
    `| stories of two devices and three tabs, ${STEPS} steps each | ${STORIES} |`,
    `| changes made in them, questions answered | ${a.entries + b.entries}, ${a.questions + b.questions} |`,
    `| starts killed: first ones, upgrades from each of the four earlier databases | ${starts.kills} |`,
    `| servers killed while they were written to, writes acknowledged | ${writers.kills}, ${writers.acknowledged} |`,
    `| generated requests, of them taken (2xx) | ${sent.requests}, ${Object.entries(sent.byStatus).reduce((s, [k, n]) => s + (k.startsWith('2') ? n : 0), 0)} |`,
    `| faults: lost, overwritten unasked, shown but not stored, incomplete, 500 | ${faults.length} |`,
    `| minutes | ${minutes} |`,
  ].join('\n');
  writeFigures('figures', figures);
  say(`${faults.length} faults, ${minutes} min`);
  process.exit(faults.length === 0 ? 0 : 1);
}
