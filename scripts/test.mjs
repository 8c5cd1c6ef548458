// Everything: types, lint, import rules, build, units, end to end in headless Chromium. The last line counts.

import { spawn } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureInstalled, isStale, ROOT, run } from './ensure.mjs';

ensureInstalled({ forWork: true });
ensureChromium();

let passed = 0;
let failed = 0;
const check = (name, ok) => {
  ok ? passed++ : failed++;
  console.log(`${ok ? 'ok    ' : 'FAILED'} ${name}`);
};

// All at once: together they take half as long as one after the other.
const tool = (...path) => join(ROOT, 'node_modules', ...path);
const checks = {
  types: () => runs([tool('typescript', 'bin', 'tsc'), '--noEmit']),
  lint: () => runs([tool('@biomejs', 'biome', 'bin', 'biome'), 'check', '--error-on-warnings', '.']),
  'import rules': importRules,
  'nothing that nobody uses': () => runs([tool('knip', 'bin', 'knip.js')]),
  build: () => (isStale() ? runs([join(ROOT, 'scripts/build.mjs')]) : Promise.resolve(true)),
};
const names = Object.keys(checks);
const held = await Promise.all(names.map((name) => checks[name]()));
names.forEach((name, i) => {
  check(name, held[i]);
});

mkdirSync(join(ROOT, 'dist'), { recursive: true });
// One after the other: each has both cores, and a journey never waits for a unit. Whoever names files runs those alone.
const asked = process.argv.slice(2);
const parts =
  asked.length > 0
    ? [asked]
    : [
        ['--project', 'unit', '--project', 'drawn'],
        ['--project', 'end to end'],
      ];
for (const [part, args] of parts.entries()) await tests(args, part);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

/** Runs a tool by itself. @returns how it ended, what it wrote to stdout, and all that it said */
function output(args, env = process.env) {
  const child = spawn(process.execPath, args, { cwd: ROOT, env, stdio: ['ignore', 'pipe', 'pipe'] });
  let out = '';
  let said = '';
  child.stdout.on('data', (d) => {
    out += d;
    said += d;
  });
  child.stderr.on('data', (d) => {
    said += d;
  });
  return new Promise((resolve) => child.on('exit', (status) => resolve({ status, out, said })));
}

async function runs(args) {
  const { status, said } = await output(args);
  if (status !== 0) console.error(said);
  return status === 0;
}

/** Runs a part of the tests and counts them; what it says comes in one piece. */
async function tests(args, part) {
  const results = join(ROOT, 'dist', `test-results-${part}.json`);
  rmSync(results, { force: true });
  const { status, said } = await output(
    [tool('vitest', 'vitest.mjs'), 'run', '--reporter=dot', '--reporter=json', `--outputFile.json=${results}`, ...args],
    { ...process.env, NODE_ENV: 'test' },
  );
  console.log(said);
  try {
    const { numPassedTests, numFailedTests } = JSON.parse(readFileSync(results, 'utf8'));
    passed += numPassedTests;
    failed += numFailedTests;
    if (status !== 0 && numFailedTests === 0) failed++;
  } catch {
    failed++;
  }
}

/** Holds the layers apart; fails, too, when the tool read no module. */
async function importRules() {
  const cruise = tool('dependency-cruiser', 'bin', 'dependency-cruise.mjs');
  const { out, said } = await output([cruise, '--config', '.dependency-cruiser.cjs', '-T', 'json', 'src', 'demo']);
  try {
    const { summary } = JSON.parse(out);
    for (const v of summary.violations) console.error(`${v.rule.name}: ${v.from} → ${v.to}`);
    return summary.violations.length === 0 && summary.totalCruised > 100;
  } catch {
    console.error(said);
    return false;
  }
}

/** Chromium comes from Debian's packages: its headless build draws the same and takes less, else the whole one serves. */
function ensureChromium() {
  const missing = ['chromium', 'chromium-headless-shell'].filter((name) => !existsSync(`/usr/bin/${name}`));
  if (missing.length === 0) return;
  if (process.getuid?.() === 0) {
    console.error('Installing Chromium.');
    run('apt-get', ['update', '-qq'], { stdio: ['ignore', 2, 2] });
    for (const name of missing) run('apt-get', ['install', '-y', '-qq', name], { stdio: ['ignore', 2, 2] });
  }
  if (existsSync('/usr/bin/chromium') || existsSync('/usr/bin/chromium-headless-shell')) return;
  console.error(
    'The end-to-end tests need Chromium. Install it: sudo apt-get install chromium chromium-headless-shell',
  );
  process.exit(1);
}
