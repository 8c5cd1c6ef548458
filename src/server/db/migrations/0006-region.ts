import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  // How a household talks. Those that are there read American words until now.
  await runStatements(db, [
    "alter table household add column region text not null default 'us' check (region in ('us', 'gb'))",
  ]);
}
