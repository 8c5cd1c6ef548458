import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import type { Express } from 'express';
import { pino } from 'pino';
import { type OpenDatabase, openDatabase } from '../../src/server/db/open.ts';
import { householdApp } from '../../src/server/http/app.ts';
import { cardsApp } from '../../src/server/http/cards-app.ts';
import { syncShippedFoods } from '../../src/server/store/foods.ts';
import { addHousehold } from '../../src/server/store/households.ts';
import { syncSamplePrograms } from '../../src/server/store/programs.ts';

export const NOW = new Date('2026-11-25T10:00:00Z');

export interface TestServer extends OpenDatabase {
  readonly app: Express;
  readonly cards: Express;
  readonly dir: string;
  close(): Promise<void>;
}

/** Both applications over a database of their own in a temporary folder, with one empty household "home". */
export async function testServer(options: { passphrase?: string } = {}): Promise<TestServer> {
  const dir = mkdtempSync(join(tmpdir(), 'imbiss-test-'));
  const opened = await openDatabase(join(dir, 'imbiss.db'));
  await syncShippedFoods(opened.db, NOW.toISOString());
  await syncSamplePrograms(opened.db, NOW.toISOString());
  await addHousehold(
    opened.db,
    { id: 'home', name: 'Home', demo: false, system: 'us', zone: 'UTC' },
    NOW.toISOString(),
  );
  const log = pino({ level: 'silent' });
  const hosts = ['127.0.0.1', 'localhost'];
  return {
    ...opened,
    dir,
    app: householdApp({
      db: opened.db,
      publicUrl: 'http://cards.test',
      clock: () => NOW,
      hosts,
      passphrase: options.passphrase ?? null,
      secure: false,
      webDir: null,
      log,
    }),
    cards: cardsApp({ db: opened.db, hosts, assetsDir: dir, log }),
    close: async () => {
      await opened.db.destroy();
      rmSync(dir, { recursive: true, force: true });
    },
  };
}
