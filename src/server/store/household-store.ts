import { v7 as uuid } from 'uuid';
import type { BookletWish } from '../../contract/booklet-api.ts';
import type { NewCard, PublishAgain } from '../../contract/card-api.ts';
import type { Batch } from '../../contract/food.ts';
import type { Picture } from '../../contract/picture.ts';
import type { NewRecipe, RecipeQuery } from '../../contract/recipe.ts';
import type { SheetSource } from '../../contract/sheet.ts';
import type { NewVerdict } from '../../contract/verdict.ts';
import type { FitsQuery } from '../../contract/week-api.ts';
import type { SheetWish } from '../../core/card/sheet.ts';
import { countVersion } from '../../core/counting/count-version.ts';
import type { DocumentName } from '../../core/documents/document-names.ts';
import { verdictId } from '../../core/documents/pair-ids.ts';
import { invalid, notFound, stale } from '../../core/errors.ts';
import type { HouseholdPart } from '../../core/exchange/parts-of-household.ts';
import type { Food } from '../../core/food/food.ts';
import type { Entry } from '../../core/history/entry.ts';
import type { FieldKind } from '../../core/history/field-change.ts';
import type { Program } from '../../core/program/program.ts';
import { judgedSwaps, type Verdict } from '../../core/swap/verdict.ts';
import { countersAt } from '../../core/table/table.ts';
import type { CarriedHousehold } from '../exchange/household-archive.ts';
import type { ShrunkPicture } from '../pictures/shrink-picture.ts';
import { BARCODES } from './barcode-shelf.ts';
import { bindBooklet } from './booklets.ts';
import { previewCard } from './card-making.ts';
import * as cards from './cards.ts';
import { BOX_KINDS, boxesThere, cooksAtStove, cooksOf, EMPTY_VESSELS } from './cook-shelf.ts';
import { CORRECTIONS, correctionsOf } from './correction-shelf.ts';
import { EATER_DAYS, POTS } from './day-shelf.ts';
import * as drift from './drift.ts';
import { BOXES_EATEN, EATEN } from './eaten.ts';
import { EATERS } from './eater-shelf.ts';
import * as entries from './entries.ts';
import { FEASTS } from './feast-shelf.ts';
import * as feasts from './feasts.ts';
import { whatFits } from './fits.ts';
import { outdatedLines } from './food-drift.ts';
import { foodOwner } from './food-owner.ts';
import { searchPantry } from './food-search.ts';
import * as foodWriting from './food-writing.ts';
import * as foods from './foods.ts';
import { aboutExport, exportHousehold } from './household-export.ts';
import { HOUSEHOLD } from './household-shelf.ts';
import { previewTakeIn, takeIn } from './household-take-in.ts';
import { zoneOf } from './households.ts';
import { forgetEater, keptOf } from './kept-of-eater.ts';
import { kitchenFor } from './kitchen.ts';
import { lookBackOn } from './look-back.ts';
import { OBSERVATIONS } from './observation-shelf.ts';
import { COOKS_OF_POTS, platesOnDays } from './onto-day.ts';
import { OUTSIDE_VERDICTS } from './outside-shelf.ts';
import { OWN_SWAPS, ownSwapsOf } from './own-swap-shelf.ts';
import * as pictures from './pictures.ts';
import { PINS } from './pin-shelf.ts';
import { PREPS } from './prep-shelf.ts';
import * as programWriting from './program-writing.ts';
import { weekOffer } from './proposing.ts';
import { RECIPE_HEADS } from './recipe-head-shelf.ts';
import { recipeList } from './recipe-list.ts';
import { recipePage } from './recipe-page.ts';
import { foodsInRecipes, recipesUsing } from './recipe-rows.ts';
import { addRecipe } from './recipes.ts';
import { type Scope, type StoreContext, scopeOf } from './scope.ts';
import { draftSheet } from './sheet-drafts.ts';
import * as sheets from './sheets.ts';
import type { Shelf } from './shelf.ts';
import { planCosts, TRIPS_HOME, toGet, tripHome } from './shopping.ts';
import { STOCK, stockOf } from './stock-shelf.ts';
import { tableOf } from './table.ts';
import { takeForVersion } from './take-for-version.ts';
import type { TakeInWish } from './taking-in.ts';
import { toldRecipes, toldVersion } from './told-recipes.ts';
import { type TreatQuery, treatOf } from './treat.ts';
import { BUYING, TRIPS } from './trip-shelf.ts';
import { turnOfDay } from './turn-of-day.ts';
import { unpacked } from './unpacked.ts';
import { VERDICTS } from './verdict-shelf.ts';
import { VERSIONS } from './version-shelf.ts';
import { getVersion } from './versions.ts';
import { countAnew, groupsFrom, weekFrom } from './weeks.ts';
import { write } from './write.ts';

