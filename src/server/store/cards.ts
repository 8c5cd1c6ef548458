import { randomBytes } from 'node:crypto';
import { v7 as uuid } from 'uuid';
import { CardSchema } from '../../contract/card.ts';
import type { Moved } from '../../contract/moved.ts';
import type { CardLink } from '../../contract/recipe.ts';
import { type Card, makeCard } from '../../core/card/card.ts';
import { learnedWeight } from '../../core/cook/learned-weight.ts';
import { countVersion } from '../../core/counting/count-version.ts';
import { inUse, notFound } from '../../core/errors.ts';
import { plainCounter } from '../../core/program/program.ts';
import { dayIn } from '../../core/quantity/calendar-day.ts';
import { programsInUse } from '../../core/table/table.ts';
import type { Version } from '../../core/version/version.ts';
import type { RowOf } from '../db/schema.ts';
import { cookedOnce } from './cook-shelf.ts';
import { innerVersions, kitchenFor } from './kitchen.ts';
import { swapShelfOf } from './own-swap-shelf.ts';
import { getRecipe } from './recipe-rows.ts';
import { note, nowOf, type Scope, type StoreContext, scopeOf } from './scope.ts';
import { fromStored, readable, toJson, toStored } from './stored.ts';
import { tableOf } from './table.ts';
import { findVersion, getVersion, versionsOf } from './versions.ts';
import { write } from './write.ts';

/** 128 random bits: a link that nobody guesses. */
const newToken = (): string => randomBytes(16).toString('base64url');

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
    countedOn: dayIn(s.clock(), table.household.zone),
    weighed: learnedWeight(await cookedOnce(s, recipe.id), version.id),
  });
}

/** Keeps what a card was counted from, and what came out. @returns the id of the record */
async function keepRecord(s: Scope, version: Version, card: Card): Promise<string> {
  const table = await tableOf(s);
  const foods = [version, ...(await innerVersions(s, [version]))]
    .flatMap((v) => v.lines)
    .flatMap((l) => (l.food.kind === 'food' ? [[l.food.foodId, l.food.revision]] : []));
  const id = uuid();
  await s.db
    .insertInto('count_record')
    .values({
      id,
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
  return id;
}

/** Keeps a card of a version under a new link, with the record of what it was counted from. */
export function addCard(scope: Scope, versionId: string): Promise<CardLink> {
  return write(scope, async (s) => {
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
        withdrawn_at: null,
      })
      .execute();
    note(s, 'cards', version.recipeId, 0);
    return cardLinkOf(s, version.recipeId, id);
  });
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

/** Publishes a card as it counts now, under the link that it has; what it showed is kept. @throws DomainError not-found */
export function publishAgain(scope: Scope, id: string): Promise<CardLink> {
  return write(scope, async (s) => {
    const row = await cardInSight(s, id);
    const version = await getVersion(s, row.version_id);
    const card = await previewCard(s, version.id);
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

/** A card with the points that its dish has by now, where they are others. */
export interface CardShown {
  readonly card: Card;
  readonly newer: Moved[];
}

/** What a card shows and what its dish comes to by now; null where it cannot be read. */
export async function newerCountOf(
  s: Scope,
  row: Pick<RowOf<'card'>, 'id' | 'version_id' | 'body'>,
): Promise<CardShown | null> {
  const [card] = readable(
    [row],
    () => `card ${row.id}`,
    (r) => fromStored('card', CardSchema, r.body),
  );
  if (card === undefined) return null;
  const version = await findVersion(s, row.version_id);
  if (version === null) return { card, newer: [] };
  const table = await tableOf(s);
  const programs = card.programs.map((p) => table.programs.find((q) => q.mark === p.mark) ?? null);
  const known = programs.filter((p) => p !== null);
  const counters = known.map((p) => plainCounter(p, table.pins));
  const { counts } = countVersion(version, await kitchenFor(s, [version]), counters);
  const newer = card.programs.flatMap((p): Moved[] => {
    const at = known.findIndex((q) => q.mark === p.mark);
    const now = at === -1 ? p.points : counts[at]!.points;
    return now === p.points ? [] : [{ mark: p.mark, was: p.points, now }];
  });
  return { card, newer };
}

export async function cardLinksOf(s: Scope, recipeId: string): Promise<CardLink[]> {
  const rows = await s.db
    .selectFrom('card')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('recipe_id', '=', recipeId)
    .orderBy('created_at', 'desc')
    .execute();
  const again = await s.db
    .selectFrom('card_before')
    .innerJoin('card', 'card.id', 'card_before.card_id')
    .select('card.id')
    .where('card.recipe_id', '=', recipeId)
    .execute();
  const links: CardLink[] = [];
  for (const r of rows) {
    const found = await newerCountOf(s, r);
    if (found === null) continue;
    const { card, newer } = found;
    const withdrawn = r.withdrawn_at !== null;
    links.push({
      id: r.id,
      recipeId: r.recipe_id,
      versionId: r.version_id,
      versionName: card.versionName,
      url: `${s.publicUrl}/c/${r.token}`,
      countedOn: card.countedOn,
      withdrawn,
      newer: withdrawn ? [] : newer,
      again: again.some((a) => a.id === r.id),
    });
  }
  return links;
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
export async function cardByToken(context: StoreContext, token: string): Promise<CardShown | null> {
  const row = await context.db
    .selectFrom('card')
    .innerJoin('recipe', 'recipe.id', 'card.recipe_id')
    .innerJoin('household', 'household.id', 'card.household_id')
    .select(['card.id', 'card.household_id', 'card.version_id', 'card.body', 'card.withdrawn_at'])
    .where('card.token', '=', token)
    .where('recipe.removed_at', 'is', null)
    .where('household.removed_at', 'is', null)
    .executeTakeFirst();
  if (!row || row.withdrawn_at !== null) return null;
  return newerCountOf(scopeOf(context, row.household_id), row);
}
