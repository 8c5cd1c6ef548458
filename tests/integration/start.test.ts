import { type ChildProcess, execFileSync, spawn } from 'node:child_process';
import {
  cpSync,
  existsSync,
  mkdtempSync,
  readdirSync,
  readFileSync,
  rmSync,
  statSync,
  truncateSync,
  writeFileSync,
} from 'node:fs';
import { request as httpsRequest } from 'node:https';
import { createServer } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterAll, afterEach, beforeAll, beforeEach, describe, expect, it } from 'vitest';
import { openDatabase } from '../../src/server/db/open.ts';
import { layDown } from '../support/old-database.ts';

const ROOT = join(import.meta.dirname, '../..');
let dir: string;
/** A data folder with the demo in it, made once: to fill one takes longer than all that most of these try. */
let withDemo: string;
let running: ChildProcess[] = [];
beforeAll(async () => {
  dir = withDemo = mkdtempSync(join(tmpdir(), 'imbiss-demo-'));
  const { child } = await start([], {});
  await stop(child);
  running = [];
  // Its drawings are another test's.
  const { db } = await openDatabase(join(dir, 'imbiss.db'));
  await db.insertInto('fact').values({ key: 'drawn', value: new Date().toISOString() }).execute();
  await db.destroy();
}, 30_000);
afterAll(() => rmSync(withDemo, { recursive: true, force: true }));
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'imbiss-start-'));
});
/** Fills the folder of this test with the demo. */
const layDemo = (): void => cpSync(withDemo, dir, { recursive: true });
afterEach(async () => {
  await Promise.all(running.map(stop));
  running = [];
  rmSync(dir, { recursive: true, force: true });
});

const stop = (child: ChildProcess): Promise<void> =>
  new Promise((resolve) => {
    if (child.exitCode !== null || child.signalCode !== null) return resolve();
    child.once('exit', () => resolve());
    child.kill('SIGTERM');
  });

interface Started {
  readonly child: ChildProcess;
  /** Everything printed, once it is ready or has ended. */
  readonly output: string;
  readonly code: number | null;
}

/** Starts Imbiss and waits until it says that it is ready, or ends. */
function start(args: readonly string[], env: Record<string, string>): Promise<Started> {
  const child = spawn(process.execPath, [join(ROOT, 'scripts/start.mjs'), ...args], {
    cwd: ROOT,
    stdio: ['ignore', 'pipe', 'pipe'],
    env: { ...process.env, IMBISS_DATA: dir, PORT: '4470', CARD_PORT: '4471', ...env },
  });
  running.push(child);
  return new Promise((resolve) => {
    let output = '';
    const take = (d: Buffer) => {
      output += d;
      if (output.includes('Its cards:')) resolve({ child, output, code: null });
    };
    child.stdout!.on('data', take);
    child.stderr!.on('data', take);
    child.once('exit', (code) => resolve({ child, output, code }));
  });
}
const households = async (): Promise<{ id: string }[]> => (await fetch('http://localhost:4470/api/households')).json();
const add = (id: string) =>
  fetch('http://localhost:4470/api/households', {
    method: 'POST',
    headers: { 'Content-Type': 'application/json' },
    body: JSON.stringify({ id, name: id, zone: 'UTC' }),
  });

