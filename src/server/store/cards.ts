import { v7 as uuid } from 'uuid';
import { CardSchema } from '../../contract/card.ts';
import type { NewCard, PublishAgain } from '../../contract/card-api.ts';
import type { CardLink } from '../../contract/recipe.ts';
import type { Card } from '../../core/card/card.ts';
import { correctionOf } from '../../core/card/correction.ts';
import { inUse, notFound } from '../../core/errors.ts';
import type { RowOf } from '../db/schema.ts';
import { cardLinksOf } from './card-links.ts';
import { keepRecord, previewCard } from './card-making.ts';
import { checkEnd, newToken } from './card-token.ts';
import { pictureBytes } from './pictures.ts';
import { note, nowOf, type Scope } from './scope.ts';
import { fromStored, toStored } from './stored.ts';
import { getVersion } from './versions.ts';
import { write } from './write.ts';

/**
 * Keeps a card of a version under a new link, with the record of what it was counted from.
 *
 * @throws DomainError not-found, or invalid for a link that ends before it begins
 */
export function addCard(scope: Scope, versionId: string, { until }: NewCard): Promise<CardLink> {
  return write(scope, async (s) => {
    await checkEnd(s, until);
    const version = await getVersion(s, versionId);
    const card = await previewCard(s, versionId);
    const [id, recordId] = [uuid(), await keepRecord(s, version, card)];
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
        until_day: until,
        withdrawn_at: null,
      })
      .execute();
    await keepPicture(s, id, card);
    note(s, 'cards', version.recipeId, 0);
    return cardLinkOf(s, version.recipeId, id);
  });
}

/** A card shows the picture that it was published with: a copy of its own. */
async function keepPicture(s: Scope, cardId: string, { picture }: Card): Promise<void> {
  if (picture === null) return;
  const bytes = await pictureBytes(s, picture.id, 'large');
  await s.db
    .insertInto('card_picture')
    .values({ card_id: cardId, picture_id: picture.id, bytes })
    .onConflict((c) => c.doNothing())
    .execute();
}

const cardLinkOf = async (s: Scope, recipeId: string, id: string): Promise<CardLink> =>
  (await cardLinksOf(s, recipeId)).find((c) => c.id === id)!;

/** A card in sight. @throws DomainError not-found where there is none, or it was withdrawn */
async function cardInSight(s: Scope, id: string): Promise<RowOf<'card'>> {
  const row = await s.db
    .selectFrom('card')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('id', '=', id)
    .where('withdrawn_at', 'is', null)
    .executeTakeFirst();
  if (row === undefined) throw notFound('card');
  return row;
}

/**
 * Publishes a card as it counts now, under the link that it has, and says on it what was wrong; what it showed is kept.
 *
 * @throws DomainError not-found
 */
export function publishAgain(scope: Scope, id: string, wrong: PublishAgain): Promise<CardLink> {
  return write(scope, async (s) => {
    const row = await cardInSight(s, id);
    const version = await getVersion(s, row.version_id);
    const counted = await previewCard(s, version.id);
    const was = fromStored('card', CardSchema, row.body);
    const card = { ...counted, corrected: correctionOf(was, counted, wrong) };
    const last = await s.db
      .selectFrom('card_before')
      .select((e) => e.fn.max('seq').as('seq'))
      .where('card_id', '=', id)
      .executeTakeFirst();
    const { body, count_record_id, created_at } = row;
    await s.db
      .insertInto('card_before')
      .values({ card_id: id, seq: Number(last?.seq ?? 0) + 1, body, count_record_id, created_at })
      .execute();
    await s.db
      .updateTable('card')
      .set({
        body: toStored('card', CardSchema, card),
        count_record_id: await keepRecord(s, version, card),
        created_at: nowOf(s),
      })
      .where('id', '=', id)
      .execute();
    await keepPicture(s, id, card);
    note(s, 'cards', row.recipe_id, 0);
    return cardLinkOf(s, row.recipe_id, id);
  });
}

/** Shows again what a card showed before. @throws DomainError not-found; in-use where it was never published again */
export function publishBefore(scope: Scope, id: string): Promise<CardLink> {
  return write(scope, async (s) => {
    const row = await cardInSight(s, id);
    const before = await s.db
      .selectFrom('card_before')
      .selectAll()
      .where('card_id', '=', id)
      .orderBy('seq', 'desc')
      .executeTakeFirst();
    if (before === undefined)
      throw inUse('This card was published once only.', 'There is nothing before it to go back to.');
    const { body, count_record_id, created_at, seq } = before;
    await s.db.updateTable('card').set({ body, count_record_id, created_at }).where('id', '=', id).execute();
    await s.db.deleteFrom('card_before').where('card_id', '=', id).where('seq', '=', seq).execute();
    note(s, 'cards', row.recipe_id, 0);
    return cardLinkOf(s, row.recipe_id, id);
  });
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
