import { mkdirSync, rmSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { changeHub } from '../../src/server/changes/change-hub.ts';
import { openDatabase } from '../../src/server/db/open.ts';
import { prepareDatabase } from '../../src/server/prepare-database.ts';
import { seedDemo } from '../../src/server/seed-demo.ts';
import { seedDrawings } from '../../src/server/seed-drawings.ts';
import { renewHere } from '../../src/server/store/renewal.ts';
import type { StoreContext } from '../../src/server/store/scope.ts';

/** The database that every end-to-end server begins with a copy of. */
export const SEEDED = join(import.meta.dirname, '../../dist/seeded/imbiss.db');

/** The files that share one server: each has the demo in a household of its own, and none sees what another does. */
export const HOUSES = [
  'lighten',
  'pantry',
  'screens',
  'places',
  'table',
  'two-devices',
  'prep',
  'programs',
  'dish-up',
  'cook',
  'week',
  'pass-on',
  'take-in',
] as const;
export type House = (typeof HOUSES)[number];

/** Seeds it: what a first start makes, and a household with the demo for each of {@link HOUSES}. */
export async function seedDatabase(): Promise<void> {
  rmSync(dirname(SEEDED), { recursive: true, force: true });
  mkdirSync(dirname(SEEDED), { recursive: true });
  const { db, connection } = await openDatabase(SEEDED);
  connection.pragma('synchronous = OFF');
  const clock = () => new Date();
  await prepareDatabase(db, clock);
  const context: StoreContext = { db, clock, publicUrl: '', changes: changeHub(), wakeRenewal: () => {} };
  for (const house of HOUSES) await seedDemo(context, house);
  await renewHere(context);
  // Once, and not behind each of the starts.
  await seedDrawings(context, 0);
  connection.pragma('wal_checkpoint(TRUNCATE)');
  connection.pragma('journal_mode = DELETE');
  await db.destroy();
}
