import { v7 as uuid } from 'uuid';
import { type SheetLink, SheetSchema } from '../../contract/sheet.ts';
import type { Card } from '../../core/card/card.ts';
import { programsOnCard, USUAL_PASS_ON } from '../../core/card/pass-on.ts';
import { makeSheet, type Sheet, type SheetWish, type WishedThing } from '../../core/card/sheet.ts';
import type { DaySources } from '../../core/day/count-entry.ts';
import type { DayEntry } from '../../core/day/day-entry.ts';
import { DomainError, notFound } from '../../core/errors.ts';
import { ALLERGEN_WORDS } from '../../core/food/food.ts';
import { dayIn } from '../../core/quantity/calendar-day.ts';
import type { RowOf } from '../db/schema.ts';
import { previewCard } from './card-making.ts';
import { checkEnd, newToken } from './card-token.ts';
import { daySources } from './day-sources.ts';
import { note, nowOf, type Scope, type StoreContext } from './scope.ts';
import { fromStored, readable, toStored } from './stored.ts';
import { tableOf } from './table.ts';
import { write } from './write.ts';

/** Counts several dishes as one sheet, without keeping it. */
export async function previewSheet(s: Scope, wish: SheetWish): Promise<Sheet> {
  const table = await tableOf(s);
  const sources = await daySources(s, wish.things.map(entryOfThing), [], true);
  const cards = new Map<string, Card | null>();
  for (const t of wish.things) {
    const id = versionOfThing(t, sources);
    if (id !== null && !cards.has(id)) cards.set(id, await cardOrNone(s, id));
  }
  return makeSheet({
    wish,
    programs: programsOnCard(table, { ...USUAL_PASS_ON, programs: wish.programs }),
    pins: table.pins,
    sources,
    cardOf: (t) => cards.get(versionOfThing(t, sources) ?? '') ?? null,
    allergensOf: ({ what }) =>
      what.kind === 'food' ? (sources.food(what.foodId)?.allergens ?? []).map((a) => ALLERGEN_WORDS[a]) : [],
    countedOn: dayIn(s.clock(), table.household.zone),
  });
}

const entryOfThing = (t: WishedThing): DayEntry => ({
  id: t.id,
  eaterId: 'reader',
  day: '2000-01-01',
  meal: 'meal',
  position: 0,
  what: t.what,
  words: t.words,
  portion: t.portion,
  spread: 0,
  state: 'planned',
});

/** The version that a thing is of; null for foods, and for what is only known by its points. */
function versionOfThing({ what }: WishedThing, from: DaySources): string | null {
  switch (what.kind) {
    case 'version':
      return what.versionId;
    case 'pot':
      return from.pot(what.potId)?.versionId ?? null;
    case 'cook':
      return from.cook(what.cookId)?.versionId ?? null;
    case 'box':
      return from.cook(from.box(what.boxId)?.cookId ?? '')?.versionId ?? null;
    default:
      return null;
  }
}

/** The card of a version; null where the recipe is gone. */
async function cardOrNone(s: Scope, versionId: string): Promise<Card | null> {
  try {
    return await previewCard(s, versionId);
  } catch (e) {
    if (e instanceof DomainError) return null;
    throw e;
  }
}

/** Keeps several dishes as one sheet under a new link. @throws DomainError invalid for a link that ends before today */
export function addSheet(scope: Scope, wish: SheetWish, until: string | null): Promise<SheetLink> {
  return write(scope, async (s) => {
    await checkEnd(s, until);
    const sheet = await previewSheet(s, wish);
    const id = uuid();
    await s.db
      .insertInto('sheet')
      .values({
        id,
        household_id: s.householdId,
        token: newToken(),
        body: toStored('sheet', SheetSchema, sheet),
        created_at: nowOf(s),
        until_day: until,
        withdrawn_at: null,
      })
      .execute();
    note(s, 'cards', s.householdId, 0);
    return (await sheetLinks(s)).find((l) => l.id === id)!;
  });
}

const readSheet = (r: Pick<RowOf<'sheet'>, 'body'>): Sheet => fromStored('sheet', SheetSchema, r.body);

/** The links that are out, the newest first. */
export async function sheetLinks(s: Scope): Promise<SheetLink[]> {
  const rows = await s.db
    .selectFrom('sheet')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('withdrawn_at', 'is', null)
    .orderBy('created_at', 'desc')
    .execute();
  const { household } = await tableOf(s);
  const today = dayIn(s.clock(), household.zone);
  return readable(
    rows,
    (r) => `sheet ${r.id}`,
    (r) => {
      const { title, kind, countedOn } = readSheet(r);
      const runOut = r.until_day !== null && r.until_day < today;
      return { id: r.id, title, kind, countedOn, url: `${s.publicUrl}/s/${r.token}`, until: r.until_day, runOut };
    },
  );
}

/** Withdraws a sheet: its link is gone from now on. @throws DomainError not-found */
export function withdrawSheet(scope: Scope, id: string): Promise<void> {
  return write(scope, async (s) => {
    const [row] = await s.db
      .updateTable('sheet')
      .set({ withdrawn_at: nowOf(s) })
      .where('household_id', '=', s.householdId)
      .where('id', '=', id)
      .where('withdrawn_at', 'is', null)
      .returning('id')
      .execute();
    if (row === undefined) throw notFound('sheet');
    note(s, 'cards', s.householdId, 0);
  });
}

/** The sheet under a token; null when there is none, it was withdrawn, or it ran out: all look alike. */
export async function sheetByToken(context: StoreContext, token: string): Promise<Sheet | null> {
  const row = await context.db
    .selectFrom('sheet')
    .innerJoin('household', 'household.id', 'sheet.household_id')
    .select(['sheet.id', 'sheet.body', 'sheet.until_day', 'household.zone'])
    .where('sheet.token', '=', token)
    .where('sheet.withdrawn_at', 'is', null)
    .where('household.removed_at', 'is', null)
    .executeTakeFirst();
  if (row === undefined) return null;
  if (row.until_day !== null && row.until_day < dayIn(context.clock(), row.zone)) return null;
  const [sheet] = readable([row], () => `sheet ${row.id}`, readSheet);
  return sheet ?? null;
}
