import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, [
    // What the cook says that a dish is; read from its lines and steps where it is null.
    'alter table version add column dish text',
    // What an eater would rather not eat, and what not on top.
    "alter table eater add column rather_not text not null default '[]' check (json_valid(rather_not))",
    "alter table eater add column not_on_top text not null default '[]' check (json_valid(not_on_top))",
  ]);
}
