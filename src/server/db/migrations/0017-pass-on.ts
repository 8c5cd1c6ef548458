import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, [
    // What the cook chose to pass on of a recipe; '{}' where nobody chose anything.
    `alter table recipe add column pass_on text not null default '{}' check (json_valid(pass_on))`,
    // The last day on which a link leads to its card; null for no end.
    'alter table card add column until_day text',
    // A card shows the picture that it was published with, also when the household has it no more.
    `create table card_picture (
       card_id text not null references card (id) on delete cascade, picture_id text not null,
       bytes blob not null, primary key (card_id, picture_id)
     ) strict, without rowid`,
    // Several dishes passed on as one: a plate, a feast, a day, a week, a prep day.
    `create table sheet (
       id text primary key, household_id text not null references household (id) on delete cascade,
       token text not null unique, body text not null check (json_valid(body)),
       created_at text not null, until_day text, withdrawn_at text
     ) strict`,
    'create index sheet_household on sheet (household_id, created_at)',
    // What people outside of the household said of a dish that was passed on.
    `create table outside_verdict (
       id text primary key, household_id text not null references household (id) on delete cascade,
       recipe_id text not null references recipe (id) on delete cascade,
       body text not null check (json_valid(body)), revision integer not null, removed_at text
     ) strict`,
    'create index outside_verdict_recipe on outside_verdict (recipe_id)',
    // What was taken in under another id, because its own is another household's: the next time it is found by the old.
    `create table origin_id (
       household_id text not null references household (id) on delete cascade,
       origin_id text not null, id text not null, primary key (household_id, origin_id)
     ) strict, without rowid`,
  ]);
}
