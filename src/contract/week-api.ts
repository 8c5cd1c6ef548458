import { z } from 'zod';
import { DayEntrySchema, EaterDaySchema, PotSchema } from './day.ts';
import { Revision } from './entry.ts';
import { Day } from './primitives.ts';
import { ProgramSchema } from './program.ts';
import { route } from './route.ts';
import { BuyingSchema, TripSchema } from './shopping.ts';

const Known = z.number().nullable();

/** What something eaten comes to. */
const DayCountSchema = z.object({
  programId: z.string().nullable(),
  programRevision: z.number().nullable(),
  refRevision: z.number().nullable(),
  raw: Known,
  rawLow: Known,
  rawHigh: Known,
  points: Known,
  low: Known,
  high: Known,
  kcal: Known,
  protein: Known,
  fibre: Known,
  sodium: Known,
  complete: z.boolean(),
});

const SumOfSchema = z.object({ value: z.number(), complete: z.boolean() });

/** A day summed and reckoned, as the screen tells it. */
const ToldDaySchema = z.object({
  eaterId: z.string(),
  day: z.string(),
  things: z.number(),
  points: Known,
  rounded: Known.describe('What was rounded, added.'),
  together: Known.describe('What was added, rounded.'),
  low: Known,
  high: Known,
  kcal: SumOfSchema,
  protein: SumOfSchema,
  fibre: SumOfSchema,
  sodium: SumOfSchema,
  complete: z.boolean(),
  allowance: Known,
  left: Known,
  mayTake: Known,
  reserveLeft: Known,
  reserveFree: Known,
});

/** Some days of everybody's, with all that they are told from. */
export const WeekSchema = z.object({
  today: Day,
  from: Day,
  days: z.number(),
  /** Also of the days before, as far back as a program's week began. */
  entries: z.array(
    DayEntrySchema.extend({
      revision: Revision,
      count: DayCountSchema,
      frozen: z.boolean().describe('Whether its numbers stay, whatever foods, programs and recipes do.'),
      standing: z.boolean().describe('Whether it is there because it always is, and nobody put it there.'),
    }),
  ),
  said: z.array(EaterDaySchema.extend({ revision: Revision })),
  countedBy: z.array(
    z.object({
      eaterId: z.string(),
      day: z.string(),
      programId: z.string(),
      programRevision: z.number(),
      allowance: z.number(),
    }),
  ),
  programs: z.array(ProgramSchema).describe('The revisions by which days that are over were counted.'),
  pots: z.array(PotSchema.extend({ revision: Revision, title: z.string(), left: z.number() })),
  told: z.array(ToldDaySchema),
});
export type WeekAnswer = z.infer<typeof WeekSchema>;

/** The routes of days, weeks and shopping. */
export const WEEK_API = {
  week: route({
    method: 'GET',
    path: '/households/:h/week',
    says: 'Some days of everybody at the table, with what they come to; today and six more where nothing is said.',
    query: z.object({ from: Day.optional(), days: z.coerce.number().int().min(1).max(31).optional() }),
    answer: WeekSchema,
  }),
  countAnew: route({
    method: 'POST',
    path: '/households/:h/day-entries/:id/count-anew',
    says: 'Counts something that was eaten as it would be counted now, and keeps that.',
    answer: null,
  }),
  trips: route({
    method: 'GET',
    path: '/households/:h/trips',
    says: 'The shopping trips, the newest first.',
    answer: z.array(TripSchema.and(z.object({ revision: Revision }))),
  }),
  buying: route({
    method: 'GET',
    path: '/households/:h/buying',
    says: 'Where foods are got, how they are sold there, and how much of them is always in the house.',
    answer: z.array(BuyingSchema.and(z.object({ revision: Revision }))),
  }),
} as const;
