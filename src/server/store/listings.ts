import { sql } from 'kysely';
import { keepCause, keepDrift, movedBy } from './drift-keeping.ts';
import { listingRows, writeListingRows } from './listing-rows.ts';
import { EVERY_RECIPE } from './recount.ts';
import { type Cause, note, type Scope } from './scope.ts';

/** So many recipes are counted anew within the write that changed them; more are marked and counted behind it. */
const AT_ONCE = 20;

let lastStamp = 0;
/** A number that grows: what is stale says by which change. */
const stamp = (): number => {
  lastStamp = Math.max(lastStamp + 1, Date.now() * 100);
  return lastStamp;
};

/**
 * Brings the stored answers of the list up to date with a write, within its transaction: at once where few recipes count
 * differently, else by marking them. What is marked is counted by the renewal, see `renewal.ts`.
 */
export async function settleListings(s: Scope, recipeIds: ReadonlySet<string>): Promise<void> {
  const ids = recipeIds.has(EVERY_RECIPE) ? await someOfAll(s) : await withOuter(s, recipeIds);
  const cause = s.writing?.cause ?? null;
  // What the cook did to a recipe itself is no surprise; what it does to those that take from it is.
  const moves = (id: string): boolean => cause !== null || !recipeIds.has(id);
  if (ids !== null && ids.length <= AT_ONCE) {
    const rows = await listingRows(s, ids);
    const moved = await movedBy(
      s,
      rows.filter((r) => moves(r.recipeId)),
    );
    await writeListingRows(s, rows);
    if (moved.length > 0) await keepDrift(s, await keepCause(s, cause ?? (await innerChanged(s, recipeIds))), moved);
  } else {
    const why = await causeBehind(s, cause ?? (await innerChanged(s, recipeIds)));
    await markStale(s, ids, why);
    s.wakeRenewal();
  }
  note(s, 'listing', s.householdId, stamp());
}

/** A recipe that others take from was changed. */
async function innerChanged(s: Scope, recipeIds: ReadonlySet<string>): Promise<Cause> {
  const id = [...recipeIds][0] ?? '';
  const row = await s.db.selectFrom('recipe').select('title').where('id', '=', id).executeTakeFirst();
  return { kind: 'recipe', ref: id, words: `"${row?.title ?? 'A recipe'}" was changed, and others take from it` };
}

/** Keeps a cause whose recipes are counted behind it. What still waits by an earlier one is moved by both. */
async function causeBehind(s: Scope, cause: Cause): Promise<string> {
  const waiting = await s.db
    .selectFrom('recipe_listing as l')
    .innerJoin('drift_cause as c', 'c.id', 'l.cause_id')
    .select('c.words')
    .where('l.household_id', '=', s.householdId)
    .where('l.stale', '>', 0)
    .limit(1)
    .executeTakeFirst();
  const words = waiting === undefined ? cause.words : `${cause.words}; just before: ${waiting.words}`;
  return keepCause(s, { ...cause, words });
}

/** All recipes of the household; null when they are many. */
async function someOfAll(s: Scope): Promise<string[] | null> {
  const rows = await s.db
    .selectFrom('recipe')
    .select('id')
    .where('household_id', '=', s.householdId)
    .where('removed_at', 'is', null)
    .limit(AT_ONCE + 1)
    .execute();
  return rows.length > AT_ONCE ? null : rows.map((r) => r.id);
}

/** These recipes, and those that take from them, upwards. */
async function withOuter(s: Scope, recipeIds: ReadonlySet<string>): Promise<string[]> {
  const all = new Set(recipeIds);
  let layer = [...recipeIds];
  while (layer.length > 0) {
    const next: string[] = [];
    for (let i = 0; i < layer.length; i += 500) {
      const rows = await s.db
        .selectFrom('version_inner')
        .innerJoin('version', 'version.id', 'version_inner.version_id')
        .select('version.recipe_id as id')
        .distinct()
        .where('version_inner.inner_recipe_id', 'in', layer.slice(i, i + 500))
        .where('version.household_id', '=', s.householdId)
        .execute();
      for (const { id } of rows) if (!all.has(id)) next.push(id);
    }
    for (const id of next) all.add(id);
    layer = [...new Set(next)];
  }
  return [...all];
}

/** Marks recipes to be counted anew; null for all of the household. One without a row gets an empty one. */
export async function markStale(
  s: Scope,
  recipeIds: readonly string[] | null,
  causeId: string | null = null,
): Promise<void> {
  const now = stamp();
  const waiting = { stale: now, cause_id: causeId };
  if (recipeIds === null) {
    await s.db.updateTable('recipe_listing').set(waiting).where('household_id', '=', s.householdId).execute();
    return;
  }
  for (let i = 0; i < recipeIds.length; i += 500) {
    const part = recipeIds.slice(i, i + 500);
    await s.db.updateTable('recipe_listing').set(waiting).where('recipe_id', 'in', part).execute();
    await addMissing(s, now, part);
  }
}

/**
 * Lists recipes that have no row yet, as after an upgrade, and marks them to be counted.
 *
 * @returns how many recipes of the household wait to be counted
 */
export async function listMissing(s: Scope): Promise<number> {
  await addMissing(s, stamp(), null);
  return countWaiting(s);
}

export async function countWaiting(s: Scope): Promise<number> {
  const row = await s.db
    .selectFrom('recipe_listing')
    .select((e) => e.fn.countAll<number>().as('n'))
    .where('household_id', '=', s.householdId)
    .where('stale', '>', 0)
    .executeTakeFirst();
  return Number(row?.n ?? 0);
}

async function addMissing(s: Scope, now: number, part: readonly string[] | null): Promise<void> {
  const only = part === null ? sql`` : sql`and r.id in (${sql.join(part)})`;
  await sql`
    insert into recipe_listing (recipe_id, household_id, title, title_key, author, whose, changed_at, version_id,
      version_name, versions, servings, kcal, serving_grams, open, stale, words)
    select r.id, r.household_id, r.title, lower(r.title), json_extract(r.credit, '$.author'),
      json_extract(r.credit, '$.whose'), r.changed_at, v.id, v.name, 1, v.servings, null, 0, 0, ${now}, lower(r.title)
    from recipe r join version v on v.recipe_id = r.id and v.kind = 'asWritten'
    where r.household_id = ${s.householdId} and r.removed_at is null ${only}
      and not exists (select 1 from recipe_listing l where l.recipe_id = r.id)
    on conflict (recipe_id) do nothing`.execute(s.db);
}
