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
    'create index program_revision_household on program_revision (household_id)',
  ]);
}