// The engine keeps every kind apart by its shelf; here they stand side by side under one type.
// biome-ignore lint/suspicious/noExplicitAny: each shelf checks its own documents and changes
type AnyShelf = Shelf<any, any>;

/** Where every kind of document lies. */
export const SHELVES: Readonly<Record<DocumentName, AnyShelf>> = {
  versions: VERSIONS,
  recipes: RECIPE_HEADS,
  feasts: FEASTS,
  eaters: EATERS,
  household: HOUSEHOLD,
  swaps: OWN_SWAPS,
  stock: STOCK,
  pins: PINS,
  barcodes: BARCODES,
  observations: OBSERVATIONS,
  corrections: CORRECTIONS,
  verdicts: VERDICTS,
  vessels: EMPTY_VESSELS,
  'box-kinds': BOX_KINDS,
  cooks: COOKS_OF_POTS,
  boxes: BOXES_EATEN,
  'day-entries': EATEN,
  days: EATER_DAYS,
  pots: POTS,
  preps: PREPS,
  'outside-verdicts': OUTSIDE_VERDICTS,
  trips: TRIPS_HOME,
  buying: BUYING,
};

export type HouseholdStore = Awaited<ReturnType<typeof householdStore>>;

/**
 * One household's store: all that a route gets. What it hands out and takes in is this household's; the same id in
 * another is not there.
 *
 * @throws DomainError not-found when there is no such household
 */
