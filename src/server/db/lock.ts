import { chmodSync } from 'node:fs';
import { type Connection, connectTo } from './connection.ts';

/** Another process has the database open. */
export class DatabaseInUse extends Error {
  constructor(dataDir: string) {
    super(`Imbiss is running on ${dataDir} already. Stop it first, or set IMBISS_DATA to another folder.`);
  }
}

/** Held by one process at a time. */
export interface DatabaseLock {
  release(): void;
}

/**
 * Takes the database for this process. The lock is one that the operating system gives back when a process ends,
 * however it ends: an open exclusive transaction on a small file beside the database. So a killed Imbiss leaves nothing
 * behind that has to be cleared away, and a backup can still read the database itself.
 *
 * @throws DatabaseInUse when another process has it
 */
export function lockDatabase(dataDir: string, file: string): DatabaseLock {
  let lock: Connection | null = null;
  try {
    lock = connectTo(`${file}.lock`);
    lock.pragma('busy_timeout = 0');
    lock.pragma('journal_mode = DELETE');
    lock.exec('begin exclusive');
    chmodSync(`${file}.lock`, 0o600);
  } catch (e) {
    lock?.close();
    if (/locked|busy/i.test(String((e as Error).message))) throw new DatabaseInUse(dataDir);
    throw e;
  }
  const held = lock;
  return {
    release: () => {
      held.exec('rollback');
      held.close();
    },
  };
}
