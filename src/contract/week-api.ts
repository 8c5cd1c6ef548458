import { z } from 'zod';
import { BOX_PLACES } from '../core/cook/cook.ts';
import { APPLIANCES } from '../core/dish/dish-facts.ts';
import { VEGETABLE_COLOURS } from '../core/table/daily-aim.ts';
import { DayEntrySchema, EatenSchema, EaterDaySchema, PotSchema } from './day.ts';
import { Revision } from './entry.ts';
import { EaterSchema } from './household.ts';
import { PrepSchema } from './prep.ts';
import { Day, Id } from './primitives.ts';
import { ProgramSchema } from './program.ts';
import { route } from './route.ts';
import { BuyingSchema, TripItemSchema, TripSchema } from './shopping.ts';
import { VerdictSchema } from './verdict.ts';

const OrUnknown = z.number().nullable();

/** What something eaten comes to. */
const DayCountSchema = z.object({
  programId: z.string().nullable(),
  programRevision: z.number().nullable(),
  refRevision: z.number().nullable(),
  raw: OrUnknown,
  rawLow: OrUnknown,
  rawHigh: OrUnknown,
  points: OrUnknown,
  low: OrUnknown,
  high: OrUnknown,
  kcal: OrUnknown,
  protein: OrUnknown,
  fibre: OrUnknown,
  sodium: OrUnknown,
  complete: z.boolean(),
});

const SumOfSchema = z.object({ value: z.number(), complete: z.boolean() });

