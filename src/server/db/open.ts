import { mkdirSync } from 'node:fs';
import { dirname } from 'node:path';
import Sqlite from 'better-sqlite3';
import { Kysely, Migrator, SqliteDialect } from 'kysely';
import * as first from './migrations/0001-first.ts';
import * as pantry from './migrations/0002-pantry.ts';
import * as verdicts from './migrations/0003-verdicts.ts';
import * as swapsAndFeasts from './migrations/0004-swaps-and-feasts.ts';
import type { Database } from './schema.ts';

export type Db = Kysely<Database>;

const MIGRATIONS = {
  '0001-first': first,
  '0002-pantry': pantry,
  '0003-verdicts': verdicts,
  '0004-swaps-and-feasts': swapsAndFeasts,
};

/** The database and the connection under it, which only backup needs. */
export interface OpenDatabase {
  readonly db: Db;
  readonly sqlite: Sqlite.Database;
}

/**
 * Opens the database, creates the folder and brings the schema up to date. A write is on the disk when its promise
 * is kept: WAL with `synchronous=FULL`.
 */
export async function openDatabase(file: string): Promise<OpenDatabase> {
  if (file !== ':memory:') mkdirSync(dirname(file), { recursive: true });
  const sqlite = new Sqlite(file);
  sqlite.pragma('journal_mode = WAL');
  sqlite.pragma('synchronous = FULL');
  sqlite.pragma('foreign_keys = ON');
  sqlite.pragma('busy_timeout = 4000');
  const db = new Kysely<Database>({ dialect: new SqliteDialect({ database: sqlite }) });
  const migrator = new Migrator({ db, provider: { getMigrations: async () => MIGRATIONS } });
  const { error } = await migrator.migrateToLatest();
  if (error) {
    await db.destroy();
    throw error;
  }
  return { db, sqlite };
}
