import { mkdirSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { openDatabase } from '../../src/server/db/open.ts';
import { prepareDatabase } from '../../src/server/prepare-database.ts';

/** The database that every end-to-end file begins with a copy of. */
export const SEEDED = join(import.meta.dirname, '../../dist/seeded/imbiss.db');

/** Seeds it, once a run. */
export default async function setup(): Promise<void> {
  rmSync(dirname(SEEDED), { recursive: true, force: true });
  mkdirSync(dirname(SEEDED), { recursive: true });
  const { db, connection } = await openDatabase(SEEDED);
  await prepareDatabase(db, () => new Date());
  connection.pragma('wal_checkpoint(TRUNCATE)');
  connection.pragma('journal_mode = DELETE');
  await db.destroy();
}
