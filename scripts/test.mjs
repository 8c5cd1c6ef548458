// Everything: types, lint, import rules, build, units, end to end in headless Chromium. The last line counts.

import { spawnSync } from 'node:child_process';
import { existsSync, mkdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { bin, ensureInstalled, isStale, ROOT, run } from './ensure.mjs';

ensureInstalled({ forWork: true });
ensureChromium();

let passed = 0;
let failed = 0;
const check = (name, ok) => {
  ok ? passed++ : failed++;
  console.log(`${ok ? 'ok    ' : 'FAILED'} ${name}`);
};

check('types', bin(['typescript', 'bin', 'tsc'], ['--noEmit']) === 0);
check('lint', bin(['@biomejs', 'biome', 'bin', 'biome'], ['check', '--error-on-warnings', '.']) === 0);
check('import rules', importRules());
check('nothing that nobody uses', bin(['knip', 'bin', 'knip.js'], []) === 0);
check('build', !isStale() || run(process.execPath, [join(ROOT, 'scripts/build.mjs')]) === 0);

const out = join(ROOT, 'dist', 'test-results.json');
mkdirSync(join(ROOT, 'dist'), { recursive: true });
const status = bin(
  ['vitest', 'vitest.mjs'],
  ['run', '--reporter=dot', '--reporter=json', `--outputFile.json=${out}`, ...process.argv.slice(2)],
  { env: { ...process.env, NODE_ENV: 'test' } },
);
try {
  const results = JSON.parse(readFileSync(out, 'utf8'));
  passed += results.numPassedTests;
  failed += results.numFailedTests;
  if (status !== 0 && results.numFailedTests === 0) failed++;
} catch {
  failed++;
}
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);

/** Holds the layers apart; fails, too, when the tool read no module. */
function importRules() {
  const r = spawnSync(
    process.execPath,
    [
      join(ROOT, 'node_modules/dependency-cruiser/bin/dependency-cruise.mjs'),
      '--config',
      '.dependency-cruiser.cjs',
      '--output-type',
      'json',
      'src',
      'demo',
    ],
    { cwd: ROOT, encoding: 'utf8', maxBuffer: 1 << 28 },
  );
  try {
    const { summary } = JSON.parse(r.stdout);
    for (const v of summary.violations) console.error(`${v.rule.name}: ${v.from} → ${v.to}`);
    return summary.violations.length === 0 && summary.totalCruised > 100;
  } catch {
    console.error(r.stderr);
    return false;
  }
}

/** Chromium comes from Debian's packages. */
function ensureChromium() {
  if (existsSync('/usr/bin/chromium')) return;
  if (process.getuid?.() !== 0) {
    console.error('The end-to-end tests need Chromium in /usr/bin/chromium. Install it: sudo apt-get install chromium');
    process.exit(1);
  }
  console.error('Installing Chromium.');
  run('apt-get', ['update', '-qq'], { stdio: ['ignore', 2, 2] });
  if (run('apt-get', ['install', '-y', '-qq', 'chromium'], { stdio: ['ignore', 2, 2] }) !== 0) process.exit(1);
}
