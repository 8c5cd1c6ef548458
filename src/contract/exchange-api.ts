import { z } from 'zod';
import { HOUSEHOLD_PARTS } from '../core/exchange/parts-of-household.ts';
import { route } from './route.ts';

/** What becomes of a row of a file. */
export const TAKEN_STATES = ['new', 'same', 'differs', 'cannot'] as const;

/** Every row of a file, and what becomes of it. */
export const TakeInAnswerSchema = z.object({
  /** The household that it is taken into. */
  householdId: z.string(),
  rows: z.array(
    z.object({
      kind: z.string(),
      id: z.string(),
      title: z.string(),
      state: z.enum(TAKEN_STATES),
      /** What differs, or why it cannot be; null where there is nothing to say. */
      why: z.string().nullable(),
    }),
  ),
});
export type TakeInAnswer = z.infer<typeof TakeInAnswerSchema>;

/** The routes by which a household goes out whole, and comes in. */
export const EXCHANGE_API = {
  exportHousehold: route({
    method: 'GET',
    path: '/households/:h/export',
    says: 'The whole household as an archive: one JSON, and its pictures. The same household is the same bytes.',
    query: z.object({
      /** Parts that go out alone, with commas between; all of it where it is left out. */
      only: z
        .string()
        .transform((said) => said.split(','))
        .pipe(z.array(z.enum(HOUSEHOLD_PARTS)).max(HOUSEHOLD_PARTS.length))
        .optional(),
    }),
    answer: null,
    bytes: 'application/zip',
  }),
  aboutExport: route({
    method: 'GET',
    path: '/households/:h/export/about',
    says: 'What such an archive would hold, and what it does not.',
    answer: z.object({ recipes: z.int(), pictures: z.int(), days: z.int(), without: z.array(z.string()) }),
  }),
  previewTakeIn: route({
    method: 'POST',
    path: '/households/:h/take-in/preview',
    says: 'What would become of every row of a file, taken into this household: an archive of a household, or recipes as JSON-LD, Cooklang, Markdown, text or saved pages, one or an archive of many. The body is its bytes.',
    answer: TakeInAnswerSchema,
  }),
  takeIn: route({
    method: 'POST',
    path: '/households/:h/take-in',
    says: 'Takes such a file into this household, all or nothing; answers its progress line by line, and what was done.',
    query: z.object({
      /** Rows whose own state goes, as `kind/id`, with commas between; `kind/*` is all of a kind. */
      theirs: z.string().max(1_000_000).default(''),
      /** Rows that are not taken in. */
      without: z.string().max(1_000_000).default(''),
    }),
    answer: null,
    bytes: 'application/x-ndjson',
  }),
  householdFromFile: route({
    method: 'POST',
    path: '/households/from-file',
    says: 'Takes an archive in as a household of its own; answers its progress line by line, and what was done.',
    answer: null,
    bytes: 'application/x-ndjson',
  }),
} as const;
