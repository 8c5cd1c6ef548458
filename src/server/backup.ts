import { chmodSync, existsSync, mkdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { backup as copyPages, DatabaseSync } from '@photostructure/sqlite';
import { type Connection, connectTo } from './db/connection.ts';
import { DatabaseInUse, lockDatabase } from './db/lock.ts';
import { openDatabase } from './db/open.ts';

/** The database in a data folder. */
export const databaseFile = (dataDir: string): string => join(dataDir, 'imbiss.db');

/** Backup or restore cannot be done, in words that say what to do. */
export class BackupError extends Error {}

/** Copies the database, consistent even while Imbiss runs, to a file of its own. Returns its size in bytes. */
export async function backup(dataDir: string, file: string): Promise<number> {
  const source = databaseFile(dataDir);
  if (!existsSync(source))
    throw new BackupError(`There is no database in ${dataDir}. Start Imbiss once, or set IMBISS_DATA.`);
  if (existsSync(file)) throw new BackupError(`${file} exists already. Choose another name.`);
  await copyDatabase(source, `${file}.part`);
  const made = connectTo(`${file}.part`);
  made.pragma('journal_mode = DELETE');
  const sound = made.pragma('integrity_check');
  made.close();
  if (sound !== 'ok') {
    rmSync(`${file}.part`, { force: true });
    throw new BackupError('The copy is damaged, so it was thrown away. Check the disk and try again.');
  }
  chmodSync(`${file}.part`, 0o600);
  renameSync(`${file}.part`, file);
  return statSync(file).size;
}

async function copyDatabase(from: string, to: string): Promise<void> {
  rmSync(to, { force: true });
  const source = new DatabaseSync(from, { readOnly: true });
  try {
    await copyPages(source, to);
  } finally {
    source.close();
  }
}

/**
 * Puts a backup in place of the database. The one before is kept beside it as `imbiss.db.before-restore`.
 * Imbiss must not be running on it.
 */
export async function restore(dataDir: string, file: string): Promise<void> {
  if (!existsSync(file)) throw new BackupError(`There is no file ${file}.`);
  checkIsBackup(file);
  const target = databaseFile(dataDir);
  mkdirSync(dataDir, { recursive: true, mode: 0o700 });
  const lock = lockOrRefuse(dataDir, target);
  try {
    // A fresh copy first, so that a failure leaves the database as it was.
    await copyDatabase(file, `${target}.restoring`);
    chmodSync(`${target}.restoring`, 0o600);
    if (existsSync(target)) {
      settle(target);
      renameSync(target, `${target}.before-restore`);
    }
    rmSync(`${target}-wal`, { force: true });
    rmSync(`${target}-shm`, { force: true });
    renameSync(`${target}.restoring`, target);
    const { db } = await openDatabase(target);
    await db.destroy();
  } finally {
    lock.release();
  }
}

function lockOrRefuse(dataDir: string, target: string) {
  try {
    return lockDatabase(dataDir, target);
  } catch (e) {
    if (e instanceof DatabaseInUse) throw new BackupError('Imbiss is running on this database. Stop it, then restore.');
    throw e;
  }
}

/** Brings what lies in the write-ahead log into the file, where that can be done: a damaged file is kept as it is. */
function settle(target: string): void {
  let old: Connection | null = null;
  try {
    old = connectTo(target);
    old.pragma('wal_checkpoint(TRUNCATE)');
  } catch {
    // It is being replaced because of that.
  } finally {
    old?.close();
  }
}

function checkIsBackup(file: string): void {
  let db: Connection | null = null;
  try {
    db = connectTo(file, { readOnly: true });
    const sound = db.pragma('integrity_check');
    const [table] = db.prepare("select 1 from sqlite_master where name = 'kysely_migration'").all([]);
    if (sound !== 'ok' || !table) throw new Error('not ours');
  } catch {
    throw new BackupError(`${file} is not a backup of Imbiss.`);
  } finally {
    db?.close();
  }
}
