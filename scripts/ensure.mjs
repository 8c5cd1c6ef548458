// Brings a checkout up to date: installs when the lock file changed, builds when a source is newer than the build.
import { spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));
const STAMP = join(ROOT, 'node_modules', '.imbiss-stamp');
const BUILT = join(ROOT, 'dist', '.stamp');

export function run(command, args, options = {}) {
  const result = spawnSync(command, args, { cwd: ROOT, stdio: 'inherit', ...options });
  if (result.error) throw result.error;
  return result.status ?? 1;
}

/** Runs a program from node_modules. */
export const bin = (name, args, options) =>
  run(process.execPath, [join(ROOT, 'node_modules', ...name), ...args], options);

/**
 * Installs the packages of the lock file, once until it changes: those that Imbiss is built of and runs with, or with
 * everything that only work on it needs. Progress goes to stderr.
 */
export function ensureInstalled({ forWork = false } = {}) {
  const lock = createHash('sha256')
    .update(readFileSync(join(ROOT, 'package-lock.json')))
    .digest('hex');
  const [had, hadAll] = existsSync(STAMP) ? readFileSync(STAMP, 'utf8').split(' ') : [];
  if (had === lock && (!forWork || hadAll === 'all')) return;
  // Where somebody works on it, a start takes nothing away: not after a plain `npm ci` either, which leaves no stamp.
  const all = forWork || hadAll === 'all' || (had === undefined && existsSync(join(ROOT, 'node_modules', 'vitest')));
  console.error('Installing packages.');
  const only = all ? [] : ['--omit=dev'];
  const args = ['ci', ...only, '--no-audit', '--no-fund', '--prefer-offline', '--loglevel=error'];
  if (run('npm', args, { stdio: ['ignore', 2, 2] }) !== 0) {
    console.error('The packages could not be installed. Check the network, then start again.');
    process.exit(1);
  }
  writeFileSync(STAMP, `${lock} ${all ? 'all' : 'run'}`);
}

function newest(path) {
  const s = statSync(path);
  if (!s.isDirectory()) return s.mtimeMs;
  let t = 0;
  for (const name of readdirSync(path)) t = Math.max(t, newest(join(path, name)));
  return t;
}

const SOURCES = ['src', 'demo', 'scripts', 'vite.config.ts', 'package-lock.json'];

/** Whether a source is newer than the build. */
export function isStale() {
  if (!existsSync(BUILT)) return true;
  const built = statSync(BUILT).mtimeMs;
  return SOURCES.some((s) => newest(join(ROOT, s)) > built);
}

export function markBuilt() {
  mkdirSync(dirname(BUILT), { recursive: true });
  writeFileSync(BUILT, new Date().toISOString());
}

/** Builds client and server when stale, in a process of its own: what a build takes is given back before serving. */
export function ensureBuilt() {
  ensureInstalled();
  if (!isStale()) return;
  if (run(process.execPath, [join(ROOT, 'scripts/build.mjs')], { stdio: ['ignore', 2, 2] }) !== 0) {
    console.error('Imbiss could not be built.');
    process.exit(1);
  }
}
