import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, [
    // The meals of a household's days, what it would like of them, and whether doubts are counted upwards.
    'alter table household add column meals text check (json_valid(meals))',
    "alter table household add column aims text not null default '[]' check (json_valid(aims))",
    'alter table household add column upwards integer not null default 0',
    // The first day whose numbers are not closed yet; null before any was.
    'alter table household add column days_closed text',
    // What an eater has on the same days again and again.
    "alter table eater add column standing text not null default '[]' check (json_valid(standing))",
    // Ten years of five eaters are 219,000 rows: they lie by eater and day, so that a week is one range.
    `create table day_entry (
       id text not null,
       household_id text not null references household (id) on delete cascade,
       eater_id text not null references eater (id) on delete cascade,
       day text not null, meal text not null, position real not null,
       kind text not null, ref text, recipe_id text, words text not null,
       portion real not null check (portion > 0),
       grams real, grams_low real, grams_high real, said_points real, said_kcal real,
       spread real not null, state text not null check (state in ('planned', 'eaten')),
       program_id text, program_revision integer, ref_revision integer,
       raw real, raw_low real, raw_high real, points real, low real, high real,
       kcal real, protein real, fibre real, sodium real, complete integer not null default 0,
       counted_at text, revision integer not null, removed_at text,
       primary key (eater_id, day, id)
     ) strict, without rowid`,
    'create unique index day_entry_id on day_entry (id)',
    'create index day_entry_live on day_entry (household_id, day) where counted_at is null',
    'create index day_entry_recipe on day_entry (household_id, recipe_id, day) where recipe_id is not null',
    'create index day_entry_household on day_entry (household_id)',
    // What is said of a day, and by what it was counted when it was over.
    `create table eater_day (
       household_id text not null references household (id) on delete cascade,
       eater_id text not null references eater (id) on delete cascade,
       day text not null, low integer not null default 0, told integer not null default 0,
       saves real not null default 0, event text not null default '',
       ticked text not null default '{}' check (json_valid(ticked)),
       program_id text, program_revision integer, allowance real,
       revision integer not null, removed_at text,
       primary key (eater_id, day)
     ) strict, without rowid`,
    'create index eater_day_household on eater_day (household_id)',
    // Dishes that are going to be cooked.
    `create table pot (
       id text primary key,
       household_id text not null references household (id) on delete cascade,
       recipe_id text not null references recipe (id) on delete cascade,
       version_id text not null references version (id) on delete cascade,
       day text not null, meal text not null, servings real not null check (servings > 0),
       cook_id text references cook (id) on delete set null,
       revision integer not null, removed_at text
     ) strict`,
    'create index pot_day on pot (household_id, day)',
    'create index pot_recipe on pot (recipe_id)',
    'create index pot_version on pot (version_id)',
    'create index pot_cook on pot (cook_id)',
    // Shopping trips, each a list that was taken from the plan.
    `create table trip (
       id text primary key,
       household_id text not null references household (id) on delete cascade,
       made text not null, body text not null check (json_valid(body)),
       revision integer not null, removed_at text
     ) strict`,
    'create index trip_made on trip (household_id, made)',
    // Where foods are got, how they are sold there, and how much of them is always in the house.
    `create table buying (
       household_id text not null references household (id) on delete cascade,
       food_id text not null, shop text not null,
       least_grams real check (least_grams > 0), pack_grams real check (pack_grams > 0),
       price real check (price >= 0),
       revision integer not null, removed_at text,
       primary key (household_id, food_id)
     ) strict, without rowid`,
  ]);
}
