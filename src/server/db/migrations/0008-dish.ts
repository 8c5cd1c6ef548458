import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, [
    // What the cook says that a dish is; read from its lines and steps where it is null.
    'alter table version add column dish text',
  ]);
}
