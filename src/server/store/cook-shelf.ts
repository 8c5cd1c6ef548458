import { BoxKindSchema, BoxSchema, CookSchema, VesselSchema } from '../../contract/cook.ts';
import type { BoxKind } from '../../core/cook/box-kind.ts';
import type { Box, Cook, Vessel } from '../../core/cook/cook.ts';
import { isAtStove } from '../../core/cook/is-at-stove.ts';
import type { CookedOnce } from '../../core/cook/learned-weight.ts';
import { BOX_KIND, BOX_KIND_KIND, COOK_KIND, VESSEL_KIND } from '../../core/documents/document-kinds.ts';
import { inUse, invalid } from '../../core/errors.ts';
import { rowShelf } from './row-shelf.ts';
import type { Scope } from './scope.ts';
import { requireSame } from './shelf.ts';
import { fromStored, readable, toStored } from './stored.ts';

/** Scales and sums are off by so much. */
const OFF = 1e-6;

/** What pots and dishes weigh empty. */
export const EMPTY_VESSELS = rowShelf<Vessel, 'vessel'>({
  name: 'vessels',
  what: 'vessel',
  kind: VESSEL_KIND,
  schema: VesselSchema,
  first: 1,
  table: 'vessel',
  keys: (id) => ({ id }),
  read: ({ id, name, grams, millilitres }) => VesselSchema.parse({ id, name, grams, millilitres }),
  columns: ({ name, grams, millilitres }) => ({ name, grams, millilitres }),
  check: async (_s, id, vessel) => requireSame(id, vessel.id),
});

/** The kinds of boxes that a household has. */
export const BOX_KINDS = rowShelf<BoxKind, 'box_kind'>({
  name: 'box-kinds',
  what: 'kind of box',
  kind: BOX_KIND_KIND,
  schema: BoxKindSchema,
  first: 1,
  table: 'box_kind',
  keys: (id) => ({ id }),
  read: (r) => fromStored('box-kind', BoxKindSchema, r.body),
  columns: (kind) => ({ name: kind.name, body: toStored('box-kind', BoxKindSchema, kind) }),
  check: async (_s, id, kind) => requireSame(id, kind.id),
});

/** The times that dishes were cooked. */
export const COOKS = rowShelf<Cook, 'cook'>({
  name: 'cooks',
  what: 'cook',
  kind: COOK_KIND,
  schema: CookSchema,
  first: 1,
  table: 'cook',
  keys: (id) => ({ id }),
  read: (r) => fromStored('cook', CookSchema, r.body),
  columns: (cook) => ({ recipe_id: cook.recipeId, day: cook.day, body: toStored('cook', CookSchema, cook) }),
  check: async (s, id, cook) => {
    requireSame(id, cook.id);
    const there = await s.db
      .selectFrom('version')
      .select('recipe_id')
      .where('household_id', '=', s.householdId)
      .where('id', 'in', [cook.fromId, cook.versionId])
      .execute();
    if (there.length === 0 || there.some((v) => v.recipe_id !== cook.recipeId))
      throw invalid('There is no such version of this recipe.', 'Open the recipe again.');
    const plates = Object.values(cook.plates).reduce((a, b) => a + b, 0);
    if (plates + (await boxed(s, id, null)) > 1 + OFF) throw tooMuch();
  },
  checkRemoval: async (s, id) => {
    const boxes = (await boxesOf(s, id)).filter((b) => b.taken === null);
    if (boxes.length > 0)
      throw inUse(
        'Boxes of it are still there.',
        `Take or remove ${boxes.length === 1 ? 'the box' : 'the boxes'} first.`,
      );
  },
});

/** What stands in fridge and freezer. */
export const BOXES = rowShelf<Box, 'box'>({
  name: 'boxes',
  what: 'box',
  kind: BOX_KIND,
  schema: BoxSchema,
  first: 1,
  table: 'box',
  keys: (id) => ({ id }),
  read: (r) => fromStored('box', BoxSchema, r.body),
  columns: (box) => ({
    cook_id: box.cookId,
    keep_until: box.keepUntil,
    taken_at: box.taken?.at ?? null,
    body: toStored('box', BoxSchema, box),
  }),
  check: async (s, id, box) => {
    requireSame(id, box.id);
    const cook = await COOKS.find(s, box.cookId);
    if (cook === null || cook.removed) throw invalid('There is no such cook.', 'Open the recipe again.');
    const plates = Object.values(cook.document.plates).reduce((a, b) => a + b, 0);
    if (plates + (await boxed(s, box.cookId, id)) + box.share > 1 + OFF) throw tooMuch();
  },
});