export async function householdStore(context: StoreContext, householdId: string) {
  const zone = await zoneOf(context, householdId);
  if (zone === null) throw notFound('household');
  const s: Scope = scopeOf(context, householdId);
  await turnOfDay(s, zone);
  return {
    id: householdId,
    table: () => tableOf(s),
    documents: documentsOf(s),
    recipes: {
      list: (query: RecipeQuery) => recipeList(s, query),
      page: (id: string) => recipePage(s, id),
      add: (recipe: NewRecipe) => addRecipe(s, recipe),
      using: (foodId: string) => recipesUsing(s, foodId),
      foodsUsed: () => foodsInRecipes(s),
    },
    versions: {
      get: (id: string) => getVersion(s, id),
      count: (id: string) => countedVersion(s, id),
    },
    pictures: {
      add: (recipeId: string, kind: Picture['kind'], cookId: string | null, shrunk: ShrunkPicture) =>
        pictures.addPicture(s, recipeId, kind, cookId, shrunk),
      mark: (id: string, removed: boolean) => pictures.markPicture(s, id, removed),
      bytes: (id: string, size: 'small' | 'large') => pictures.pictureBytes(s, id, size),
    },
    cards: {
      preview: (versionId: string) => previewCard(s, versionId),
      add: (versionId: string, made: NewCard) => cards.addCard(s, versionId, made),
      withdraw: (id: string) => cards.withdrawCard(s, id),
      again: (id: string, wrong: PublishAgain) => cards.publishAgain(s, id, wrong),
      before: (id: string) => cards.publishBefore(s, id),
    },
    exchange: {
      out: (only: ReadonlySet<HouseholdPart> | null = null) => exportHousehold(s, only),
      about: () => aboutExport(s),
      booklet: (wish: BookletWish) => bindBooklet(s, wish),
      toldVersion: (id: string) => toldVersion(s, id),
      toldRecipes: () => toldRecipes(s),
      /** What bytes hold: a household, or recipes in any format. */
      unpacked: (bytes: Uint8Array) => unpacked(s, bytes),
      preview: (carried: CarriedHousehold) => previewTakeIn(s, carried),
      takeIn: (carried: CarriedHousehold, wish: TakeInWish, told: (done: number, total: number) => void) =>
        takeIn(s, carried, wish, told),
    },
    sheets: {
      draft: (from: SheetSource) => draftSheet(s, from),
      preview: (wish: SheetWish) => sheets.previewSheet(s, wish),
      add: (wish: SheetWish, until: string | null) => sheets.addSheet(s, wish, until),
      all: () => sheets.sheetLinks(s),
      withdraw: (id: string) => sheets.withdrawSheet(s, id),
    },
    drift: {
      all: () => drift.driftOf(s),
      putAside: (id: string, aside: boolean) => drift.putAside(s, id, aside),
      outdatedLines: (foodId: string) => outdatedLines(s, foodId),
    },
    feasts: {
      list: () => feasts.feastList(s),
      page: (id: string) => feasts.feastPage(s, id),
      count: (id: string) => feasts.countedFeast(s, id),
      take: (
        id: string,
        on: entries.MadeOn,
        entry: Parameters<typeof feasts.takeForFeast>[3],
        dishes: readonly feasts.TakenDish[],
      ) => feasts.takeForFeast(s, id, on, entry, dishes),
    },
    programs: {
      put: (program: Program, expected: number | null) => programWriting.putProgram(s, program, expected),
      remove: (id: string) => programWriting.removeProgram(s, id),
      restore: (id: string) => programWriting.restoreProgram(s, id),
      revisions: (id: string) => programWriting.programRevisions(s, id),
      removed: () => programWriting.removedPrograms(s),
    },
    observations: () => OBSERVATIONS.all(s, 'rowid'),
    cooks: (recipeId: string) => cooksOf(s, recipeId),
    atStove: () => cooksAtStove(s),
    boxes: (recipeId: string | undefined) => boxesThere(s, recipeId),
    week: (from: string | undefined, days: number) => weekFrom(s, from, days),
    countAnew: (entryId: string) => countAnew(s, entryId),
    groups: (from: string | undefined, days: number) => groupsFrom(s, from, days),
    fits: (query: FitsQuery) => whatFits(s, query),
    treat: (recipeId: string, query: TreatQuery) => treatOf(s, recipeId, query),
    lookBack: (eaterId: string, from: string, to: string | undefined) => lookBackOn(s, eaterId, from, to),
    toGet: (from: string, to: string) => toGet(s, from, to),
    costs: (from: string, to: string) => planCosts(s, from, to),
    platesOnDays: (cookId: string) => platesOnDays(s, cookId),
    keptOf: (eaterId: string) => keptOf(s, eaterId),
    forgetKept: (eaterId: string) => forgetEater(s, eaterId),
    tripHome: (tripId: string) => tripHome(s, tripId),
    offer: (from: string, to: string) => weekOffer(s, from, to),
    preps: () => PREPS.all(s, 'day desc'),
    outside: () => OUTSIDE_VERDICTS.all(s, 'id desc'),
    trips: () => TRIPS.all(s, 'made desc'),
    buying: () => BUYING.all(s, 'shop, food_id'),
    vessels: () => EMPTY_VESSELS.all(s, 'name, rowid'),
    boxKinds: () => BOX_KINDS.all(s, 'name, rowid'),
    swaps: () => ownSwapsOf(s),
    verdicts: {
      list: () => VERDICTS.all(s),
      put: (verdict: NewVerdict) => putVerdict(s, verdict),
    },
    stock: {
      list: () => stockOf(s),
      take: (versionId: string) => takeForVersion(s, versionId),
    },
    foods: {
      pantry: () => foods.pantryOf(s),
      newest: (ids: readonly string[]) => foods.newestFoods(s, ids),
      search: (text: string, most: number) => searchPantry(s, text, most),
      own: () => foods.ownFoodIds(s),
      put: (food: Food, expected: number | null) => foodWriting.putFood(s, food, expected, stale),
      remove: (id: string) => foodWriting.removeFood(s, id),
      restore: (id: string) => foodWriting.restoreFood(s, id),
      revisions: async (id: string) => {
        if (!(await foodOwner(s, id))) throw notFound('food');
        return foods.revisionsOf(s, id);
      },
      correction: async (id: string) => {
        const own = (await CORRECTIONS.all(s)).find((c) => c.foodId === id);
        return own ?? { foodId: id, synonyms: [], measures: [], revision: 0 };
      },
      batch: (batch: Batch) => foodWriting.writeBatch(s, batch, putCorrection),
    },
    corrections: () => correctionsOf(s),
    foodOfBarcode: async (code: string): Promise<string | null> => {
      const found = await BARCODES.find(s, code);
      return found === null || found.removed ? null : found.document.foodId;
    },
  };
}

