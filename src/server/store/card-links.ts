import { CardSchema } from '../../contract/card.ts';
import type { Moved } from '../../contract/moved.ts';
import type { CardLink } from '../../contract/recipe.ts';
import type { Card } from '../../core/card/card.ts';
import { correctionText } from '../../core/card/correction.ts';
import { countVersion } from '../../core/counting/count-version.ts';
import { plainCounter } from '../../core/program/program.ts';
import { dayIn } from '../../core/quantity/calendar-day.ts';
import type { RowOf } from '../db/schema.ts';
import { kitchenFor } from './kitchen.ts';
import { type Scope, type StoreContext, scopeOf } from './scope.ts';
import { shownOnce } from './shown-cards.ts';
import { fromStored, readable } from './stored.ts';
import { tableOf } from './table.ts';
import { findVersion } from './versions.ts';

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
  const { household } = await tableOf(s);
  const today = dayIn(s.clock(), household.zone);
  const links: CardLink[] = [];
  for (const r of rows) {
    const found = await newerCountOf(s, r);
    if (found === null) continue;
    const { card, newer } = found;
    const withdrawn = r.withdrawn_at !== null;
    const url = `${s.publicUrl}/c/${r.token}`;
    links.push({
      id: r.id,
      recipeId: r.recipe_id,
      versionId: r.version_id,
      versionName: card.versionName,
      url,
      countedOn: card.countedOn,
      withdrawn,
      newer: withdrawn ? [] : newer,
      until: r.until_day,
      runOut: r.until_day !== null && r.until_day < today,
      correction: correctionText(card, withdrawn ? null : url),
      again: again.some((a) => a.id === r.id),
    });
  }
  return links;
}

/**
 * The card under a token; null when there is none, it was withdrawn, it ran out, or its recipe was removed: all look
 * alike. A recipe that is brought back has its cards again.
 */
export async function cardByToken(context: StoreContext, token: string): Promise<CardShown | null> {
  const row = await context.db
    .selectFrom('card')
    .innerJoin('recipe', 'recipe.id', 'card.recipe_id')
    .innerJoin('household', 'household.id', 'card.household_id')
    .select([
      'card.id',
      'card.household_id',
      'card.version_id',
      'card.body',
      'card.withdrawn_at',
      'card.until_day',
      'household.zone',
    ])
    .where('card.token', '=', token)
    .where('recipe.removed_at', 'is', null)
    .where('household.removed_at', 'is', null)
    .executeTakeFirst();
  if (!row || row.withdrawn_at !== null) return null;
  if (row.until_day !== null && row.until_day < dayIn(context.clock(), row.zone)) return null;
  return shownOnce(context.changes, row.household_id, row, () => newerCountOf(scopeOf(context, row.household_id), row));
}

/** The picture that the card under a token shows, WebP; null where there is none, as for the card. */
export async function cardPicture(context: StoreContext, token: string): Promise<Uint8Array | null> {
  const shown = await cardByToken(context, token);
  if (shown === null || shown.card.picture === null) return null;
  const row = await context.db
    .selectFrom('card_picture')
    .innerJoin('card', 'card.id', 'card_picture.card_id')
    .select('card_picture.bytes')
    .where('card.token', '=', token)
    .where('card_picture.picture_id', '=', shown.card.picture.id)
    .executeTakeFirst();
  return row?.bytes ?? null;
}