describe('starting', () => {
  it('creates the database with the demo, prints both addresses, and keeps the data at the second start', async () => {
    const first = await start([], {});
    expect(first.output).toContain('http://localhost:4470');
    expect(first.output).toContain('http://localhost:4471');
    expect((await households()).map((h) => h.id)).toEqual(['demo-household']);
    await add('mine');
    await fetch('http://localhost:4470/api/households/demo', { method: 'DELETE' });
    await stop(first.child);
    const before = performance.now();
    await start([], {});
    expect(performance.now() - before).toBeLessThan(8000);
    // The demo is seeded into a new database only: once removed it stays away.
    expect((await households()).map((h) => h.id)).toEqual(['mine']);
  }, 30_000);
  it('throws data away only when told so', async () => {
    layDemo();
    const first = await start([], {});
    await add('mine');
    await stop(first.child);
    const refused = await start(['--fresh'], {});
    expect(refused.code).toBe(1);
    expect(refused.output).toContain('--yes');
    expect(existsSync(join(dir, 'imbiss.db'))).toBe(true);
    await start(['--fresh', '--yes'], {});
    expect((await households()).map((h) => h.id)).toEqual(['demo-household']);
  }, 30_000);
  it('says it in a clear word when a port is taken', async () => {
    layDemo();
    await start([], {});
    const second = await start([], { IMBISS_DATA: join(dir, 'other') });
    expect(second.code).toBe(1);
    expect(second.output).toMatch(/Port 4470 is taken/);
    expect(second.output).not.toMatch(/at .*\.js:\d/);
  }, 30_000);
  it('ends when the port of the cards is taken, and has touched nothing', async () => {
    const taken = createServer().listen(4471, '127.0.0.1');
    await new Promise((resolve) => taken.once('listening', resolve));
    const refused = await start([], {});
    taken.close();
    expect(refused.code).toBe(1);
    expect(refused.output).toMatch(/Port 4471 is taken/);
    await expect(fetch('http://localhost:4470/api/health')).rejects.toThrow();
    expect(existsSync(join(dir, 'imbiss.db'))).toBe(false);
  }, 30_000);
  it('refuses a second process on the same data in words, also with --fresh, and takes nothing away under the first', async () => {
    layDemo();
    await start([], {});
    await add('mine');
    const elsewhere = { PORT: '4474', CARD_PORT: '4475' };
    for (const args of [[], ['--fresh', '--yes']]) {
      const second = await start(args, elsewhere);
      expect(second.code).toBe(1);
      expect(second.output).toMatch(/running on .* already/);
    }
    // On the same ports the ports are what is taken first.
    expect((await start(['--fresh', '--yes'], {})).output).toMatch(/Port 4470 is taken/);
    await add('later');
    expect((await households()).map((h) => h.id)).toEqual(['demo-household', 'mine', 'later']);
  }, 30_000);
  it('starts again after it was killed, for the lock goes with the process', async () => {
    layDemo();
    const first = await start([], {});
    await add('mine');
    const ended = new Promise((resolve) => first.child.once('exit', resolve));
    first.child.kill('SIGKILL');
    await ended;
    await start([], {});
    expect((await households()).map((h) => h.id)).toContain('mine');
  }, 30_000);
  it.each([
    ['garbage', Buffer.from('this is no database, whatever its name says '.repeat(200))],
    ['a database that was cut off', null],
  ])(
    'says in words what to do about %s',
    async (_, body) => {
      if (body === null) {
        layDown('0004-swaps-and-feasts', join(dir, 'imbiss.db'));
        truncateSync(join(dir, 'imbiss.db'), 20_000);
      } else writeFileSync(join(dir, 'imbiss.db'), body);
      const refused = await start([], {});
      expect(refused.code).toBe(1);
      expect(refused.output).toMatch(/damaged.*restore/s);
      expect(refused.output).not.toMatch(/\bat .*\.js:\d|SqliteError/);
    },
    30_000,
  );
  it('says in words that the data folder is a file', async () => {
    writeFileSync(join(dir, 'file'), '');
    const refused = await start([], { IMBISS_DATA: join(dir, 'file') });
    expect(refused.code).toBe(1);
    expect(refused.output).toMatch(/cannot be opened|IMBISS_DATA/);
    expect(refused.output).not.toMatch(/\bat .*\.js:\d/);
  }, 30_000);
  it('brings an older household up to date after a backup, for its owner’s eyes only', async () => {
    layDown('0004-swaps-and-feasts', join(dir, 'imbiss.db'));
    const started = await start([], {});
    expect(started.code).toBeNull();
    expect((await households()).map((h) => h.id)).toEqual(['home', 'other']);
    const [saved] = readdirSync(join(dir, 'backups'));
    expect(saved).toMatch(/-upgrade\.db$/);
    for (const path of ['imbiss.db', `backups/${saved}`]) expect(statSync(join(dir, path)).mode & 0o077).toBe(0);
    const list = await (await fetch('http://localhost:4470/api/households/home/recipes')).json();
    expect(list.rows.map((r: { title: string }) => r.title).sort()).toEqual(['Lentil soup', 'Onion broth']);
    const { document } = await (
      await fetch('http://localhost:4470/api/households/home/swaps/own-swap-one/document')
    ).json();
    expect(document.name).toBe('Our swap');
    // A card from before there were options.
    expect(await (await fetch('http://localhost:4471/c/AAAAAAAAAAAAAAAAAAAAAA')).text()).toContain('Lentil soup');
  }, 30_000);
  it('lets answers that are on their way finish when it is stopped', async () => {
    layDemo();
    const { child } = await start([], {});
    const writes = Array.from({ length: 40 }, (_, i) =>
      add(`late-${i}`)
        .then((r) => (r.ok ? `late-${i}` : null))
        .catch(() => null),
    );
    await Promise.race(writes);
    await stop(child);
    const acknowledged = (await Promise.all(writes)).filter((id) => id !== null);
    await start([], {});
    const there = (await households()).map((h) => h.id);
    expect(acknowledged.length).toBeGreaterThan(0);
    expect(there).toEqual(expect.arrayContaining(acknowledged));
  }, 30_000);
  it('asks for a passphrase before it listens to others', async () => {
    layDemo();
    const refused = await start([], { HOST: '0.0.0.0' });
    expect(refused.code).toBe(1);
    expect(refused.output).toContain('IMBISS_PASSPHRASE');
    await start([], { HOST: '0.0.0.0', IMBISS_PASSPHRASE: 'bread and butter', IMBISS_PLAIN_HTTP: '1' });
    expect((await fetch('http://localhost:4470/api/households')).status).toBe(401);
    expect((await fetch('http://localhost:4470/api/health')).status).toBe(200);
  }, 30_000);
  it('serves over TLS with a certificate of one’s own', async () => {
    layDemo();
    const [cert, key] = [join(dir, 'cert.pem'), join(dir, 'key.pem')];
    execFileSync(
      'openssl',
      [
        'req',
        '-x509',
        '-newkey',
        'rsa:2048',
        '-nodes',
        '-keyout',
        key,
        '-out',
        cert,
        '-days',
        '1',
        '-subj',
        '/CN=localhost',
      ],
      { stdio: 'ignore' },
    );
    const started = await start([], { TLS_CERT: cert, TLS_KEY: key });
    expect(started.output).toMatch(/Its cards: +https:\/\/localhost:4471/);
    const status = await new Promise<number>((resolve, reject) => {
      httpsRequest('https://localhost:4470/api/health', { rejectUnauthorized: false }, (r) => resolve(r.statusCode!))
        .on('error', reject)
        .end();
    });
    expect(status).toBe(200);
  }, 30_000);
  it('serves an application made for production, whoever built it', async () => {
    layDemo();
    await start([], {});
    const assets = join(ROOT, 'dist/web/assets');
    const scripts = readdirSync(assets).filter((n) => n.endsWith('.js'));
    expect(scripts.length).toBeGreaterThan(10);
    // What the compiler makes of every element for development, many times slower.
    for (const name of scripts) expect(readFileSync(join(assets, name), 'utf8'), name).not.toContain('jsxDEV(');
  }, 30_000);
});
