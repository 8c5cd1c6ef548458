import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

const TABLES = [
  `create table household (
    id text primary key, name text not null, demo integer not null check (demo in (0, 1)),
    system text not null check (system in ('us', 'label', 'metric')), zone text not null, created_at text not null
  ) strict`,
  `create table eater (
    id text primary key, household_id text not null references household (id) on delete cascade,
    position integer not null, name text not null, program_id text,
    exceptions text not null check (json_valid(exceptions)), allergies text not null check (json_valid(allergies)),
    avoids text not null check (json_valid(avoids))
  ) strict`,
  'create index eater_household on eater (household_id)',
  `create table food_revision (
    food_id text not null, revision integer not null check (revision >= 1),
    household_id text references household (id) on delete cascade,
    body text not null check (json_valid(body)), created_at text not null,
    primary key (food_id, revision)
  ) strict`,
  'create index food_household on food_revision (household_id)',
  `create table program_revision (
    program_id text not null, revision integer not null check (revision >= 1),
    household_id text references household (id) on delete cascade,
    body text not null check (json_valid(body)), created_at text not null,
    primary key (program_id, revision)
  ) strict`,
  `create table pin (
    household_id text not null references household (id) on delete cascade,
    food_id text not null, program_id text not null, points real not null check (points >= 0),
    grams real not null check (grams > 0), primary key (household_id, food_id, program_id)
  ) strict`,
  `create table recipe (
    id text primary key, household_id text not null references household (id) on delete cascade,
    title text not null, credit text not null check (json_valid(credit)), claims text not null check (json_valid(claims)),
    notes text not null, revision integer not null, created_at text not null, changed_at text not null
  ) strict`,
  'create index recipe_household on recipe (household_id)',
  `create table version (
    id text primary key, recipe_id text not null references recipe (id) on delete cascade,
    parent_id text references version (id) on delete set null,
    kind text not null check (kind in ('asWritten', 'lightened', 'asCooked')), name text not null,
    servings real check (servings > 0 and servings <= 500),
    lines text not null check (json_valid(lines)), steps text not null check (json_valid(steps)),
    revision integer not null, created_at text not null
  ) strict`,
  'create index version_recipe on version (recipe_id)',
  `create table entry (
    id text primary key, version_id text not null references version (id) on delete cascade,
    seq integer not null, body text not null check (json_valid(body)), created_at text not null,
    unique (version_id, seq)
  ) strict`,
  `create table count_record (
    id text primary key, household_id text not null references household (id) on delete cascade,
    kind text not null, version_id text not null, version_revision integer not null,
    foods text not null check (json_valid(foods)), programs text not null check (json_valid(programs)),
    result text not null check (json_valid(result)), created_at text not null
  ) strict`,
  `create table card (
    id text primary key, household_id text not null references household (id) on delete cascade,
    recipe_id text not null references recipe (id) on delete cascade, version_id text not null,
    token text not null unique, count_record_id text not null references count_record (id),
    body text not null check (json_valid(body)), created_at text not null, withdrawn_at text
  ) strict`,
  'create index card_recipe on card (recipe_id)',
  // History is never rewritten.
  `create trigger entry_is_append_only before update on entry begin
    select raise(abort, 'entries are append-only'); end`,
  `create trigger food_revision_is_immutable before update on food_revision begin
    select raise(abort, 'food revisions are immutable'); end`,
  `create trigger program_revision_is_immutable before update on program_revision begin
    select raise(abort, 'program revisions are immutable'); end`,
];

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, TABLES);
}
