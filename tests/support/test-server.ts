import { copyFileSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Express } from 'express';
import { pino } from 'pino';
import { householdApp } from '../../src/server/app.ts';
import { cardsApp } from '../../src/server/cards-app.ts';
import { changeHub } from '../../src/server/changes/change-hub.ts';
import { type OpenDatabase, openDatabase } from '../../src/server/db/open.ts';
import { syncShippedFoods } from '../../src/server/store/foods.ts';
import { addHousehold } from '../../src/server/store/households.ts';
import { syncSamplePrograms } from '../../src/server/store/programs.ts';
import { renewHere } from '../../src/server/store/renewal.ts';
import type { StoreContext } from '../../src/server/store/scope.ts';

export const NOW = new Date('2026-11-25T10:00:00Z');

export interface TestServer extends OpenDatabase {
  readonly app: Express;
  readonly cards: Express;
  readonly dir: string;
  readonly context: StoreContext;
  /** What time it is for the server. */
  setClock(now: Date): void;
  /** Counts every recipe that waits to be counted anew. */
  renew(): Promise<void>;
  close(): Promise<void>;
}

/** The database that every test server begins with, filled once a process: a copy is there in no time. */
let filled: Promise<string> | null = null;

async function fill(): Promise<string> {
  const file = join(mkdtempSync(join(tmpdir(), 'imbiss-filled-')), 'imbiss.db');
  const { db, connection } = await openDatabase(file);
  await db.transaction().execute(async (t) => {
    await syncShippedFoods(t, NOW.toISOString());
    await syncSamplePrograms(t, NOW.toISOString());
    await addHousehold(
      { db: t },
      { id: 'home', name: 'Home', demo: false, system: 'us', region: 'us', zone: 'UTC', sourceWords: {} },
      NOW.toISOString(),
    );
  });
  connection.pragma('wal_checkpoint(TRUNCATE)');
  connection.pragma('journal_mode = DELETE');
  await db.destroy();
  return file;
}

/** Both applications over a database of their own in a temporary folder, with one empty household "home". */
export async function testServer(options: { passphrase?: string; secure?: boolean } = {}): Promise<TestServer> {
  filled ??= fill();
  const dir = mkdtempSync(join(tmpdir(), 'imbiss-test-'));
  copyFileSync(await filled, join(dir, 'imbiss.db'));
  const opened = await openDatabase(join(dir, 'imbiss.db'));
  const log = pino({ level: 'silent' });
  const hosts = ['127.0.0.1', 'localhost'];
  let now = NOW;
  const context: StoreContext = {
    db: opened.db,
    clock: () => now,
    publicUrl: 'http://cards.test',
    changes: changeHub(),
    wakeRenewal: () => {},
  };
  const { app, endStreams } = householdApp({
    ...context,
    hosts,
    passphrase: options.passphrase ?? null,
    secure: options.secure ?? false,
    webDir: null,
    addresses: [],
    dataDir: dir,
    log,
  });
  return {
    ...opened,
    dir,
    context,
    app,
    cards: cardsApp({ context, hosts, assetsDir: dir, log }),
    setClock: (next) => {
      now = next;
    },
    renew: () => renewHere(context),
    close: async () => {
      endStreams();
      await opened.db.destroy();
      rmSync(dir, { recursive: true, force: true });
    },
  };
}
