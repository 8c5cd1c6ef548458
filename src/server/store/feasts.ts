import { type FeastPage, FeastSchema } from '../../contract/feast.ts';
import { countFeast, type FeastCount, type FeastPlate } from '../../core/feast/count-feast.ts';
import { type Feast, type FeastDish, portionOf } from '../../core/feast/feast.ts';
import type { Count } from '../../core/program/count.ts';
import type { Db } from '../db/open.ts';
import { notFound, ProblemError } from '../http/problem.ts';
import { countersOf, tableOf } from './households.ts';
import { fromJson, toJson } from './json-column.ts';
import { kitchenFor } from './kitchen.ts';
import { recipePage } from './recipe-page.ts';
import { conflict } from './versions.ts';

/** A counted feast as the API tells it: plates with the eater's name, dishes with their titles. */
export interface FeastCounted extends Omit<FeastCount, 'plates'> {
  readonly plates: readonly (Omit<FeastPlate, 'dishes'> & {
    readonly eater: string;
    readonly mark: string;
    readonly dishes: readonly { readonly title: string; readonly count: Count | null }[];
  })[];
}

/** The feasts of a household, by day, those without one behind. */
export async function feastsOf(db: Db, householdId: string): Promise<Feast[]> {
  const rows = await db
    .selectFrom('feast')
    .select('body')
    .where('household_id', '=', householdId)
    .orderBy((e) => e('day', 'is', null))
    .orderBy('day')
    .orderBy('id')
    .execute();
  return rows.map((r) => fromJson(FeastSchema, r.body));
}

/** @throws ProblemError 404 */
async function getFeast(db: Db, householdId: string, id: string): Promise<Feast> {
  const row = await db
    .selectFrom('feast')
    .select('body')
    .where('household_id', '=', householdId)
    .where('id', '=', id)
    .executeTakeFirst();
  if (!row) throw notFound('feast');
  return fromJson(FeastSchema, row.body);
}

/**
 * A feast with its dishes' recipes. A dish whose recipe was removed is not on the menu any more; one whose version was
 * removed is taken in its newest.
 */
export async function feastPage(db: Db, householdId: string, id: string, publicUrl: string): Promise<FeastPage> {
  const feast = await getFeast(db, householdId, id);
  const there = await db
    .selectFrom('recipe')
    .select('id')
    .where('household_id', '=', householdId)
    .where(
      'id',
      'in',
      feast.dishes.map((d) => d.recipeId),
    )
    .execute();
  const known = feast.dishes.filter((d) => there.some((r) => r.id === d.recipeId));
  const pages = await Promise.all(known.map((d) => recipePage(db, d.recipeId, publicUrl)));
  const dishes = known.map((d, i): FeastDish => {
    const { versions } = pages[i]!;
    return versions.some((v) => v.id === d.versionId) ? d : { ...d, versionId: versions[versions.length - 1]!.id };
  });
  return { feast: { ...feast, dishes }, pages };
}

/** A feast counted by the same engine: every eater's whole plate, and what one serving of each dish has. */
export async function countedFeast(db: Db, householdId: string, id: string): Promise<FeastCounted> {
  const { feast, pages } = await feastPage(db, householdId, id, '');
  const counters = countersOf(await tableOf(db, householdId));
  const versions = feast.dishes.map((d, i) => pages[i]!.versions.find((v) => v.id === d.versionId)!);
  const { plates, ...rest } = countFeast(
    feast.dishes.map((d, i) => ({
      version: versions[i]!,
      portions: counters.map((c) => portionOf(d, c.eater.id)),
    })),
    await kitchenFor(db, versions),
    counters.map((c) => c.counter),
  );
  return {
    ...rest,
    plates: plates.map((p, i) => ({
      ...p,
      eater: counters[i]!.eater.name,
      mark: counters[i]!.counter.program.mark,
      dishes: p.dishes.map((d, n) => ({ title: pages[n]!.recipe.title, count: d })),
    })),
  };
}

/**
 * Puts a feast in place, new or changed. Its revision grows by one.
 *
 * @throws ProblemError 404 for another household's, 412 when it is not at `feast.revision` any more, 422 for a dish
 * that is no recipe of this household's
 */
export async function putFeast(db: Db, householdId: string, feast: Feast, now: string): Promise<Feast> {
  const recipes = await db
    .selectFrom('version')
    .innerJoin('recipe', 'recipe.id', 'version.recipe_id')
    .select(['recipe.id as recipe', 'version.id as version'])
    .where('recipe.household_id', '=', householdId)
    .execute();
  const stray = feast.dishes.find((d) => !recipes.some((r) => r.recipe === d.recipeId && r.version === d.versionId));
  if (stray) throw new ProblemError(422, 'A dish of this feast is not among the recipes.', 'Take it off the menu.');
  const next = { ...feast, revision: feast.revision + 1 };
  const values = { name: next.name, day: next.day, body: toJson(next), revision: next.revision, changed_at: now };
  await db.transaction().execute(async (t) => {
    const have = await t
      .selectFrom('feast')
      .select(['household_id', 'revision'])
      .where('id', '=', feast.id)
      .executeTakeFirst();
    if (have && have.household_id !== householdId) throw notFound('feast');
    if ((have?.revision ?? 0) !== feast.revision) throw conflict();
    await t
      .insertInto('feast')
      .values({ id: feast.id, household_id: householdId, ...values })
      .onConflict((c) => c.column('id').doUpdateSet(values))
      .execute();
  });
  return next;
}

export async function removeFeast(db: Db, householdId: string, id: string): Promise<void> {
  await db.deleteFrom('feast').where('household_id', '=', householdId).where('id', '=', id).execute();
}
