import { type ChildProcess, spawn, spawnSync } from 'node:child_process';
import { existsSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildSync } from 'esbuild';
import { connectTo } from '../../src/server/db/connection.ts';
import { layDown, OLD_DATABASES, type OldDatabase } from '../support/old-database.ts';
import type { Random } from './hostile-requests.ts';

const ROOT = join(import.meta.dirname, '../..');
const CHILD = join(ROOT, 'dist/faults/kill-child.js');

/** The true server, from its bundle. */
const SERVE = `const { main } = await import(${JSON.stringify(pathToFileURL(join(ROOT, 'dist/faults/main.js')).href)}); await main([]);`;

/** What is killed, bundled once: it starts in a third of the time, and stays the same however long the run is. */
export const bundleVictims = (): unknown =>
  buildSync({
    entryPoints: {
      'kill-child': join(ROOT, 'tests/faults/kill-child.ts'),
      main: join(ROOT, 'src/server/main.ts'),
      'renewal-thread': join(ROOT, 'src/server/renewal-thread.ts'),
    },
    outdir: join(ROOT, 'dist/faults'),
    jsx: 'automatic',
    bundle: true,
    platform: 'node',
    format: 'esm',
    packages: 'external',
  });

export interface Killed {
  readonly kills: number;
  readonly acknowledged: number;
  readonly faults: readonly string[];
}

const child = (file: string, at: number) =>
  spawnSync(process.execPath, [CHILD, file, String(at)], {
    cwd: ROOT,
    encoding: 'utf8',
  });

/** Kills starts at statements spread over all of them, and looks whether the next start is complete. */
export function killStarts(random: Random, kills: number, say: (words: string) => void): Killed {
  const faults: string[] = [];
  const dir = mkdtempSync(join(tmpdir(), 'imbiss-kills-'));
  const kinds: readonly (OldDatabase | null)[] = [null, ...OLD_DATABASES];
  const all = new Map<OldDatabase | null, number>();
  let done = 0;
  for (let n = 0; n < kills; n++) {
    const from = kinds[n % kinds.length]!;
    const file = join(dir, `${n}.db`);
    const fresh = (): void => {
      for (const end of ['', '-wal', '-shm']) rmSync(`${file}${end}`, { force: true });
      if (from !== null) layDown(from, file);
    };
    if (!all.has(from)) {
      fresh();
      all.set(from, Number(child(file, -1).stdout.trim()));
    }
    fresh();
    const at = 1 + Math.floor(random() * all.get(from)!);
    // Every third is killed again in the start that mends it.
    const again = n % 3 === 0 ? 1 + Math.floor(random() * all.get(from)!) : null;
    if (child(file, at).signal === 'SIGKILL') done++;
    if (again !== null && child(file, again).signal === 'SIGKILL') done++;
    const last = child(file, -1);
    const what = `${from ?? 'first start'} killed at statement ${at}${again === null ? '' : ` and ${again}`}`;
    if (last.status !== 0) faults.push(`${what}: does not start: ${last.stderr.slice(0, 300)}`);
    else faults.push(...incomplete(file, from).map((f) => `${what}: ${f}`));
    for (const end of ['', '-wal', '-shm']) rmSync(`${file}${end}`, { force: true });
    if (n % 20 === 19) say(`${done} kills of starts, ${faults.length} faults`);
  }
  rmSync(dir, { recursive: true, force: true });
  return { kills: done, acknowledged: 0, faults };
}

function incomplete(file: string, from: OldDatabase | null): string[] {
  const db = connectTo(file, { readOnly: true });
  const one = (sql: string): number => Object.values(db.prepare(sql).all([])[0] as object)[0] as number;
  const faults: string[] = [];
  const expected: ReadonlyArray<readonly [string, number]> =
    from === null
      ? [
          ['select count(*) from household', 1],
          ['select count(*) > 15 from recipe', 1],
          ['select count(*) from feast', 1],
          ['select count(*) = (select count(*) from recipe) from recipe_listing where stale = 0', 1],
        ]
      : [
          ['select count(*) from household', 2],
          ['select count(*) from recipe', 2],
          ["select count(*) from entry where household_id = 'home'", 2],
          ['select count(*) from recipe_listing', 2],
          ['select count(*) from card', 1],
        ];
  for (const [sql, want] of expected) if (one(sql) !== want) faults.push(`${sql}: ${one(sql)} and not ${want}`);
  if (db.pragma('integrity_check') !== 'ok') faults.push('the file is damaged');
  if (db.prepare('pragma foreign_key_check').all([]).length > 0) faults.push('a row points at nothing');
  db.close();
  return faults;
}

/** Kills the true server while it is written to, and looks whether everything that was acknowledged is there. */
export async function killWriters(
  random: Random,
  kills: number,
  port: number,
  say: (words: string) => void,
): Promise<Killed> {
  const dataDir = mkdtempSync(join(tmpdir(), 'imbiss-killed-'));
  const faults: string[] = [];
  const url = `http://127.0.0.1:${port}/api/households/demo-household`;
  const known = new Map<string, number>();
  let acknowledged = 0;
  let server: ChildProcess | null = null;
  const start = async (): Promise<void> => {
    server = spawn(process.execPath, ['--input-type=module', '-e', SERVE], {
      cwd: ROOT,
      env: { ...process.env, PORT: String(port), CARD_PORT: String(port + 1), IMBISS_DATA: dataDir },
    });
    let said = '';
    server.stderr!.on('data', (d) => (said += d));
    for (let i = 0; i < 300; i++) {
      if (
        await fetch(`http://127.0.0.1:${port}/api/health`).then(
          (r) => r.ok,
          () => false,
        )
      )
        return;
      if (server.exitCode !== null) throw new Error(`it does not start again: ${said}`);
      await new Promise((resolve) => setTimeout(resolve, 50));
    }
    throw new Error(`it does not answer: ${said}`);
  };
  await start();
  for (let n = 0; n < kills; n++) {
    let alive = true;
    const writer = async (w: number): Promise<void> => {
      for (let i = 0; alive; i++) {
        const id = `killed-${n}-${w}-${i}`;
        const body = { foodId: 'butter', name: id, grams: i, opened: false, useBy: null, lacking: false };
        const put = await fetch(`${url}/stock/${id}`, {
          method: 'PUT',
          headers: { 'Content-Type': 'application/json' },
          body: JSON.stringify(body),
        }).catch(() => null);
        if (put?.status === 200 && (await put.json().catch(() => null)) !== null) {
          acknowledged++;
          known.set(id, i);
        } else if (put !== null && alive && put.status !== 200) faults.push(`${id}: ${put.status}`);
      }
    };
    const writers = [0, 1, 2, 3].map(writer);
    await new Promise((resolve) => setTimeout(resolve, 50 + random() * 450));
    server!.kill('SIGKILL');
    alive = false;
    await Promise.all(writers);
    await start();
    const stock = (await (await fetch(`${url}/stock`)).json()) as { id: string; grams: number }[];
    const there = new Map(stock.map((i) => [i.id, i.grams]));
    for (const [id, grams] of known)
      if (there.get(id) !== grams) faults.push(`${id} was acknowledged and is not there`);
    if (n % 10 === 9) say(`${n + 1} kills of a server, ${acknowledged} writes acknowledged, ${faults.length} faults`);
  }
  const ended = new Promise((resolve) => server!.once('exit', resolve));
  server!.kill('SIGTERM');
  await ended;
  if (!existsSync(join(dataDir, 'imbiss.db'))) faults.push('the database is gone');
  rmSync(dataDir, { recursive: true, force: true });
  return { kills, acknowledged, faults };
}
