import { parentPort, workerData } from 'node:worker_threads';
import { Kysely } from 'kysely';
import { changeHub } from './changes/change-hub.ts';
import { connectTo } from './db/connection.ts';
import { ImbissDialect } from './db/dialect.ts';
import type { Database } from './db/schema.ts';
import { countWaitingRecipes } from './store/renewal.ts';

/** A thread that only reads and counts: asked for the next, it answers what the list shows of some waiting recipes. */
const connection = connectTo(workerData as string, { readOnly: true });
const db = new Kysely<Database>({ dialect: new ImbissDialect(connection) });
const context = { db, clock: () => new Date(), publicUrl: '', changes: changeHub(), wakeRenewal: () => {} };

parentPort!.on('message', async () => {
  try {
    parentPort!.postMessage({ renewed: await countWaitingRecipes(context) });
  } catch (e) {
    parentPort!.postMessage({ failed: String(e) });
  }
});
