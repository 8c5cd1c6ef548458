import { existsSync, mkdirSync, mkdtempSync, readdirSync, rmSync, statSync, utimesSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pino } from 'pino';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { databaseFile } from '../../src/server/backup.ts';
import { type BackupKept, backupDir, backupNow, backupsIn, expired } from '../../src/server/backups-by-clock.ts';
import { openDatabase } from '../../src/server/db/open.ts';

const log = pino({ level: 'silent' });
const NOW = new Date('2026-11-26T03:10:00Z');
const daysAgo = (n: number): BackupKept => ({
  file: `day-${n}`,
  at: new Date(NOW.getTime() - n * 86_400_000 - 60_000).toISOString(),
  bytes: 1,
});
let dir: string;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'imbiss-clock-'));
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));

describe('backups by the clock', () => {
  it('keep seven days and four weeks', () => {
    const all = Array.from({ length: 60 }, (_, n) => daysAgo(n));
    const gone = new Set(expired(all, NOW).map((b) => b.file));
    const kept = all.filter((b) => !gone.has(b.file)).map((b) => b.file);
    expect(kept).toEqual(['day-0', 'day-1', 'day-2', 'day-3', 'day-4', 'day-5', 'day-6', 'day-7', 'day-14', 'day-21']);
  });
  it('never throw away the newest, however old it is', () => {
    expect(expired([daysAgo(300), daysAgo(400)], NOW).map((b) => b.file)).toEqual(['day-400']);
  });
  it('are whole databases, for their owner alone, and tell their age', async () => {
    await (await openDatabase(databaseFile(dir))).db.destroy();
    await backupNow(dir, NOW, 'daily', log);
    const [made, ...rest] = backupsIn(dir);
    expect(rest).toEqual([]);
    expect(made!.bytes).toBeGreaterThan(10_000);
    expect(statSync(made!.file).mode & 0o077).toBe(0);
    // A file that somebody else put there is none of ours, and stays.
    writeFileSync(join(backupDir(dir), 'notes.txt'), 'x');
    utimesSync(made!.file, new Date(0), new Date(0));
    await backupNow(dir, new Date(NOW.getTime() + 86_400_000), 'daily', log);
    expect(readdirSync(backupDir(dir)).sort()).toEqual([expect.stringMatching(/^imbiss-2026-11-27T/), 'notes.txt']);
    expect(existsSync(made!.file)).toBe(false);
    mkdirSync(join(dir, 'empty'));
    expect(backupsIn(join(dir, 'empty'))).toEqual([]);
  });
});
