import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, [
    // What pots and dishes weigh empty.
    `create table vessel (
       id text primary key,
       household_id text not null references household (id) on delete cascade,
       name text not null, grams real not null check (grams > 0),
       revision integer not null, removed_at text
     ) strict`,
    'create index vessel_household on vessel (household_id)',
    // One row for each time that a dish was cooked.
    `create table cook (
       id text primary key,
       household_id text not null references household (id) on delete cascade,
       recipe_id text not null references recipe (id) on delete cascade,
       day text not null, body text not null check (json_valid(body)),
       revision integer not null, removed_at text
     ) strict`,
    'create index cook_recipe on cook (recipe_id, day)',
    'create index cook_household on cook (household_id)',
    // What of it stands in fridge and freezer.
    `create table box (
       id text primary key,
       household_id text not null references household (id) on delete cascade,
       cook_id text not null references cook (id) on delete cascade,
       keep_until text not null, taken_at text, body text not null check (json_valid(body)),
       revision integer not null, removed_at text
     ) strict`,
    'create index box_household on box (household_id, taken_at, keep_until)',
    'create index box_cook on box (cook_id)',
  ]);
}
