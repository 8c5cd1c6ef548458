import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, [
    // Which of its programs a source's word means; null for none of them.
    "alter table household add column source_words text not null default '{}' check (json_valid(source_words))",
    // What changed outside of a recipe and moved its counts, and each count that it moved.
    `create table drift_cause (
       id text primary key,
       household_id text not null references household (id) on delete cascade,
       kind text not null check (kind in ('program', 'pin', 'eater', 'recipe')),
       ref text not null, words text not null, at text not null, put_aside_at text
     ) strict`,
    'create index drift_cause_household on drift_cause (household_id, at)',
    `create table drift (
       cause_id text not null references drift_cause (id) on delete cascade,
       recipe_id text not null references recipe (id) on delete cascade,
       counter text not null, mark text not null, position integer not null,
       points_was real not null, points real not null,
       primary key (cause_id, recipe_id, counter)
     ) strict, without rowid`,
    'create index drift_recipe on drift (recipe_id)',
    // Why a recipe waits to be counted anew.
    'alter table recipe_listing add column cause_id text',
    // What a card showed before it was published again under the same link.
    `create table card_before (
       card_id text not null references card (id) on delete cascade, seq integer not null,
       body text not null check (json_valid(body)), count_record_id text not null references count_record (id),
       created_at text not null, primary key (card_id, seq)
     ) strict, without rowid`,
    'create index card_before_record on card_before (count_record_id)',
  ]);
}
