import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, [
    // The kinds of boxes that a household has.
    `create table box_kind (
       id text primary key,
       household_id text not null references household (id) on delete cascade,
       name text not null, body text not null check (json_valid(body)),
       revision integer not null, removed_at text
     ) strict`,
    'create index box_kind_household on box_kind (household_id)',
    // A picture of one time that a dish was cooked.
    'alter table picture add column cook_id text references cook (id) on delete set null',
    'create index picture_cook on picture (cook_id) where cook_id is not null',
  ]);
}
