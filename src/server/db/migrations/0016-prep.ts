import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, [
    // Days on which several dishes are cooked in one go: their order of work is one document.
    `create table prep (
       id text primary key,
       household_id text not null references household (id) on delete cascade,
       day text not null, body text not null check (json_valid(body)),
       revision integer not null, removed_at text
     ) strict`,
    'create index prep_day on prep (household_id, day)',
  ]);
}
