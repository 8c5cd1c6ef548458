import type { Kysely } from 'kysely';
import { runStatements } from './run-statements.ts';

/** The rows that are changed under a revision of their own, and whose removal is a mark. */
const REVISED = ['household', 'eater', 'own_swap', 'stock_item', 'pin', 'barcode', 'food_correction', 'verdict'];
const MARKED = [...REVISED, 'recipe', 'version', 'feast'];

const STATEMENTS = [
  // Facts about the database itself, such as that the demo was offered.
  'create table fact (key text primary key, value text not null) strict, without rowid',
  "insert or ignore into fact (key, value) select 'seeded', min(created_at) from household having count(*) > 0",
  ...REVISED.map((t) => `alter table ${t} add column revision integer not null default 0`),
  ...MARKED.map((t) => `alter table ${t} add column removed_at text`),
  // A retired swap is a removed one: versions that were made with it still know it.
  'update own_swap set removed_at = changed_at where retired = 1',
  'alter table own_swap drop column retired',
  // A version belongs to a household like everything else; v is the state of the format of its lines and steps.
  'alter table version add column household_id text references household (id) on delete cascade',
  'update version set household_id = (select r.household_id from recipe r where r.id = version.recipe_id)',
  'alter table version add column v integer not null default 1',
  // One table of entries for every kind of document.
  'drop trigger entry_is_append_only',
  'alter table entry rename to entry_of_version',
  `create table entry (
    id text not null, household_id text not null references household (id) on delete cascade,
    kind text not null, document_id text not null, seq integer not null,
    body text not null check (json_valid(body)), created_at text not null,
    primary key (household_id, id), unique (household_id, kind, document_id, seq)
  ) strict`,
  `insert into entry (id, household_id, kind, document_id, seq, body, created_at)
    select e.id, r.household_id, 'versions', e.version_id, e.seq, e.body, e.created_at
    from entry_of_version e join version v on v.id = e.version_id join recipe r on r.id = v.recipe_id`,
  'drop table entry_of_version',
  `create trigger entry_is_append_only before update on entry begin
    select raise(abort, 'entries are append-only'); end`,
  // Own foods that were taken off the shelf; lines that name one keep it.
  `create table food_removed (
    household_id text not null references household (id) on delete cascade, food_id text not null,
    removed_at text not null, primary key (household_id, food_id)
  ) strict, without rowid`,
  // Which recipes a version takes from: for counting upwards, and for refusing what would take something away.
  `create table version_inner (
    version_id text not null references version (id) on delete cascade,
    inner_version_id text not null, inner_recipe_id text not null, primary key (version_id, inner_version_id)
  ) strict, without rowid`,
  'create index version_inner_by_version on version_inner (inner_version_id)',
  'create index version_inner_by_recipe on version_inner (inner_recipe_id)',
  `insert or ignore into version_inner (version_id, inner_version_id, inner_recipe_id)
    select v.id, json_extract(l.value, '$.food.versionId'), json_extract(l.value, '$.food.recipeId')
    from version v, json_each(v.lines) l where json_extract(l.value, '$.food.kind') = 'recipe'`,
  // What the list shows of a recipe, written when it changes, and the words by which it is found: title, source,
  // ingredients. The counts are of the shown version and of the one as written, for everyone who counts.
  `create table recipe_listing (
    n integer primary key, recipe_id text not null unique references recipe (id) on delete cascade,
    household_id text not null references household (id) on delete cascade,
    title text not null, title_key text not null, author text, whose text not null, changed_at text not null,
    version_id text not null, version_name text not null, versions integer not null,
    servings real, kcal real, serving_grams real not null, open integer not null,
    stale integer not null, words text not null
  ) strict`,
  'create index recipe_listing_changed on recipe_listing (household_id, changed_at desc, recipe_id)',
  'create index recipe_listing_title on recipe_listing (household_id, title_key, recipe_id)',
  'create index recipe_listing_kcal on recipe_listing (household_id, kcal, recipe_id)',
  'create index recipe_listing_stale on recipe_listing (household_id, recipe_id) where stale > 0',
  `create table recipe_points (
    recipe_id text not null references recipe_listing (recipe_id) on delete cascade,
    counter text not null, household_id text not null, mark text not null, position integer not null,
    points real not null, was real, complete integer not null check (complete in (0, 1)),
    primary key (recipe_id, counter)
  ) strict, without rowid`,
  'create index recipe_points_order on recipe_points (household_id, counter, points, recipe_id)',
  `create virtual table recipe_text using fts5 (
    words, content = 'recipe_listing', content_rowid = 'n', tokenize = "unicode61 remove_diacritics 2", prefix = '1 2 3'
  )`,
  `create trigger recipe_listing_added after insert on recipe_listing begin
    insert into recipe_text (rowid, words) values (new.n, new.words); end`,
  `create trigger recipe_listing_removed after delete on recipe_listing begin
    insert into recipe_text (recipe_text, rowid, words) values ('delete', old.n, old.words); end`,
  `create trigger recipe_listing_renamed after update of words on recipe_listing when old.words <> new.words begin
    insert into recipe_text (recipe_text, rowid, words) values ('delete', old.n, old.words);
    insert into recipe_text (rowid, words) values (new.n, new.words); end`,
  // Whoever is logged in, across restarts; the id is kept as its digest.
  'create table session (digest text primary key, until_at text not null) strict, without rowid',
  // Every foreign key and every mark has an index: removing one thing never reads all of them.
  'create index version_parent on version (parent_id)',
  'create index version_household on version (household_id)',
  'create index verdict_eater on verdict (eater_id)',
  'create index count_record_household on count_record (household_id)',
  'create index card_household on card (household_id)',
  'create index card_count_record on card (count_record_id)',
  ...MARKED.map((t) => `create index ${t}_removed on ${t} (removed_at) where removed_at is not null`),
];

export async function up(db: Kysely<unknown>): Promise<void> {
  await runStatements(db, STATEMENTS);
}
