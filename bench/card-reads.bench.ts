import { mkdtempSync, rmSync } from 'node:fs';
import { Agent, get } from 'node:http';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { performance } from 'node:perf_hooks';
import { setTimeout as wait } from 'node:timers/promises';
import { pino } from 'pino';
import { cardsApp } from '../src/server/cards-app.ts';
import { changeHub } from '../src/server/changes/change-hub.ts';
import { openDatabase } from '../src/server/db/open.ts';
import { prepareDatabase } from '../src/server/prepare-database.ts';
import { addCard } from '../src/server/store/cards.ts';
import { type StoreContext, scopeOf } from '../src/server/store/scope.ts';

/**
 * A card that is read 100 times a second for 30 s from ten addresses, beside the bare answer of the same listener: a
 * line of text. Run with NODE_ENV=production, as it is served. The bar: the 95th percentile at most three times as long.
 */
const EACH_SECOND = 100;
const SECONDS = 30;
const ADDRESSES = Array.from({ length: 10 }, (_, i) => `127.0.0.${i + 1}`);
const MOST_TIMES = 3;

const dir = mkdtempSync(join(tmpdir(), 'imbiss-card-reads-'));
const { db } = await openDatabase(join(dir, 'imbiss.db'));
const clock = () => new Date();
await prepareDatabase(db, clock);
const context: StoreContext = { db, clock, publicUrl: '', changes: changeHub(), wakeRenewal: () => {} };
const { household_id, id } = await db
  .selectFrom('version')
  .select(['household_id', 'id'])
  .where('kind', '=', 'lightened')
  .executeTakeFirstOrThrow();
const { url } = await addCard(scopeOf(context, household_id), id, { until: null });
const app = cardsApp({ context, hosts: ['localhost', '127.0.0.1'], assetsDir: dir, log: pino({ level: 'silent' }) });
const server = app.listen(0);
const { port } = server.address() as { port: number };

/** How long each read of a path takes, ms; what is refused fails the bench. */
async function reads(path: string): Promise<number[]> {
  const agents = ADDRESSES.map((localAddress) => new Agent({ keepAlive: true, localAddress }));
  const took: Promise<number>[] = [];
  const begun = performance.now();
  for (let i = 0; i < EACH_SECOND * SECONDS; i++) {
    const due = begun + (i * 1000) / EACH_SECOND;
    if (due > performance.now()) await wait(due - performance.now());
    took.push(read(path, agents[i % agents.length]!));
  }
  const all = await Promise.all(took);
  for (const agent of agents) agent.destroy();
  return all.sort((a, b) => a - b);
}

const read = (path: string, agent: Agent): Promise<number> =>
  new Promise((done, fail) => {
    const from = performance.now();
    get({ host: '127.0.0.1', port, path, agent, headers: { host: 'localhost' } }, (res) => {
      if (res.statusCode !== 200) fail(new Error(`${path} answered ${res.statusCode}`));
      res.resume().on('end', () => done(performance.now() - from));
    }).on('error', fail);
  });

const p95 = (sorted: readonly number[]): number => sorted[Math.floor(sorted.length * 0.95)]!;
const ms = (n: number): string => `${n.toFixed(2)} ms`;
const bare = p95(await reads('/robots.txt'));
const card = p95(await reads(url));
console.log(`a card, ${EACH_SECOND} times a second from ${ADDRESSES.length} addresses: p95 ${ms(card)}`);
console.log(`the bare answer: p95 ${ms(bare)}; ratio ${(card / bare).toFixed(2)}, the bar is ${MOST_TIMES}`);
server.close();
await db.destroy();
rmSync(dir, { recursive: true, force: true });
process.exit(card / bare <= MOST_TIMES ? 0 : 1);
