import { z } from 'zod';
import { ALLERGENS } from '../core/food/food.ts';
import { REGIONS } from '../core/region/region.ts';
import { AIM_KINDS } from '../core/table/daily-aim.ts';
import { USUAL_MEALS } from '../core/table/meal.ts';
import type { Eater, Household } from '../core/table/table.ts';
import { Revision } from './entry.ts';
import { Day, Grams, Id, Words, Zone } from './primitives.ts';
import { ExceptionSchema, PointsADay, ProgramSchema, SaidPinSchema } from './program.ts';
import { schemaOf } from './schema-of.ts';

const Aimed = (most: number) =>
  z.number('is not a number').min(0, 'cannot be below 0').max(most, 'is too large').nullable();
const MealAimSchema = z.object({ eaterId: Id, points: Aimed(1000), kcal: Aimed(20_000), protein: Aimed(2000) });
export const MealSchema = z.object({
  id: Id,
  name: Words(40),
  time: z
    .string()
    .regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'is no time, such as 12:30')
    .nullable(),
  aims: z.array(MealAimSchema).max(60, 'are more than 60').readonly().default([]),
});
const AimSchema = z.object({
  id: Id,
  name: Words(60),
  kind: z.enum(AIM_KINDS),
  least: z.number('is not a number').gt(0, 'must be above 0').max(100_000, 'is too large'),
  per: z.enum(['day', 'week']),
});

export const HouseholdSchema = schemaOf<Household>()(
  z.object({
    id: Id,
    name: Words(80),
    demo: z.boolean(),
    system: z.enum(['us', 'label', 'metric']),
    region: z.enum(REGIONS),
    zone: Zone,
    sourceWords: z.record(z.string().min(1).max(140), Id.nullable()).default({}),
    ovenRunsHot: z
      .number('is not a number')
      .min(-100, 'is colder than an oven can be off')
      .max(100, 'is hotter than an oven can be off')
      .nullable()
      .default(null),
    meals: z
      .array(MealSchema)
      .min(1, 'needs one meal at least')
      .max(12, 'are more than 12')
      .default([...USUAL_MEALS]),
    aims: z.array(AimSchema).max(20, 'are more than 20').default([]),
    upwards: z.boolean().default(false),
  }),
);

const StandingItemSchema = z.object({
  id: z.string().regex(/^[A-Za-z0-9][A-Za-z0-9-]{2,54}$/, 'is not an id'),
  meal: Id,
  words: Words(200),
  foodId: Id,
  grams: Grams,
  low: Grams,
  high: Grams,
  weekdays: z.array(z.int().min(1).max(7)).min(1, 'needs a day of the week').max(7),
  since: Day,
});

export const NewHouseholdSchema = HouseholdSchema.pick({ id: true, name: true, zone: true }).extend({
  region: z.enum(REGIONS).default('us'),
  system: HouseholdSchema.shape.system.default('us'),
});
export const HouseholdChangeSchema = HouseholdSchema.pick({
  name: true,
  system: true,
  region: true,
  zone: true,
  sourceWords: true,
  ovenRunsHot: true,
  meals: true,
  aims: true,
  upwards: true,
}).partial();

export const EaterSchema = schemaOf<Eater>()(
  z.object({
    id: Id,
    name: Words(60),
    programId: Id.nullable(),
    exceptions: z
      .array(ExceptionSchema)
      .max(200)
      .refine((xs) => new Set(xs.map((x) => x.foodId)).size === xs.length, 'name a food twice'),
    allowance: PointsADay.nullable().default(null),
    allergies: z.array(z.enum(ALLERGENS)).max(14),
    avoids: z.array(Words(80)).max(60),
    ratherNot: z.array(Words(80)).max(60).default([]),
    notOnTop: z.array(Words(80)).max(60).default([]),
    standing: z.array(StandingItemSchema).max(40, 'are more than 40').default([]),
  }),
);

/** Everything that decides who counts how at a household's table, each part with its revision. */
export const TableSchema = z.object({
  household: HouseholdSchema.extend({ revision: Revision }),
  eaters: z.array(EaterSchema.extend({ revision: Revision })),
  programs: z.array(ProgramSchema),
  pins: z.array(SaidPinSchema.extend({ revision: Revision })),
});
export type RevisedTable = z.infer<typeof TableSchema>;
