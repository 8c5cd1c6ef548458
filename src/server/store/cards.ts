import { randomBytes } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import type { CardLink } from '../../contract/recipe.ts';
import { CreditSchema } from '../../contract/recipe.ts';
import { type Card, makeCard } from '../../core/card/card.ts';
import type { Db } from '../db/open.ts';
import { notFound } from '../http/problem.ts';
import { programsInUse, tableOf } from './households.ts';
import { fromJson, toJson } from './json-column.ts';
import { innerVersions, kitchenFor } from './kitchen.ts';
import { swapShelfOf } from './own-swaps.ts';
import { recipeRow } from './recipe-row.ts';
import { getVersion, versionsOf } from './versions.ts';

/** 128 random bits: a link that nobody guesses. */
const newToken = (): string => randomBytes(16).toString('base64url');

/** The calendar day of an instant in a time zone, YYYY-MM-DD. */
export function dayIn(zone: string, instant: Date): string {
  try {
    return new Intl.DateTimeFormat('en-CA', {
      timeZone: zone,
      year: 'numeric',
      month: '2-digit',
      day: '2-digit',
    }).format(instant);
  } catch {
    return instant.toISOString().slice(0, 10);
  }
}

/** Counts a version as a card, without keeping it. */
export async function previewCard(db: Db, versionId: string, now: Date): Promise<Card> {
  const version = await getVersion(db, versionId);
  const recipe = await recipeRow(db, version.recipeId);
  const table = await tableOf(db, recipe.household_id);
  const versions = await versionsOf(db, recipe.id);
  const asWritten = versions.find((v) => v.kind === 'asWritten') ?? version;
  return makeCard({
    title: recipe.title,
    credit: fromJson(CreditSchema, recipe.credit),
    version,
    asWritten,
    kitchen: await kitchenFor(db, [version, asWritten]),
    programs: programsInUse(table),
    pins: table.pins,
    swaps: (await swapShelfOf(db, recipe.household_id)).all,
    system: table.household.system,
    countedOn: dayIn(table.household.zone, now),
  });
}

/** Keeps a card of a version under a new link, with the record of what it was counted from. */
export async function addCard(db: Db, versionId: string, now: Date, publicUrl: string): Promise<CardLink> {
  const version = await getVersion(db, versionId);
  const recipe = await recipeRow(db, version.recipeId);
  const table = await tableOf(db, recipe.household_id);
  const card = await previewCard(db, versionId, now);
  const inner = await innerVersions(db, [version]);
  const foods = [version, ...inner]
    .flatMap((v) => v.lines)
    .flatMap((l) => (l.food.kind === 'food' ? [[l.food.foodId, l.food.revision]] : []));
  const row = {
    id: uuid(),
    household_id: recipe.household_id,
    recipe_id: recipe.id,
    version_id: version.id,
    token: newToken(),
    count_record_id: uuid(),
    body: toJson(card),
    created_at: now.toISOString(),
    withdrawn_at: null,
  };
  await db.transaction().execute(async (t) => {
    await t
      .insertInto('count_record')
      .values({
        id: row.count_record_id,
        household_id: recipe.household_id,
        kind: 'card',
        version_id: version.id,
        version_revision: version.revision,
        foods: toJson(foods),
        programs: toJson(programsInUse(table).map((p) => [p.id, p.revision])),
        result: toJson({ programs: card.programs, kcal: card.kcal }),
        created_at: row.created_at,
      })
      .execute();
    await t.insertInto('card').values(row).execute();
  });
  return (await cardLinksOf(db, recipe.id, publicUrl)).find((c) => c.id === row.id)!;
}

export async function cardLinksOf(db: Db, recipeId: string, publicUrl: string): Promise<CardLink[]> {
  const rows = await db
    .selectFrom('card')
    .selectAll()
    .where('recipe_id', '=', recipeId)
    .orderBy('created_at', 'desc')
    .execute();
  return rows.map((r) => {
    const body = JSON.parse(r.body) as Card;
    return {
      id: r.id,
      recipeId: r.recipe_id,
      versionId: r.version_id,
      versionName: body.versionName,
      url: `${publicUrl}/c/${r.token}`,
      countedOn: body.countedOn,
      withdrawn: r.withdrawn_at !== null,
    };
  });
}

/** Withdraws a card: its link is gone from now on. @throws ProblemError 404 */
export async function withdrawCard(db: Db, id: string, now: string): Promise<void> {
  const result = await db
    .updateTable('card')
    .set({ withdrawn_at: now })
    .where('id', '=', id)
    .where('withdrawn_at', 'is', null)
    .executeTakeFirst();
  if (result.numUpdatedRows === 0n) {
    const have = await db.selectFrom('card').select('id').where('id', '=', id).executeTakeFirst();
    if (!have) throw notFound('card');
  }
}

/** The card under a token; null when there is none, or it was withdrawn: the two look alike. */
export async function cardByToken(db: Db, token: string): Promise<Card | null> {
  const row = await db
    .selectFrom('card')
    .select(['body', 'withdrawn_at'])
    .where('token', '=', token)
    .executeTakeFirst();
  if (!row || row.withdrawn_at !== null) return null;
  // Cards from before there were options have none.
  const card = JSON.parse(row.body) as Omit<Card, 'options'> & Partial<Card>;
  return { ...card, options: card.options ?? [] };
}
