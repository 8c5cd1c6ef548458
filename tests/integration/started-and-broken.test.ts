import { mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { connectTo } from '../../src/server/db/connection.ts';
import { openDatabase } from '../../src/server/db/open.ts';
import { prepareDatabase } from '../../src/server/prepare-database.ts';
import { listHouseholds } from '../../src/server/store/households.ts';
import { seeded } from '../support/hard-choices.ts';
import { layDown, OLD_DATABASES, type OldDatabase } from '../support/old-database.ts';

let dir: string;
let file: string;
let files = 0;
/** A file of its own for every round: what an earlier one left open in this process holds nobody up. */
const nextFile = (): void => {
  file = join(dir, `imbiss-${files++}.db`);
};
beforeEach(() => {
  dir = mkdtempSync(join(tmpdir(), 'imbiss-broken-'));
});
afterEach(() => rmSync(dir, { recursive: true, force: true }));

const clock = () => new Date('2026-11-26T10:00:00Z');

class PowerCut extends Error {}

/** Starts on the file as the application does, and is cut off at the n-th statement; says how many there were. */
async function startCutOff(at: number): Promise<number> {
  let statements = 0;
  let open: { destroy(): Promise<void> } | null = null;
  try {
    const { db } = await openDatabase(file, (path) => {
      const connection = connectTo(path);
      return {
        ...connection,
        prepare: (sql) => {
          if (++statements >= at) throw new PowerCut();
          return connection.prepare(sql);
        },
      };
    });
    open = db;
    await prepareDatabase(db, clock);
  } catch (e) {
    if (!(e instanceof PowerCut)) throw e;
  } finally {
    await open?.destroy().catch(() => undefined);
  }
  return statements;
}

/** What a complete database of this kind holds. */
async function expectComplete(from: OldDatabase | null): Promise<void> {
  const { db } = await openDatabase(file);
  await prepareDatabase(db, clock);
  const homes = (await listHouseholds({ db })).map((h) => h.id).sort();
  const recipes = await db.selectFrom('recipe').select('title').execute();
  const feasts = await db.selectFrom('feast').select('id').execute();
  const entries = await db.selectFrom('entry').select('id').where('household_id', '=', 'home').execute();
  await db.destroy();
  if (from === null) {
    expect(homes).toEqual(['demo-household']);
    expect(recipes.length).toBeGreaterThanOrEqual(16);
    expect(feasts).toHaveLength(1);
  } else {
    expect(homes).toEqual(['home', 'other']);
    expect(recipes.map((r) => r.title).sort()).toEqual(['Lentil soup', 'Onion broth']);
    expect(feasts).toHaveLength(from >= '0004' ? 1 : 0);
    expect(entries.map((e) => e.id).sort()).toEqual(['entry-one', 'entry-two']);
  }
}

describe('a start that is cut off starts again, complete', () => {
  const random = seeded(7);
  it('at the first start', async () => {
    nextFile();
    const all = await startCutOff(Number.POSITIVE_INFINITY);
    expect(all).toBeGreaterThan(100);
    for (let round = 0; round < 5; round++) {
      nextFile();
      await startCutOff(2 + Math.floor(random() * (all - 2)));
      await expectComplete(null);
    }
  }, 60_000);
  it.each(OLD_DATABASES)(
    'while %s is brought up to date',
    async (name) => {
      for (let round = 0; round < 4; round++) {
        nextFile();
        layDown(name, file);
        await startCutOff(2 + Math.floor(random() * 90));
        await expectComplete(name);
      }
    },
    60_000,
  );
});

describe('an older database', () => {
  it('knows which versions a feast had made for itself, by their names and its menu', async () => {
    nextFile();
    layDown('0008-dish', file);
    const { db } = await openDatabase(file);
    const rows = await db.selectFrom('version').select(['id', 'made_for']).orderBy('id').execute();
    const made = Object.fromEntries(rows.map((r) => [r.id, r.made_for]));
    expect(made).toMatchObject({ 'version-for-feast': 'feast-one', 'soup-light-1': null, 'soup-written': null });
    const waits = await db.selectFrom('recipe_listing').select('stale').execute();
    expect(waits.every((w) => w.stale > 0)).toBe(true);
    await db.destroy();
  });
});
