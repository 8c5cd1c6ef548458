import { mkdirSync } from 'node:fs';
import { join } from 'node:path';
import { changeHub } from '../../src/server/changes/change-hub.ts';
import { openDatabase } from '../../src/server/db/open.ts';
import { prepareDatabase } from '../../src/server/prepare-database.ts';
import { seedDemo } from '../../src/server/seed-demo.ts';

/** A data folder with the demo in it. */
export async function seededFolder(dir: string): Promise<void> {
  mkdirSync(dir, { recursive: true });
  const { db } = await openDatabase(join(dir, 'imbiss.db'));
  const clock = () => new Date();
  await prepareDatabase(db, clock);
  await seedDemo({ db, clock, publicUrl: '', changes: changeHub(), wakeRenewal: () => {} }, 'carried');
  await db.destroy();
}
