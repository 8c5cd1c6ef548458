import { randomBytes } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import { CardSchema } from '../../contract/card.ts';
import type { CardLink } from '../../contract/recipe.ts';
import { type Card, makeCard } from '../../core/card/card.ts';
import { notFound } from '../../core/errors.ts';
import { programsInUse } from '../../core/table/table.ts';
import type { Db } from '../db/open.ts';
import { innerVersions, kitchenFor } from './kitchen.ts';
import { swapShelfOf } from './own-swap-shelf.ts';
import { getRecipe } from './recipe-rows.ts';
import { note, nowOf, type Scope } from './scope.ts';
import { fromStored, readable, toJson, toStored } from './stored.ts';
import { tableOf } from './table.ts';
import { getVersion, versionsOf } from './versions.ts';
import { write } from './write.ts';

/** 128 random bits: a link that nobody guesses. */
const newToken = (): string => randomBytes(16).toString('base64url');

/** The calendar day of an instant in a time zone, YYYY-MM-DD. */
export function dayIn(zone: string, instant: Date): string {
  return new Intl.DateTimeFormat('en-CA', {
    timeZone: zone,
    year: 'numeric',
    month: '2-digit',
    day: '2-digit',
  }).format(instant);
}

/** Counts a version as a card, without keeping it. */
export async function previewCard(s: Scope, versionId: string): Promise<Card> {
  const version = await getVersion(s, versionId);
  const recipe = await getRecipe(s, version.recipeId);
  const table = await tableOf(s);
  const versions = await versionsOf(s, recipe.id);
  const asWritten = versions.find((v) => v.kind === 'asWritten') ?? version;
  return makeCard({
    title: recipe.title,
    credit: recipe.credit,
    version,
    asWritten,
    kitchen: await kitchenFor(s, [version, asWritten]),
    programs: programsInUse(table),
    pins: table.pins,
    swaps: (await swapShelfOf(s)).all,
    system: table.household.system,
    region: table.household.region,
    countedOn: dayIn(table.household.zone, s.clock()),
  });
}

/** Keeps a card of a version under a new link, with the record of what it was counted from. */
export function addCard(scope: Scope, versionId: string): Promise<CardLink> {
  return write(scope, async (s) => {
    const version = await getVersion(s, versionId);
    const table = await tableOf(s);
    const card = await previewCard(s, versionId);
    const foods = [version, ...(await innerVersions(s, [version]))]
      .flatMap((v) => v.lines)
      .flatMap((l) => (l.food.kind === 'food' ? [[l.food.foodId, l.food.revision]] : []));
    const [id, recordId] = [uuid(), uuid()];
    await s.db
      .insertInto('count_record')
      .values({
        id: recordId,
        household_id: s.householdId,
        kind: 'card',
        version_id: version.id,
        version_revision: version.revision,
        foods: toJson(foods),
        programs: toJson(programsInUse(table).map((p) => [p.id, p.revision])),
        result: toJson({ v: 1, programs: card.programs, kcal: card.kcal }),
        created_at: nowOf(s),
      })
      .execute();
    await s.db
      .insertInto('card')
      .values({
        id,
        household_id: s.householdId,
        recipe_id: version.recipeId,
        version_id: version.id,
        token: newToken(),
        count_record_id: recordId,
        body: toStored('card', CardSchema, card),
        created_at: nowOf(s),
        withdrawn_at: null,
      })
      .execute();
    note(s, 'cards', version.recipeId, 0);
    return (await cardLinksOf(s, version.recipeId)).find((c) => c.id === id)!;
  });
}

export async function cardLinksOf(s: Scope, recipeId: string): Promise<CardLink[]> {
  const rows = await s.db
    .selectFrom('card')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('recipe_id', '=', recipeId)
    .orderBy('created_at', 'desc')
    .execute();
  return readable(
    rows,
    (r) => `card ${r.id}`,
    (r) => {
      const body = fromStored('card', CardSchema, r.body);
      return {
        id: r.id,
        recipeId: r.recipe_id,
        versionId: r.version_id,
        versionName: body.versionName,
        url: `${s.publicUrl}/c/${r.token}`,
        countedOn: body.countedOn,
        withdrawn: r.withdrawn_at !== null,
      };
    },
  );
}

/** Withdraws a card: its link is gone from now on. @throws DomainError not-found */
export function withdrawCard(scope: Scope, id: string): Promise<void> {
  return write(scope, async (s) => {
    const have = await s.db
      .selectFrom('card')
      .select(['recipe_id', 'withdrawn_at'])
      .where('household_id', '=', s.householdId)
      .where('id', '=', id)
      .executeTakeFirst();
    if (!have) throw notFound('card');
    if (have.withdrawn_at !== null) return;
    await s.db
      .updateTable('card')
      .set({ withdrawn_at: nowOf(s) })
      .where('household_id', '=', s.householdId)
      .where('id', '=', id)
      .execute();
    note(s, 'cards', have.recipe_id, 0);
  });
}

/**
 * The card under a token; null when there is none, it was withdrawn, or its recipe was removed: all look alike. A recipe
 * that is brought back has its cards again.
 */
export async function cardByToken(db: Db, token: string): Promise<Card | null> {
  const row = await db
    .selectFrom('card')
    .innerJoin('recipe', 'recipe.id', 'card.recipe_id')
    .innerJoin('household', 'household.id', 'card.household_id')
    .select(['card.body', 'card.withdrawn_at'])
    .where('card.token', '=', token)
    .where('recipe.removed_at', 'is', null)
    .where('household.removed_at', 'is', null)
    .executeTakeFirst();
  if (!row || row.withdrawn_at !== null) return null;
  return (
    readable(
      [row],
      () => `card ${token.slice(0, 4)}…`,
      (r) => fromStored('card', CardSchema, r.body),
    )[0] ?? null
  );
}
