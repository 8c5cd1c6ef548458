import { z } from 'zod';
import type { DocumentName } from '../core/documents/document-names.ts';
import { DOCUMENTS } from './documents.ts';
import { FoodSchema } from './food.ts';
import { HouseholdSchema } from './household.ts';
import { PictureSchema } from './picture.ts';
import { Day, Id } from './primitives.ts';
import { ProgramSchema } from './program.ts';
import { RecipeSchema } from './recipe.ts';
import { VersionSchema } from './version.ts';

/** The kinds of documents that lie in a file as they are; recipes and versions have more, and stand apart. */
export const PLAIN_KINDS = [
  'eaters',
  'corrections',
  'pins',
  'barcodes',
  'swaps',
  'vessels',
  'box-kinds',
  'feasts',
  'cooks',
  'boxes',
  'stock',
  'verdicts',
  'observations',
  'pots',
  'day-entries',
  'days',
  'preps',
  'trips',
  'buying',
  'outside-verdicts',
] as const satisfies readonly DocumentName[];
export type PlainKind = (typeof PLAIN_KINDS)[number];

const WrittenAt = z.iso.datetime();
const MaybeNumber = z.number().nullable();

/** What an entry of a day was counted as, when it was lived. */
const CountedSchema = z.object({
  programId: Id.nullable(),
  programRevision: z.int().nullable(),
  refRevision: z.int().nullable(),
  raw: MaybeNumber,
  rawLow: MaybeNumber,
  rawHigh: MaybeNumber,
  points: MaybeNumber,
  low: MaybeNumber,
  high: MaybeNumber,
  kcal: MaybeNumber,
  protein: MaybeNumber,
  fibre: MaybeNumber,
  sodium: MaybeNumber,
  complete: z.boolean(),
});

export const FILE_FORMAT = 'imbiss-household';
export const FILE_VERSION = 1;

/** A whole household as one JSON: everything that is told of it, but its links, its history and its access. */
export const HouseholdFileSchema = z.object({
  format: z.literal(FILE_FORMAT),
  v: z.literal(FILE_VERSION),
  household: HouseholdSchema,
  /** Own programs, each in all its revisions. */
  programs: z.array(ProgramSchema),
  /** Own foods in all their revisions, and of those that come with Imbiss the revisions that lines name. */
  foods: z.array(z.object({ own: z.boolean(), food: FoodSchema })),
  recipes: z.array(RecipeSchema.extend({ createdAt: WrittenAt, changedAt: WrittenAt })),
  versions: z.array(VersionSchema.and(z.object({ createdAt: WrittenAt }))),
  documents: z.object(
    Object.fromEntries(PLAIN_KINDS.map((k) => [k, z.array(DOCUMENTS[k].schema as z.ZodType)])) as {
      [K in PlainKind]: z.ZodArray<z.ZodType>;
    },
  ),
  /** What entries of days were counted as when they were lived, by the entry's id. */
  counted: z.array(z.object({ id: z.string(), at: WrittenAt, count: CountedSchema })),
  /** By what days that are over were counted. */
  closed: z.array(
    z.object({
      eaterId: Id,
      day: Day,
      programId: Id,
      programRevision: z.int(),
      allowance: MaybeNumber,
    }),
  ),
  pictures: z.array(PictureSchema.extend({ position: z.int(), createdAt: WrittenAt })),
});
export type HouseholdFile = z.infer<typeof HouseholdFileSchema>;
