import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

const STATEMENTS = [
  // What a household calls a food and what its own measures weigh: apart from the food, so that a renewed food keeps them.
  `create table food_correction (
    household_id text not null references household (id) on delete cascade, food_id text not null,
    synonyms text not null check (json_valid(synonyms)), measures text not null check (json_valid(measures)),
    primary key (household_id, food_id)
  ) strict`,
  `create table stock_item (
    id text primary key, household_id text not null references household (id) on delete cascade,
    food_id text, name text not null, grams real check (grams >= 0), opened integer not null check (opened in (0, 1)),
    use_by text, lacking integer not null check (lacking in (0, 1)), changed_at text not null
  ) strict`,
  'create index stock_household on stock_item (household_id)',
  `create table barcode (
    household_id text not null references household (id) on delete cascade, code text not null,
    food_id text not null, primary key (household_id, code)
  ) strict`,
  // Which foods a version has: an index of its lines, for "where it is used" and for ranking by own use.
  `create table version_food (
    version_id text not null references version (id) on delete cascade, food_id text not null,
    primary key (version_id, food_id)
  ) strict, without rowid`,
  'create index version_food_food on version_food (food_id)',
  `insert or ignore into version_food (version_id, food_id)
    select v.id, json_extract(l.value, '$.food.foodId') from version v, json_each(v.lines) l
    where json_extract(l.value, '$.food.kind') = 'food'`,
  // The newest names of every food, in the words that matching compares, and the full text over them.
  `create table food_name (
    rowid integer primary key, food_id text not null unique,
    household_id text references household (id) on delete cascade, words text not null
  ) strict`,
  'create index food_name_household on food_name (household_id)',
  `create virtual table food_text using fts5 (
    words, content = 'food_name', content_rowid = 'rowid', tokenize = "unicode61 remove_diacritics 2", prefix = '1 2 3'
  )`,
  "create virtual table food_vocabulary using fts5vocab (food_text, 'row')",
  `create trigger food_name_added after insert on food_name begin
    insert into food_text (rowid, words) values (new.rowid, new.words); end`,
  `create trigger food_name_removed after delete on food_name begin
    insert into food_text (food_text, rowid, words) values ('delete', old.rowid, old.words); end`,
  `create trigger food_name_changed after update on food_name begin
    insert into food_text (food_text, rowid, words) values ('delete', old.rowid, old.words);
    insert into food_text (rowid, words) values (new.rowid, new.words); end`,
];

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, STATEMENTS);
}
