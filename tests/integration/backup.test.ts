import { spawn } from 'node:child_process';
import { copyFileSync, existsSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { BackupError, backup, databaseFile, restore } from '../../src/server/backup.ts';
import { openDatabase } from '../../src/server/db/open.ts';
import { addHousehold, listHouseholds } from '../../src/server/store/households.ts';

let dir: string;
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'imbiss-backup-'));
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));

const household = (id: string) => ({
  id,
  name: id,
  demo: false,
  system: 'us' as const,
  region: 'us' as const,
  zone: 'UTC',
  sourceWords: {},
});
const write = async (id: string) => {
  const { db } = await openDatabase(databaseFile(dir));
  await addHousehold({ db }, household(id), new Date().toISOString());
  await db.destroy();
};
const names = async (folder = dir): Promise<string[]> => {
  const { db } = await openDatabase(databaseFile(folder));
  const found = (await listHouseholds({ db })).map((h) => h.id);
  await db.destroy();
  return found;
};

describe('a restore drill', () => {
  it('brings back what was saved, after more was written and after all was lost', async () => {
    await write('first');
    const file = join(dir, 'saved.db');
    expect(await backup(dir, file)).toBeGreaterThan(1000);
    await write('second');
    expect((await names()).sort()).toEqual(['first', 'second']);
    await restore(dir, file);
    expect(await names()).toEqual(['first']);
    expect(existsSync(`${databaseFile(dir)}.before-restore`)).toBe(true);

    rmSync(databaseFile(dir));
    await restore(dir, file);
    expect(await names()).toEqual(['first']);
  });
  it('saves a consistent copy while the database is open and being written', async () => {
    const { db } = await openDatabase(databaseFile(dir));
    await addHousehold({ db }, household('open'), new Date().toISOString());
    const file = join(dir, 'live.db');
    await backup(dir, file);
    await addHousehold({ db }, household('later'), new Date().toISOString());
    await db.destroy();
    const elsewhere = join(dir, 'elsewhere');
    await restore(elsewhere, file);
    expect(await names(elsewhere)).toEqual(['open']);
  });
  it('refuses what is no backup and leaves the database as it was', async () => {
    await write('kept');
    const junk = join(dir, 'junk.db');
    writeFileSync(junk, 'not a database at all, but long enough to look at');
    await expect(restore(dir, junk)).rejects.toThrow(BackupError);
    await expect(restore(dir, join(dir, 'missing.db'))).rejects.toThrow(/no file/);
    expect(await names()).toEqual(['kept']);
  });
  it('never writes over a file that is there, nor saves what is not', async () => {
    await expect(backup(dir, join(dir, 'x.db'))).rejects.toThrow(/no database/);
    await write('one');
    copyFileSync(databaseFile(dir), join(dir, 'taken.db'));
    const before = readFileSync(join(dir, 'taken.db'));
    await expect(backup(dir, join(dir, 'taken.db'))).rejects.toThrow(/exists already/);
    expect(readFileSync(join(dir, 'taken.db')).equals(before)).toBe(true);
  });
});

describe('durability', () => {
  it('a write that was acknowledged survives a kill of the process', async () => {
    const script = `
      import { openDatabase } from ${JSON.stringify(join(process.cwd(), 'src/server/db/open.ts'))};
      import { addHousehold } from ${JSON.stringify(join(process.cwd(), 'src/server/store/households.ts'))};
      const { db } = await openDatabase(${JSON.stringify(databaseFile(dir))});
      for (let i = 0; ; i++) {
        await addHousehold({ db }, { id: 'h-' + i, name: 'h', demo: false, system: 'us', region: 'us', zone: 'UTC', sourceWords: {} }, new Date().toISOString());
        process.stdout.write(i + '\\n');
      }`;
    const child = spawn(process.execPath, ['--import', 'tsx', '--input-type=module', '-e', script], {
      stdio: ['ignore', 'pipe', 'inherit'],
    });
    let acknowledged = -1;
    await new Promise<void>((resolve) => {
      let text = '';
      child.stdout.on('data', (chunk) => {
        text += chunk;
        const lines = text.split('\n');
        acknowledged = Math.max(acknowledged, Number(lines[lines.length - 2] ?? -1));
        if (acknowledged >= 20) child.kill('SIGKILL');
      });
      child.on('exit', () => resolve());
    });
    expect(acknowledged).toBeGreaterThanOrEqual(20);
    const found = new Set(await names());
    for (let i = 0; i <= acknowledged; i++) expect(found.has(`h-${i}`)).toBe(true);
  }, 30_000);
});

describe('the schema', () => {
  it('is strict, checked and foreign-keyed', async () => {
    const { db, connection } = await openDatabase(databaseFile(dir));
    expect(connection.pragma('journal_mode')).toBe('wal');
    expect(connection.pragma('synchronous')).toBe(2);
    expect(connection.pragma('foreign_keys')).toBe(1);
    const tables = connection
      .prepare(
        "select name, strict from pragma_table_list where schema = 'main' and type = 'table' and name not like 'sqlite_%' and name not like 'kysely_%'",
      )
      .all([]) as { name: string; strict: number }[];
    expect(tables.length).toBeGreaterThan(8);
    for (const t of tables) expect(t.strict, t.name).toBe(1);
    await expect(
      db
        .insertInto('eater')
        .values({
          id: 'e',
          household_id: 'nowhere',
          position: 1,
          name: 'x',
          program_id: null,
          exceptions: '[]',
          allergies: '[]',
          avoids: '[]',
        })
        .execute(),
    ).rejects.toThrow(/FOREIGN KEY/);
    await db.destroy();
  });
});