function documentsOf(s: Scope) {
  const shelf = (name: DocumentName): AnyShelf => SHELVES[name];
  return {
    kept: (name: DocumentName, id: string) => entries.keptDocument(s, shelf(name), id),
    entries: (name: DocumentName, id: string, before: string) => entries.entriesOf(s, shelf(name), id, { before }),
    make: (name: DocumentName, id: string, document: unknown) => entries.makeDocument(s, shelf(name), id, document),
    append: (name: DocumentName, id: string, entry: Entry<unknown>, on: entries.MadeOn) =>
      entries.appendEntry(s, shelf(name), id, entry, on),
    /** Puts a whole document in place of the one at a revision, or makes it when there is none. */
    put: (name: DocumentName, id: string, document: unknown, expected: number | null, onBlind: () => Error) =>
      putDocument(s, shelf(name), id, document, expected, onBlind),
    remove: (name: DocumentName, id: string) => entries.removeDocument(s, shelf(name), id),
    restore: (name: DocumentName, id: string) => entries.restoreDocument(s, shelf(name), id),
  };
}

/**
 * @param onBlind what to throw when it is there and nobody said which state is to be changed
 * @throws DomainError stale when it is at another state than expected
 */
function putDocument(
  scope: Scope,
  shelf: AnyShelf,
  id: string,
  document: unknown,
  expected: number | null,
  onBlind: () => Error,
) {
  return write(scope, async (s) => {
    const found = await shelf.find(s, id);
    if (found === null) {
      if (expected !== null && expected !== 0) throw stale();
      return entries.makeDocument(s, shelf, id, document);
    }
    const changes = (shelf.kind as FieldKind<unknown>).changes(found.document, document);
    if (changes.length === 0 && !found.removed) return entries.keptDocument(s, shelf, id);
    if (expected === null) throw onBlind();
    if (expected !== found.revision) throw stale();
    if (found.removed) await entries.restoreDocument(s, shelf, id);
    if (changes.length === 0) return entries.keptDocument(s, shelf, id);
    const base = found.removed ? expected + 1 : expected;
    return entries.appendEntry(s, shelf, id, { id: uuid(), label: 'Change', changes, undoes: null }, { exactly: base });
  });
}

/** Puts an eater's verdict of a version, with the swaps that the version has now. */
function putVerdict(scope: Scope, said: NewVerdict): Promise<Verdict> {
  return write(scope, async (s) => {
    const version = await getVersion(s, said.versionId);
    const named = version.lines.flatMap((l) => (l.food.kind === 'food' ? [l.food.foodId] : []));
    const byId = new Map((await foods.newestFoods(s, named)).map((f) => [f.id, f]));
    const full: Verdict = { ...said, swaps: judgedSwaps(version, (id) => byId.get(id) ?? null) };
    const id = verdictId(full);
    const found = await VERDICTS.find(s, id);
    if (found === null) await entries.makeDocument(s, VERDICTS, id, full);
    else {
      if (found.removed) await entries.restoreDocument(s, VERDICTS, id);
      await VERDICTS.check?.(s, id, full, found.document);
      await VERDICTS.update(s, id, full, found.revision + 2);
    }
    return full;
  });
}

async function putCorrection(s: Scope, correction: Batch['corrections'][number]): Promise<void> {
  const found = await CORRECTIONS.find(s, correction.foodId);
  const refuse = () => invalid('A correction was changed in the meantime.');
  await putDocument(s, CORRECTIONS, correction.foodId, correction, found?.revision ?? null, refuse);
}

/** A version counted for everyone who counts, as the API tells it. */
async function countedVersion(s: Scope, id: string) {
  const version = await getVersion(s, id);
  const counting = countersAt(await tableOf(s));
  const counted = countVersion(
    version,
    await kitchenFor(s, [version]),
    counting.map((c) => c.counter),
  );
  return {
    servings: counted.servings,
    servingGrams: counted.servingGrams,
    perServing: counted.perServing,
    eaters: counting.map((c, i) => ({ eater: c.eater.name, mark: c.program.mark, ...counted.counts[i]! })),
    open: counted.open,
    saltLeftOut: counted.saltLeftOut,
  };
}