/** A day summed and reckoned, as the screen tells it. */
const ToldDaySchema = z.object({
  eaterId: z.string(),
  day: z.string(),
  things: z.number(),
  points: OrUnknown,
  rounded: OrUnknown.describe('What was rounded, added.'),
  together: OrUnknown.describe('What was added, rounded.'),
  low: OrUnknown,
  high: OrUnknown,
  kcal: SumOfSchema,
  protein: SumOfSchema,
  fibre: SumOfSchema,
  sodium: SumOfSchema,
  complete: z.boolean(),
  allowance: OrUnknown,
  left: OrUnknown,
  mayTake: OrUnknown,
  reserveLeft: OrUnknown,
  reserveFree: OrUnknown,
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
      notFor: z.array(z.string()).describe('What in it its eater must not or will not eat, of what is not eaten yet.'),
      notSure: z
        .string()
        .nullable()
        .describe('Why nobody can say whether its eater, who has an allergy, may eat it: lines that are not read.'),
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

const OfferedToSchema = z.array(
  z.object({
    eaterId: z.string(),
    count: DayCountSchema,
    notFor: z.array(z.string()).describe('What in it they must not or will not eat.'),
  }),
);
const OfferSchema = z.object({
  notLookedAt: z.int().describe('Dishes that were not looked at: favourites come first, then what was worked on last.'),
  dishes: z.array(
    z.object({
      recipeId: Id,
      versionId: Id,
      title: z.string(),
      servings: OrUnknown,
      keeps: z.number().describe('So many days it is good in the fridge, by published limits.'),
      toGet: z.array(z.object({ foodId: Id, name: z.string() })).describe('What of it is not in the house.'),
      foods: z.number(),
      lastEaten: z.string().nullable(),
      to: OfferedToSchema,
    }),
  ),
  boxes: z.array(
    z.object({
      boxId: Id,
      recipeId: Id,
      title: z.string(),
      place: z.enum(BOX_PLACES),
      keepUntil: z.string(),
      to: OfferedToSchema,
    }),
  ),
  pots: z.array(
    z.object({
      potId: Id,
      recipeId: Id,
      title: z.string(),
      day: z.string(),
      keepUntil: z.string(),
      left: z.number(),
      to: OfferedToSchema,
    }),
  ),
});

const DishTimesSchema = z.array(z.object({ recipeId: z.string(), title: z.string(), times: z.number() }));
const LookBackSchema = z.object({
  from: Day,
  to: Day,
  days: z.array(
    z.object({
      day: Day,
      points: OrUnknown,
      low: OrUnknown,
      high: OrUnknown,
      allowance: OrUnknown,
      reserve: OrUnknown,
      kcal: OrUnknown,
      protein: OrUnknown,
      complete: z.boolean(),
    }),
  ),
  weeks: z.array(
    z.object({
      from: Day,
      daysTold: z.number(),
      points: OrUnknown,
      allowance: OrUnknown,
      variety: z.number().describe('How many different recipes and foods there were.'),
      isWhole: z.boolean().describe('Whether all seven days of it are looked at, and over.'),
    }),
  ),
  gaps: z.number().describe('Days of which nothing was told.'),
  most: DishTimesSchema.describe('What was eaten most.'),
  cooked: DishTimesSchema.describe('What the household cooked most.'),
  liked: DishTimesSchema.describe('What was said of most often that it is to be cooked again.'),
});
export type LookBackAnswer = z.infer<typeof LookBackSchema>;

const GroupsSchema = z.array(
  z.object({
    eaterId: z.string(),
    day: Day,
    oil: z.number(),
    dairy: z.number(),
    vegetables: z.number(),
    fruit: z.number(),
    fish: z.number(),
    colours: z.array(z.enum(VEGETABLE_COLOURS)).readonly(),
  }),
);
export type GroupsAnswer = z.infer<typeof GroupsSchema>;

const Least = z.coerce.number('is not a number').min(0, 'cannot be below 0').max(100_000, 'is too large');
const OnOrOff = z.stringbool().optional();
const FitsQuerySchema = z.object({
  eater: Id,
  day: Day.optional(),
  points: Least.optional().describe('The most points.'),
  kcal: Least.optional().describe('The most energy.'),
  protein: Least.optional().describe('The least protein, g.'),
  minutes: Least.optional(),
  appliance: z.enum(APPLIANCES).optional(),
  season: OnOrOff,
  notLately: OnOrOff,
  of: z.enum(['recipes', 'boxes', 'foods']).optional(),
  order: z.enum(['points', 'time', 'house', 'lately']).default('points'),
});
export type FitsQuery = z.infer<typeof FitsQuerySchema>;

const FitsSchema = z.object({
  today: Day,
  fits: z.array(
    z.object({
      what: EatenSchema,
      title: z.string(),
      portion: z.number(),
      words: z.string(),
      points: OrUnknown,
      high: OrUnknown.describe('What the points may be at most.'),
      kcal: OrUnknown,
      protein: OrUnknown,
      minutes: OrUnknown,
      lastEaten: z.string().nullable(),
      keepUntil: z.string().nullable(),
      inHouse: z.number().describe('How many of its foods are in the house, out of `foods`.'),
      foods: z.number(),
      inSeason: z.boolean(),
    }),
  ),
  unread: z
    .object({ inAll: z.number(), first: z.array(z.object({ recipeId: Id, title: z.string() })) })
    .describe('What may fit, by what is read of it: not every line is, so that nobody can say.'),
  countedOut: OrUnknown.describe('Of how many recipes alone it was tried whether they fit; null where of all.'),
});
export type FitsAnswer = z.infer<typeof FitsSchema>;

const TreatSchema = z.object({
  title: z.string(),
  /** Each of its versions, with the part of it that fits; null where none does. */
  versions: z.array(
    z.object({
      versionId: Id,
      name: z.string(),
      points: OrUnknown,
      kcal: OrUnknown,
      grams: OrUnknown,
      portion: OrUnknown,
      portionPoints: OrUnknown,
      unread: z.boolean().describe('Whether not every line of it is read: it comes to at least so much.'),
      notFor: z.array(z.string()).describe('What in it they must not or will not eat.'),
    }),
  ),
  days: z.array(z.object({ day: Day, mayTake: z.number() })).describe('Days of the week that have room for all of it.'),
  bought: z
    .array(z.object({ foodId: Id, name: z.string(), grams: z.number(), points: OrUnknown, kcal: OrUnknown }))
    .describe('What is bought of that kind, as much of it as a serving weighs.'),
});
export type TreatAnswer = z.infer<typeof TreatSchema>;

/** The routes of days, weeks and shopping. */
export const WEEK_API = {
  week: route({
    method: 'GET',
    path: '/households/:h/week',
    says: 'Some days of everybody at the table, with what they come to; today and six more where nothing is said.',
    query: z.object({ from: Day.optional(), days: z.coerce.number().int().min(1).max(31).optional() }),
    answer: WeekSchema,
    checkedWhenRead: true,
  }),
  offer: route({
    method: 'GET',
    path: '/households/:h/offer',
    says: 'What the free places of a week can be filled with: dishes, boxes and what is left in pots, counted for each eater.',
    query: z.object({ from: Day, to: Day }),
    answer: OfferSchema,
  }),
  countAnew: route({
    method: 'POST',
    path: '/households/:h/day-entries/:id/count-anew',
    says: 'Counts something that was eaten as it would be counted now, and keeps that.',
    answer: null,
  }),
  groups: route({
    method: 'GET',
    path: '/households/:h/week/groups',
    says: "Groups of foods on everybody's days: oil, dairy, vegetables by colour, fruit, fish.",
    query: z.object({ from: Day.optional(), days: z.coerce.number().int().min(1).max(31).optional() }),
    answer: GroupsSchema,
  }),
  fits: route({
    method: 'GET',
    path: '/households/:h/fits',
    says: 'What fits into what is left of a day, or what a meal aims for: recipes, boxes and foods, each with its portion.',
    query: FitsQuerySchema,
    answer: FitsSchema,
  }),
  treat: route({
    method: 'GET',
    path: '/households/:h/recipes/:id/treat',
    says: 'A dish that eats the day: how it can be had all the same.',
    query: z.object({ eater: Id, points: Least, day: Day.optional() }),
    answer: TreatSchema,
  }),
  lookBack: route({
    method: 'GET',
    path: '/households/:h/eaters/:id/look-back',
    says: 'Days and weeks of somebody, from what was kept of them.',
    query: z.object({ from: Day, to: Day.optional() }),
    answer: LookBackSchema,
  }),
  toGet: route({
    method: 'GET',
    path: '/households/:h/to-get',
    says: 'What has to be got for what is planned, less what is in the house.',
    query: z.object({ from: Day, to: Day }),
    answer: z.array(TripItemSchema),
  }),
  costs: route({
    method: 'GET',
    path: '/households/:h/costs',
    says: 'What a serving of each planned dish costs, as far as prices are kept.',
    query: z.object({ from: Day, to: Day }),
    answer: z.array(z.object({ title: z.string(), aServing: OrUnknown, priced: z.number(), of: z.number() })),
  }),
  platesOnDays: route({
    method: 'POST',
    path: '/households/:h/cooks/:id/on-days',
    says: 'Puts the plates of a cook on the days of those who have them.',
    answer: z.object({ plates: z.number() }),
  }),
  keptOf: route({
    method: 'GET',
    path: '/households/:h/eaters/:id/kept',
    says: 'Everything that is kept about somebody.',
    answer: z.object({
      eater: EaterSchema,
      aims: z
        .array(z.object({ meal: z.string(), points: OrUnknown, kcal: OrUnknown, protein: OrUnknown }))
        .describe('What they aim for at meals.'),
      days: z.array(EaterDaySchema),
      entries: z.array(DayEntrySchema.extend({ count: DayCountSchema.nullable() })),
      verdicts: z.array(VerdictSchema),
      boxes: z.array(z.object({ id: Id, title: z.string(), at: z.string().nullable() })),
      plates: z.array(z.object({ cookId: Id, day: Day, share: z.number() })),
    }),
  }),
  forgetDays: route({
    method: 'DELETE',
    path: '/households/:h/eaters/:id/kept',
    says: 'Forgets the days, the verdicts and the name on boxes of somebody, for good; says what stays.',
    answer: z.object({ days: z.number(), entries: z.number(), verdicts: z.number(), boxes: z.number() }),
  }),
  preps: route({
    method: 'GET',
    path: '/households/:h/preps',
    says: 'Days on which several dishes are cooked in one go, the newest first.',
    answer: z.array(PrepSchema.and(z.object({ revision: Revision }))),
  }),
  tripHome: route({
    method: 'POST',
    path: '/households/:h/trips/:id/home',
    says: 'Puts what was bought on a trip into the house, once.',
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
