import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

const STATEMENTS = [
  // What each eater says of a version, with the swaps that it had then.
  `create table verdict (
    version_id text not null references version (id) on delete cascade,
    eater_id text not null references eater (id) on delete cascade,
    household_id text not null references household (id) on delete cascade,
    body text not null check (json_valid(body)), changed_at text not null,
    primary key (version_id, eater_id)
  ) strict`,
  'create index verdict_household on verdict (household_id)',
];

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, STATEMENTS);
}
