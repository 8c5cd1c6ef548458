import { type ChildProcess, spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import 'fake-indexeddb/auto';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { DOCUMENT_API } from '../../src/contract/document-api.ts';
import type { Cook } from '../../src/core/cook/cook.ts';
import { newCook } from '../../src/core/cook/new-cook.ts';
import { COOK_KIND } from '../../src/core/documents/document-kinds.ts';
import type { FieldChange } from '../../src/core/history/field-change.ts';
import { longer, newTimer, paused, resumed, silenced, timerAt } from '../../src/core/stove/timer.ts';
import { randomOf } from '../../src/core/teach/random-of.ts';
import { ApiError, ask, OfflineError, type Transport } from '../../src/web/data/api.ts';
import { documentServer } from '../../src/web/saving/document-server.ts';
import { browserOutbox } from '../../src/web/saving/outbox.ts';
import { SavedDocument } from '../../src/web/saving/saved-document.ts';

const ROOT = join(import.meta.dirname, '../..');
const PORT = 4486;
const KILLS = 20;
/** Two hours at the stove, a move of the cook's every minute and a half, by a clock that is set. */
const MOVES = 80;
const EACH_MS = 90_000;
const BEGAN = Date.parse('2026-11-28T16:00:00Z');

let dataDir: string;
let server: ChildProcess | null = null;
beforeAll(() => {
  dataDir = mkdtempSync(join(tmpdir(), 'imbiss-survives-'));
});
afterAll(async () => {
  await stopped('SIGTERM');
  nextServer?.kill('SIGKILL');
  rmSync(dataDir, { recursive: true, force: true });
});

/** A process that has read the server that was built, and starts it when it is told: reading takes longer than starting. */
const readied = (): ChildProcess => {
  const main = `const { main } = await import(${JSON.stringify(join(ROOT, 'dist/main.js'))}); process.stdin.once('data', () => main([]));`;
  return spawn(process.execPath, ['--input-type=module', '-e', main], {
    cwd: ROOT,
    stdio: ['pipe', 'ignore', 'ignore'],
    env: { ...process.env, PORT: String(PORT), CARD_PORT: String(PORT + 1), IMBISS_DATA: dataDir },
  });
};
let nextServer: ChildProcess | null = null;

/** Starts the server, and waits until it answers. */
async function started(): Promise<void> {
  server = nextServer ?? readied();
  server.stdin!.write('go\n');
  await expect
    .poll(
      () =>
        fetch(`http://127.0.0.1:${PORT}/api/health`).then(
          (r) => r.ok,
          () => false,
        ),
      { timeout: 30_000, interval: 25 },
    )
    .toBe(true);
  nextServer = readied();
}

async function stopped(signal: 'SIGKILL' | 'SIGTERM'): Promise<void> {
  const child = server;
  if (child === null) return;
  const ended = new Promise((resolve) => child.once('exit', resolve));
  child.kill(signal);
  await ended;
  server = null;
}

/** As the page asks, over the network. */
const transport: Transport = async (method, address, body, headers = {}) => {
  const response = await fetch(`http://127.0.0.1:${PORT}/api${address}`, {
    method,
    headers: { ...(body !== undefined && { 'Content-Type': 'application/json' }), ...headers },
    ...(body === undefined ? {} : { body: JSON.stringify(body) }),
  }).catch(() => {
    throw new OfflineError();
  });
  if (response.status === 204) return undefined;
  const json: unknown = await response.json().catch(() => null);
  if (!response.ok) throw new ApiError(json as never);
  return json;
};

it('a cook of two hours survives twenty kills of the server: every tick, weight and timer is there', async () => {
  await started();
  const random = randomOf(20261128);
  const h = 'demo-household';
  const { rows } = (await transport('GET', `/households/${h}/recipes?limit=1`)) as { rows: { id: string }[] };
  const page = (await transport('GET', `/households/${h}/recipes/${rows[0]!.id}`)) as {
    versions: { id: string; recipeId: string }[];
  };
  const [version] = page.versions;
  const id = 'cook-that-survives';
  const key = { householdId: h, name: 'cooks', id } as const;
  const begun: Cook = {
    ...newCook({ id, recipeId: version!.recipeId, versionId: version!.id, as: 'cooked', day: '2026-11-28' }),
    begun: new Date(BEGAN).toISOString(),
  };
  const outbox = browserOutbox();
  const saved = new SavedDocument<Cook, FieldChange>({
    key,
    kind: COOK_KIND,
    kept: null,
    outbox,
    server: documentServer(transport),
    tab: 'stove',
  });
  await saved.want({ wants: 'make', document: begun });

  /** What the cook does, at an instant of the clock that is set. */
  const moved = (cook: Cook, n: number, now: number): Cook => {
    const timers = Object.values(cook.timers);
    const any = timers[Math.floor(random() * timers.length)];
    const what = random();
    if (any === undefined || what < 0.2) {
      const timer = newTimer(
        { id: `timer-${n}`, name: `Timer ${n}`, stepId: null, from: 60 + Math.floor(random() * 3600), to: null },
        now,
      );
      return { ...cook, timers: { ...cook.timers, [timer.id]: timer } };
    }
    if (what < 0.55) {
      const changed = [paused, resumed, silenced, (t: typeof any, at: number) => longer(t, 300, at)];
      const after = changed[Math.floor(random() * changed.length)]!(any, now);
      return { ...cook, timers: { ...cook.timers, [any.id]: after } };
    }
    if (what < 0.65)
      return { ...cook, timers: Object.fromEntries(timers.filter((t) => t !== any).map((t) => [t.id, t])) };
    if (what < 0.85) return { ...cook, ticks: { ...cook.ticks, [`step-${n}`]: true } };
    return { ...cook, weighed: { ...cook.weighed, [`line-${n % 7}`]: Math.round(random() * 500) } };
  };
  const killedAt = new Set<number>();
  while (killedAt.size < KILLS) killedAt.add(1 + Math.floor(random() * (MOVES - 1)));

  let model = begun;
  for (let n = 0; n < MOVES; n++) {
    const now = BEGAN + n * EACH_MS;
    const after = moved(model, n, now);
    const sent = saved.do(`Move ${n}`, COOK_KIND.changes(saved.shown.document, after));
    model = after;
    if (killedAt.has(n)) {
      // In the middle of it: the write may be on its way, written and not answered, or not sent at all.
      await new Promise((resolve) => setTimeout(resolve, random() * 12));
      await stopped('SIGKILL');
      await sent;
      // Meanwhile the cook goes on, and sees what was done.
      expect(saved.shown.document).toEqual(model);
      await started();
      await saved.flush();
    } else await sent;
  }
  await saved.flush();
  expect(saved.shown.save).toBe('saved');
  expect(saved.waiting).toEqual([]);
  const { document } = await ask(DOCUMENT_API.cooks.kept, { h, id }, transport);
  expect(document).toEqual(model);
  // At any time of the clock a device that joins sees the same timers.
  const end = BEGAN + MOVES * EACH_MS;
  for (const [name, timer] of Object.entries(document.timers))
    for (const at of [BEGAN, BEGAN + 3_600_000, end, end + 600_000])
      expect(timerAt(timer, at), name).toEqual(timerAt(model.timers[name]!, at));
  expect(Object.keys(document.ticks).length).toBeGreaterThan(5);
  expect(Object.keys(document.timers).length).toBeGreaterThan(3);
  saved.close();
}, 120_000);
