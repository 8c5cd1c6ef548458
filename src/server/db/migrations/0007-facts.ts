import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, [
    // What a recipe's source says of times, pans and tools; nobody knows it of those that are there.
    "alter table recipe add column facts text not null default '{}' check (json_valid(facts))",
    // Doubts about its steps that the cook has put aside, by their words.
    "alter table recipe add column settled text not null default '[]' check (json_valid(settled))",
  ]);
}
