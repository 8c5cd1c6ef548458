import { type SpawnOptions, spawn, spawnSync } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/**
 * A fresh clone until it answers: installing, building and starting apart, each beside what the machine takes for a bare
 * server of the same runtime to answer.
 */
const LIMIT_S = 60;
const ROOT = join(import.meta.dirname, '..');
const dir = mkdtempSync(join(tmpdir(), 'imbiss-fresh-'));
const clone = join(dir, 'imbiss');
const seconds = (from: number): number => (performance.now() - from) / 1000;

/** Seconds until a process says something. */
function until(words: RegExp, command: string, args: readonly string[], options: SpawnOptions): Promise<number> {
  const began = performance.now();
  const child = spawn(command, args, options);
  return new Promise((resolve, reject) => {
    let said = '';
    const hear = (d: Buffer): void => {
      said += d;
      if (!words.test(said)) return;
      child.kill('SIGTERM');
      resolve(seconds(began));
    };
    child.stdout!.on('data', hear);
    child.stderr!.on('data', hear);
    child.once('exit', () => reject(new Error(said)));
  });
}
const run = (script: string): number => {
  const began = performance.now();
  const { status, stderr } = spawnSync(process.execPath, ['--input-type=module', '-e', script], {
    cwd: clone,
    encoding: 'utf8',
  });
  if (status !== 0) throw new Error(stderr);
  return seconds(began);
};
try {
  spawnSync('git', ['clone', '--quiet', ROOT, clone]);
  const bare = "import { createServer } from 'node:http'; createServer().listen(4497, () => console.log('ready'));";
  const alone = await until(/ready/, process.execPath, ['--input-type=module', '-e', bare], { cwd: clone });
  const installed = run("const { ensureInstalled } = await import('./scripts/ensure.mjs'); ensureInstalled();");
  const built = run("const { build } = await import('./scripts/build.mjs'); await build();");
  const started = await until(/Its cards/, process.execPath, ['scripts/start.mjs'], {
    cwd: clone,
    env: { ...process.env, PORT: '4495', CARD_PORT: '4496' },
  });
  const all = installed + built + started;
  console.log(`a bare server of the same runtime: ${alone.toFixed(2)} s`);
  console.log(
    `installing ${installed.toFixed(1)} s, building ${built.toFixed(1)} s, first start with the demo ${started.toFixed(1)} s`,
  );
  console.log(
    `together ${all.toFixed(1)} s, ${Math.round(all / alone)} times the bare server; the bar is ${LIMIT_S} s, the aim 45`,
  );
  if (all > LIMIT_S) process.exitCode = 1;
} finally {
  rmSync(dir, { recursive: true, force: true });
}
