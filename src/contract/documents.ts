import { z } from 'zod';
import type { OutsideVerdict } from '../core/card/outside-verdict.ts';
import type { BoxKind } from '../core/cook/box-kind.ts';
import type { Box, Cook, Vessel } from '../core/cook/cook.ts';
import type { DayEntry } from '../core/day/day-entry.ts';
import type { EaterDay } from '../core/day/eater-day.ts';
import type { Pot } from '../core/day/pot.ts';
import {
  BARCODE_KIND,
  BOX_KIND,
  BOX_KIND_KIND,
  COOK_KIND,
  CORRECTION_KIND,
  EATER_KIND,
  FEAST_KIND,
  HOUSEHOLD_KIND,
  type KnownBarcode,
  OBSERVATION_KIND,
  PIN_KIND,
  STOCK_KIND,
  SWAP_KIND,
  VERDICT_KIND,
  VESSEL_KIND,
} from '../core/documents/document-kinds.ts';
import type { DocumentName } from '../core/documents/document-names.ts';
import { OUTSIDE_KIND } from '../core/documents/outside-kind.ts';
import { RECIPE_KIND, type RecipeHead } from '../core/documents/recipe-kind.ts';
import {
  BUYING_KIND,
  DAY_ENTRY_KIND,
  EATER_DAY_KIND,
  POT_KIND,
  PREP_KIND,
  TRIP_KIND,
} from '../core/documents/week-kinds.ts';
import type { Feast } from '../core/feast/feast.ts';
import type { FoodCorrection } from '../core/food/food-correction.ts';
import type { DocumentKind } from '../core/history/document-kind.ts';
import type { FieldChange } from '../core/history/field-change.ts';
import type { Prep } from '../core/prep/prep.ts';
import type { SaidPin } from '../core/program/program.ts';
import type { Buying } from '../core/shopping/buying.ts';
import type { Trip } from '../core/shopping/trip.ts';
import type { StockItem } from '../core/stock/stock.ts';
import type { OwnSwap } from '../core/swap/own-swap.ts';
import type { Verdict } from '../core/swap/verdict.ts';
import type { Eater, Household } from '../core/table/table.ts';
import type { Observation } from '../core/teach/observation.ts';
import { type Change, VERSION_KIND } from '../core/version/entry.ts';
import type { Version } from '../core/version/version.ts';
import { BoxKindSchema, BoxSchema, CookSchema, VesselSchema } from './cook.ts';
import { CreditSchema } from './credit.ts';
import { DayEntrySchema, EaterDaySchema, PotSchema } from './day.ts';
import { FieldChangeSchema } from './entry.ts';
import { FeastSchema } from './feast.ts';
import { FoodCorrectionSchema } from './food.ts';
import { EaterSchema, HouseholdSchema } from './household.ts';
import { ObservationSchema } from './observation.ts';
import { OutsideVerdictSchema } from './outside-verdict.ts';
import { PassOnSchema } from './pass-on.ts';
import { PrepSchema } from './prep.ts';
import { Id } from './primitives.ts';
import { SaidPinSchema } from './program.ts';
import { RecipeSchema } from './recipe.ts';
import { schemaOf } from './schema-of.ts';
import { BuyingSchema, TripSchema } from './shopping.ts';
import { StockItemSchema } from './stock.ts';
import { OwnSwapSchema } from './swap.ts';
import { VerdictSchema } from './verdict.ts';
import { VersionChangeSchema, VersionSchema } from './version.ts';

export const RecipeHeadSchema: z.ZodType<RecipeHead> = schemaOf<RecipeHead>()(
  z.object({
    title: RecipeSchema.shape.title,
    credit: CreditSchema,
    settled: RecipeSchema.shape.settled,
    shownVersionId: RecipeSchema.shape.shownVersionId,
    favourite: RecipeSchema.shape.favourite,
    claims: RecipeSchema.shape.claims,
    passOn: PassOnSchema,
  }),
);
export const BarcodeSchema: z.ZodType<KnownBarcode> = schemaOf<KnownBarcode>()(
  z.object({ code: z.string().regex(/^\d{8,14}$/), foodId: Id }),
);

