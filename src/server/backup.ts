import { existsSync, mkdirSync, renameSync, rmSync, statSync } from 'node:fs';
import { join } from 'node:path';
import Sqlite from 'better-sqlite3';
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
  const db = new Sqlite(source, { readonly: true });
  try {
    await db.backup(`${file}.part`);
  } finally {
    db.close();
  }
  const copy = new Sqlite(`${file}.part`);
  copy.pragma('journal_mode = DELETE');
  const sound = copy.pragma('integrity_check', { simple: true });
  copy.close();
  if (sound !== 'ok') {
    rmSync(`${file}.part`, { force: true });
    throw new BackupError('The copy is damaged, so it was thrown away. Check the disk and try again.');
  }
  renameSync(`${file}.part`, file);
  return statSync(file).size;
}

/**
 * Puts a backup in place of the database. The one before is kept beside it as `imbiss.db.before-restore`.
 * Imbiss must not be running on it.
 */
export async function restore(dataDir: string, file: string): Promise<void> {
  if (!existsSync(file)) throw new BackupError(`There is no file ${file}.`);
  checkIsBackup(file);
  const target = databaseFile(dataDir);
  // A fresh copy first, so that a failure leaves the database as it was.
  mkdirSync(dataDir, { recursive: true });
  rmSync(`${target}.restoring`, { force: true });
  const source = new Sqlite(file, { readonly: true });
  try {
    await source.backup(`${target}.restoring`);
  } finally {
    source.close();
  }
  if (existsSync(target)) {
    const old = new Sqlite(target);
    let busy = false;
    try {
      old.pragma('busy_timeout = 0');
      old.pragma('locking_mode = EXCLUSIVE');
      old.exec('begin exclusive; commit');
      old.pragma('wal_checkpoint(TRUNCATE)');
    } catch {
      busy = true;
    } finally {
      old.close();
    }
    if (busy) {
      rmSync(`${target}.restoring`, { force: true });
      throw new BackupError('Imbiss is running on this database. Stop it, then restore.');
    }
    renameSync(target, `${target}.before-restore`);
  }
  rmSync(`${target}-wal`, { force: true });
  rmSync(`${target}-shm`, { force: true });
  renameSync(`${target}.restoring`, target);
  const migrated = await openDatabase(target);
  await migrated.db.destroy();
}

function checkIsBackup(file: string): void {
  let db: Sqlite.Database | null = null;
  try {
    db = new Sqlite(file, { readonly: true });
    const sound = db.pragma('integrity_check', { simple: true });
    const table = db.prepare("select 1 from sqlite_master where name = 'kysely_migration'").get();
    if (sound !== 'ok' || !table) throw new Error('not ours');
  } catch {
    throw new BackupError(`${file} is not a backup of Imbiss.`);
  } finally {
    db?.close();
  }
}
