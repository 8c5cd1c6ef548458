import { chmodSync, closeSync, existsSync, mkdirSync, openSync } from 'node:fs';
import { dirname } from 'node:path';
import { Kysely, Migrator } from 'kysely';
import { type Connection, connectTo } from './connection.ts';
import { DatabaseTrouble, troubleWords } from './database-trouble.ts';
import { ImbissDialect } from './dialect.ts';
import * as first from './migrations/0001-first.ts';
import * as pantry from './migrations/0002-pantry.ts';
import * as verdicts from './migrations/0003-verdicts.ts';
import * as swapsAndFeasts from './migrations/0004-swaps-and-feasts.ts';
import * as ground from './migrations/0005-ground.ts';
import * as region from './migrations/0006-region.ts';
import * as facts from './migrations/0007-facts.ts';
import * as dish from './migrations/0008-dish.ts';
import * as hand from './migrations/0009-hand.ts';
import * as programs from './migrations/0010-programs.ts';
import * as wordsAndDrift from './migrations/0011-words-and-drift.ts';
import * as dishUp from './migrations/0012-dish-up.ts';
import * as kindsOfBoxes from './migrations/0013-kinds-of-boxes.ts';
import * as atTheStove from './migrations/0014-at-the-stove.ts';
import * as week from './migrations/0015-week.ts';
import * as prep from './migrations/0016-prep.ts';
import * as passOn from './migrations/0017-pass-on.ts';
import type { Database } from './schema.ts';

export type Db = Kysely<Database>;

const MIGRATIONS = {
  '0001-first': first,
  '0002-pantry': pantry,
  '0003-verdicts': verdicts,
  '0004-swaps-and-feasts': swapsAndFeasts,
  '0005-ground': ground,
  '0006-region': region,
  '0007-facts': facts,
  '0008-dish': dish,
  '0009-hand': hand,
  '0010-programs': programs,
  '0011-words-and-drift': wordsAndDrift,
  '0012-dish-up': dishUp,
  '0013-kinds-of-boxes': kindsOfBoxes,
  '0014-at-the-stove': atTheStove,
  '0015-week': week,
  '0016-prep': prep,
  '0017-pass-on': passOn,
};

/** The database and the connection under it. */
export interface OpenDatabase {
  readonly db: Db;
  readonly connection: Connection;
}

/**
 * Opens the database, creates the folder and brings the schema up to date, in one transaction: a start that is cut off
 * leaves it as it was. A write is on the disk when its promise is kept: WAL with `synchronous=FULL`.
 *
 * @param connect opens the file; a test may put something in between
 * @throws DatabaseTrouble where the file is damaged or its disk cannot be written, in words with the way out
 */
export async function openDatabase(file: string, connect = connectTo): Promise<OpenDatabase> {
  let connection: Connection | null = null;
  try {
    if (file !== ':memory:') makePrivate(file);
    connection = connect(file);
    connection.pragma('journal_mode = WAL');
    connection.pragma('synchronous = FULL');
    connection.pragma('foreign_keys = ON');
    connection.pragma('busy_timeout = 4000');
    const db = new Kysely<Database>({ dialect: new ImbissDialect(connection) });
    const migrator = new Migrator({ db, provider: { getMigrations: async () => MIGRATIONS } });
    const { error } = await migrator.migrateToLatest();
    if (error) throw error;
    return { db, connection };
  } catch (e) {
    connection?.close();
    const words = troubleWords(e, file);
    if (words === null) throw e;
    throw new DatabaseTrouble(words, { cause: e });
  }
}

/** Whether a database was made by an earlier release: opening it brings it up to date. */
export function isBehind(file: string): boolean {
  let connection: Connection | null = null;
  try {
    connection = connectTo(file, { readOnly: true });
    const done = connection.prepare('select name from kysely_migration').all([]) as { name: string }[];
    return done.length > 0 && Object.keys(MIGRATIONS).some((name) => !done.some((d) => d.name === name));
  } catch {
    return false;
  } finally {
    connection?.close();
  }
}

/** The folder and the file, readable by their owner only. */
function makePrivate(file: string): void {
  mkdirSync(dirname(file), { recursive: true, mode: 0o700 });
  if (existsSync(file)) {
    try {
      chmodSync(file, 0o600);
    } catch {
      // Somebody else's file: opening it says what is wrong.
    }
  } else closeSync(openSync(file, 'a', 0o600));
}