/** What each kind of document is made of, and what one change of it looks like. */
export interface DocumentTypes {
  versions: { document: Version; change: Change };
  recipes: { document: RecipeHead; change: FieldChange };
  feasts: { document: Feast; change: FieldChange };
  eaters: { document: Eater; change: FieldChange };
  household: { document: Household; change: FieldChange };
  swaps: { document: OwnSwap; change: FieldChange };
  stock: { document: StockItem; change: FieldChange };
  pins: { document: SaidPin; change: FieldChange };
  barcodes: { document: KnownBarcode; change: FieldChange };
  corrections: { document: FoodCorrection; change: FieldChange };
  verdicts: { document: Verdict; change: FieldChange };
  observations: { document: Observation; change: FieldChange };
  vessels: { document: Vessel; change: FieldChange };
  'box-kinds': { document: BoxKind; change: FieldChange };
  cooks: { document: Cook; change: FieldChange };
  boxes: { document: Box; change: FieldChange };
  'day-entries': { document: DayEntry; change: FieldChange };
  days: { document: EaterDay; change: FieldChange };
  pots: { document: Pot; change: FieldChange };
  preps: { document: Prep; change: FieldChange };
  'outside-verdicts': { document: OutsideVerdict; change: FieldChange };
  trips: { document: Trip; change: FieldChange };
  buying: { document: Buying; change: FieldChange };
}
export type DocumentOf<N extends DocumentName> = DocumentTypes[N]['document'];
export type ChangeOf<N extends DocumentName> = DocumentTypes[N]['change'];

/** How a kind of document is checked and changed. */
export interface DocumentSpec<D, C> {
  readonly kind: DocumentKind<D, C>;
  readonly schema: z.ZodType<D>;
  readonly change: z.ZodType<C>;
}

const fields = <D>(kind: DocumentKind<D, FieldChange>, schema: z.ZodType<D>): DocumentSpec<D, FieldChange> => ({
  kind,
  schema,
  change: FieldChangeSchema,
});

/** Every kind of document that is saved by entries, for both ends of the wire. */
export const DOCUMENTS: { readonly [N in DocumentName]: DocumentSpec<DocumentOf<N>, ChangeOf<N>> } = {
  versions: { kind: VERSION_KIND, schema: VersionSchema, change: VersionChangeSchema },
  recipes: fields(RECIPE_KIND, RecipeHeadSchema),
  feasts: fields(FEAST_KIND, FeastSchema),
  eaters: fields(EATER_KIND, EaterSchema),
  household: fields(HOUSEHOLD_KIND, HouseholdSchema),
  swaps: fields(SWAP_KIND, OwnSwapSchema),
  stock: fields(STOCK_KIND, StockItemSchema),
  pins: fields(PIN_KIND, SaidPinSchema),
  barcodes: fields(BARCODE_KIND, BarcodeSchema),
  corrections: fields(CORRECTION_KIND, FoodCorrectionSchema),
  verdicts: fields(VERDICT_KIND, VerdictSchema),
  observations: fields(OBSERVATION_KIND, ObservationSchema),
  vessels: fields(VESSEL_KIND, VesselSchema),
  'box-kinds': fields(BOX_KIND_KIND, BoxKindSchema),
  cooks: fields(COOK_KIND, CookSchema),
  boxes: fields(BOX_KIND, BoxSchema),
  'day-entries': fields(DAY_ENTRY_KIND, DayEntrySchema),
  days: fields(EATER_DAY_KIND, EaterDaySchema),
  pots: fields(POT_KIND, PotSchema),
  preps: fields(PREP_KIND, PrepSchema),
  'outside-verdicts': fields(OUTSIDE_KIND, OutsideVerdictSchema),
  trips: fields(TRIP_KIND, TripSchema),
  buying: fields(BUYING_KIND, BuyingSchema),
};
