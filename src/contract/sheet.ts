import { z } from 'zod';
import { SHEET_KINDS, type Sheet, type SheetWish } from '../core/card/sheet.ts';
import { COUNTING_METHODS } from '../core/program/rule.ts';
import { CardSchema } from './card.ts';
import { EatenSchema } from './day.ts';
import { Paragraphs, ShortWords } from './pass-on.ts';
import { Day, Id, Words } from './primitives.ts';
import { route } from './route.ts';
import { schemaOf } from './schema-of.ts';

/** So many things are no sheet any more but a booklet. */
const MOST_ON_SHEET = 150;

/** Several dishes to be passed on as one, as the cook wants them. */
export const SheetWishSchema: z.ZodType<SheetWish> = schemaOf<SheetWish>()(
  z.object({
    kind: z.enum(SHEET_KINDS),
    title: Words(200),
    words: Paragraphs(2000),
    sums: z.boolean(),
    cards: z.boolean(),
    programs: z.array(Id).max(50).nullable(),
    things: z
      .array(
        z.object({
          id: Id,
          heading: ShortWords(80),
          what: EatenSchema,
          words: Words(300),
          portion: z.number('is not a number').gt(0, 'must be above 0').max(100, 'is too much'),
          note: Paragraphs(1000),
        }),
      )
      .max(MOST_ON_SHEET, `are more than ${MOST_ON_SHEET}`),
  }),
);

const Sure = {
  points: z.number(),
  low: z.number(),
  high: z.number(),
  certainty: z.enum(['exact', 'atMost', 'atLeast', 'range']),
  complete: z.boolean(),
};

/** Several dishes as they are kept under their link. */
export const SheetSchema = schemaOf<Sheet>()(
  z.object({
    kind: z.enum(SHEET_KINDS),
    title: z.string(),
    words: z.string().nullable(),
    countedOn: z.string(),
    programs: z.array(z.object({ mark: z.string(), name: z.string(), by: z.enum(COUNTING_METHODS) })),
    parts: z.array(
      z.object({
        heading: z.string().nullable(),
        things: z.array(
          z.object({
            words: z.string(),
            portion: z.number(),
            points: z.array(z.object({ ...Sure, raw: z.number() }).nullable()),
            kcal: z.number().nullable(),
            note: z.string().nullable(),
            card: z.int().nullable(),
          }),
        ),
        sum: z
          .object({
            points: z.array(z.object({ ...Sure, otherwise: z.number().nullable() })),
            kcal: z.object({ value: z.number(), complete: z.boolean() }),
          })
          .nullable(),
      }),
    ),
    cards: z.array(CardSchema),
    allergens: z.array(z.string()),
  }),
);

/** A link that leads to several dishes as one. */
export const SheetLinkSchema = z.object({
  id: Id,
  title: z.string(),
  kind: z.enum(SHEET_KINDS),
  url: z.string(),
  countedOn: z.string(),
  until: Day.nullable(),
  runOut: z.boolean(),
});
export type SheetLink = z.infer<typeof SheetLinkSchema>;

/** What a sheet begins from. */
export const SheetSourceSchema = z.object({
  of: z.enum(SHEET_KINDS),
  /** The prep day or the feast. */
  id: Id.optional(),
  /** The day, or the first of the week. */
  day: Day.optional(),
  /** Whose day it is. */
  eater: Id.optional(),
  /** The recipes of a plate, by id, with commas between. */
  recipes: z.string().max(4000).optional(),
});
export type SheetSource = z.infer<typeof SheetSourceSchema>;

/** The routes of sheets. */
export const SHEET_API = {
  draftSheet: route({
    method: 'GET',
    path: '/households/:h/sheets/draft',
    says: 'A prep day, a feast, a day, a week or a plate as a sheet would begin from it.',
    query: SheetSourceSchema,
    answer: SheetWishSchema,
  }),
  previewSheet: route({
    method: 'POST',
    path: '/households/:h/sheets/preview',
    says: 'Several dishes counted as one sheet, and as text, without keeping it.',
    body: SheetWishSchema,
    answer: z.object({ sheet: SheetSchema, text: z.string() }),
  }),
  sheetPicture: route({
    method: 'POST',
    path: '/households/:h/sheets/picture',
    says: 'Several dishes as one picture to post.',
    body: SheetWishSchema,
    answer: null,
    bytes: 'image/png',
  }),
  sheets: route({
    method: 'GET',
    path: '/households/:h/sheets',
    says: 'The links that lead to several dishes as one, the newest first.',
    answer: z.array(SheetLinkSchema),
  }),
  addSheet: route({
    method: 'POST',
    path: '/households/:h/sheets',
    says: 'Keeps several dishes as one sheet under a link of its own.',
    body: z.object({ wish: SheetWishSchema, until: Day.nullable().default(null) }),
    answer: SheetLinkSchema,
    makes: true,
  }),
  withdrawSheet: route({
    method: 'DELETE',
    path: '/households/:h/sheets/:id',
    says: 'Withdraws a sheet: its link leads nowhere from then on.',
    answer: null,
  }),
} as const;
