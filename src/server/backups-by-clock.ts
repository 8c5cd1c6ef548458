import { existsSync, mkdirSync, readdirSync, rmSync, statfsSync, statSync } from 'node:fs';
import { join } from 'node:path';
import { millisecondsInDay } from 'date-fns/constants';
import type { Logger } from 'pino';
import { backup } from './backup.ts';
import { purge } from './store/purge.ts';
import type { StoreContext } from './store/scope.ts';

/** Backups that are kept: one of each of the last days, one of each of the last weeks. */
export const KEPT = { days: 7, weeks: 4 };
/** All of them together take at most this share of what is free on the disk. */
const MOST_OF_FREE = 0.2;
/** At night nobody cooks: the first hour after this one in which it runs. */
const QUIET_HOUR = 3;

export interface BackupKept {
  readonly file: string;
  /** When it was made, as an instant. */
  readonly at: string;
  readonly bytes: number;
}

export const backupDir = (dataDir: string): string => join(dataDir, 'backups');

/** The backups by the clock, newest first. */
export function backupsIn(dataDir: string): BackupKept[] {
  const dir = backupDir(dataDir);
  if (!existsSync(dir)) return [];
  return readdirSync(dir)
    .filter((name) => /^imbiss-[\d-]+T[\d-]+(-[a-z]+)?\.db$/.test(name))
    .map((name) => {
      const file = join(dir, name);
      const s = statSync(file);
      return { file, at: s.mtime.toISOString(), bytes: s.size };
    })
    .sort((a, b) => b.at.localeCompare(a.at));
}

/**
 * Which backups may go: all but the newest of each of the last seven days and of each of the last four weeks. The newest
 * of all always stays.
 */
export function expired(backups: readonly BackupKept[], now: Date): BackupKept[] {
  const kept = new Set<BackupKept>(backups.slice(0, 1));
  const slots = new Set<string>();
  for (const b of backups) {
    const days = Math.floor((now.getTime() - Date.parse(b.at)) / millisecondsInDay);
    for (const slot of [
      days < KEPT.days ? `day ${days}` : '',
      days < KEPT.weeks * 7 ? `week ${Math.floor(days / 7)}` : '',
    ]) {
      if (slot === '' || slots.has(slot)) continue;
      slots.add(slot);
      kept.add(b);
    }
  }
  return backups.filter((b) => !kept.has(b));
}

/** Makes a backup in the data folder's `backups`, throws away what is expired, and says why when there is no room. */
export async function backupNow(
  dataDir: string,
  now: Date,
  why: 'daily' | 'before-upgrade',
  log: Logger,
): Promise<void> {
  const dir = backupDir(dataDir);
  mkdirSync(dir, { recursive: true, mode: 0o700 });
  const { bavail, bsize } = statfsSync(dir);
  const newest = backupsIn(dataDir)[0]?.bytes ?? 0;
  const source = join(dataDir, 'imbiss.db');
  const needed = Math.max(newest, existsSync(source) ? statSync(source).size : 0);
  if (needed > bavail * bsize * MOST_OF_FREE) {
    log.warn({ needed, free: bavail * bsize }, 'no backup was made: the disk has too little room');
    return;
  }
  const stamp = now.toISOString().replace(/[:.]/g, '-').slice(0, 19);
  await backup(dataDir, join(dir, `imbiss-${stamp}${why === 'daily' ? '' : '-upgrade'}.db`));
  for (const old of expired(backupsIn(dataDir), now)) rmSync(old.file, { force: true });
}

/**
 * Makes the day's backup in the first quiet hour, or at once when the last is older than a day, and purges what was
 * removed long ago after it. The answer ends it.
 */
export function backUpByClock(dataDir: string, context: StoreContext, log: Logger): () => void {
  const due = (): boolean => {
    const now = context.clock();
    const [last] = backupsIn(dataDir);
    if (last === undefined) return now.getHours() >= QUIET_HOUR;
    const age = now.getTime() - Date.parse(last.at);
    return age > millisecondsInDay + 3_600_000 || (age > millisecondsInDay / 2 && now.getHours() === QUIET_HOUR);
  };
  const look = async (): Promise<void> => {
    if (!due()) return;
    try {
      await backupNow(dataDir, context.clock(), 'daily', log);
      await purge(context);
    } catch (e) {
      log.error({ err: e }, 'the daily backup failed');
    }
  };
  const timer = setInterval(() => void look(), 15 * 60_000);
  timer.unref();
  return () => clearInterval(timer);
}
