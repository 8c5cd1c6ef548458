import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, [
    // Own programs that nobody wants any more: what was counted by them keeps them.
    `create table program_removed (
       household_id text not null references household (id) on delete cascade, program_id text not null,
       removed_at text not null, primary key (household_id, program_id)
     ) strict, without rowid`,
    // What an eater was given for a day; the program's own where it is null.
    'alter table eater add column allowance real',
    // When points were said, where they stand, and of which revision of the food.
    'alter table pin add column said_on text',
    "alter table pin add column source text not null default ''",
    'alter table pin add column food_revision integer',
    // Points that are known of an amount of something, from which the rule of a program is taught.
    `create table observation (
       id text primary key,
       household_id text not null references household (id) on delete cascade,
       program_id text not null, name text not null, food_id text, grams real check (grams > 0),
       points real not null check (points >= 0), nutrients text not null check (json_valid(nutrients)),
       reading text not null check (reading in ('exact', 'us', 'eu')),
       revision integer not null, removed_at text
     ) strict`,
    'create index observation_household on observation (household_id, program_id)',
    'create index program_revision_household on program_revision (household_id)',
  ]);
}