const tooMuch = () =>
  invalid('Plates and boxes take more than came out.', 'Make one of them smaller, or weigh the pot again.');

async function boxesOf(s: Scope, cookId: string): Promise<Box[]> {
  const rows = await s.db
    .selectFrom('box')
    .select('body')
    .where('household_id', '=', s.householdId)
    .where('cook_id', '=', cookId)
    .where('removed_at', 'is', null)
    .execute();
  return rows.map((r) => fromStored('box', BoxSchema, r.body));
}

/** How much of a dish is in boxes. @param but one that is left out */
async function boxed(s: Scope, cookId: string, but: string | null): Promise<number> {
  return (await boxesOf(s, cookId)).filter((b) => b.id !== but).reduce((sum, b) => sum + b.share, 0);
}

/** So long a box that was taken is still told of: how it had kept can be said. */
const TOLD_DAYS = 21;

/** The boxes that are there, and those taken lately, the first to be eaten first; of one recipe all that ever were. */
export async function boxesThere(
  s: Scope,
  recipeId: string | undefined,
): Promise<(Box & { readonly revision: number })[]> {
  const since = new Date(s.clock().getTime() - TOLD_DAYS * 86_400_000).toISOString();
  // Years of boxes that were eaten are left where they are.
  const rows = await s.db
    .selectFrom('box')
    .innerJoin('cook', 'cook.id', 'box.cook_id')
    .select(['box.id', 'box.body', 'box.revision'])
    .where('box.household_id', '=', s.householdId)
    .where('box.removed_at', 'is', null)
    .where((e) =>
      recipeId === undefined
        ? e.or([e('box.taken_at', 'is', null), e('box.taken_at', '>=', since)])
        : e('cook.recipe_id', '=', recipeId),
    )
    .orderBy('box.keep_until')
    .orderBy('box.id')
    .execute();
  return readable(
    rows,
    (r) => `box ${r.id}`,
    (r) => ({ ...fromStored('box', BoxSchema, r.body), revision: r.revision }),
  );
}

/** The times that a recipe was cooked, the newest first. */
export async function cooksOf(s: Scope, recipeId: string): Promise<(Cook & { readonly revision: number })[]> {
  const rows = await s.db
    .selectFrom('cook')
    .selectAll()
    .where('household_id', '=', s.householdId)
    .where('recipe_id', '=', recipeId)
    .where('removed_at', 'is', null)
    .orderBy('day', 'desc')
    .orderBy('id', 'desc')
    .execute();
  return readable(
    rows,
    (r) => `cook ${r.id}`,
    (r) => ({ ...fromStored('cook', CookSchema, r.body), revision: r.revision }),
  );
}

/** The same, as a page tells of it, without what each was counted from. */
export const cookedOnce = async (s: Scope, recipeId: string): Promise<CookedOnce[]> =>
  (await cooksOf(s, recipeId)).map(({ id, day, as, fromId, versionId, out, note }) => ({
    id,
    day,
    fromId,
    versionId,
    // A kit is weighed raw.
    grams: as === 'kits' ? null : (out?.grams ?? null),
    note,
  }));

/** So many days something may stand at the stove that was begun: a dough rests for one night, a cure for two. */
const STANDS_DAYS = 3;

/** What was begun at the stove lately and is not dished up, or has a timer still, the newest first. */
export async function cooksAtStove(
  s: Scope,
): Promise<(Cook & { readonly revision: number; readonly title: string })[]> {
  const since = new Date(s.clock().getTime() - STANDS_DAYS * 86_400_000).toISOString().slice(0, 10);
  const rows = await s.db
    .selectFrom('cook')
    .innerJoin('recipe', 'recipe.id', 'cook.recipe_id')
    .select(['cook.id', 'cook.body', 'cook.revision', 'recipe.title'])
    .where('cook.household_id', '=', s.householdId)
    .where('cook.removed_at', 'is', null)
    .where('recipe.removed_at', 'is', null)
    .where('cook.day', '>=', since)
    .orderBy('cook.day', 'desc')
    .orderBy('cook.id', 'desc')
    .execute();
  return readable(
    rows,
    (r) => `cook ${r.id}`,
    (r) => ({ ...fromStored('cook', CookSchema, r.body), revision: r.revision, title: r.title }),
  ).filter(isAtStove);
}
