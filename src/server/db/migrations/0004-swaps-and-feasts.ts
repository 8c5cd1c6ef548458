import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

const STATEMENTS = [
  // Swaps that a household wrote. A removed one is retired, for versions that were made with it still name it.
  `create table own_swap (
    id text primary key, household_id text not null references household (id) on delete cascade,
    retired integer not null check (retired in (0, 1)), body text not null check (json_valid(body)),
    changed_at text not null
  ) strict`,
  'create index own_swap_household on own_swap (household_id)',
  `create table feast (
    id text primary key, household_id text not null references household (id) on delete cascade,
    name text not null, day text, body text not null check (json_valid(body)), revision integer not null,
    changed_at text not null
  ) strict`,
  'create index feast_household on feast (household_id)',
];

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, STATEMENTS);
}
