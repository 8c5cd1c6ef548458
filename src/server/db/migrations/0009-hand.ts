import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, [
    // Which version the cook wants to see of a recipe; the newest where it is null.
    'alter table recipe add column shown_version_id text',
    'alter table recipe add column favourite integer not null default 0 check (favourite in (0, 1))',
    // The feast that a version was made for: it is none of the recipe's own.
    'alter table version add column made_for text',
    // Until now only the name said so: of those that a feast serves, and that are called as it calls them.
    `update version set made_for = (
       select f.id from feast f, json_each(f.body, '$.dishes') d
       where f.household_id = version.household_id and json_extract(d.value, '$.versionId') = version.id limit 1)
     where kind = 'lightened' and name like 'for %'`,
    'alter table recipe_listing add column favourite integer not null default 0',
    'alter table recipe_listing add column dish text',
    'alter table recipe_listing add column minutes real',
    'alter table recipe_listing add column vessels integer not null default 0',
    "alter table recipe_listing add column appliances text not null default '[]' check (json_valid(appliances))",
    "alter table recipe_listing add column not_for text not null default '[]' check (json_valid(not_for))",
    // The ids of what is in it, apart by blanks.
    "alter table recipe_listing add column foods text not null default ''",
    'alter table recipe_points add column low real not null default 0',
    'alter table recipe_points add column high real not null default 0',
    'create index recipe_listing_favourite on recipe_listing (household_id, changed_at) where favourite = 1',
    `create table picture (
       id text primary key,
       household_id text not null references household(id) on delete cascade,
       recipe_id text not null references recipe(id) on delete cascade,
       kind text not null check (kind in ('dish', 'page')),
       position integer not null,
       sha256 text not null,
       width integer not null,
       height integer not null,
       small blob not null,
       large blob not null,
       created_at text not null,
       removed_at text
     ) strict`,
    'create index picture_recipe on picture (recipe_id, position)',
    'create index picture_household on picture (household_id)',
    // What is listed has none of these yet: it is counted anew.
    'update recipe_listing set stale = 1',
  ]);
}
