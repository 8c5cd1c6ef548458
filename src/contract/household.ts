import { z } from 'zod';
import { ALLERGENS } from '../core/food/food.ts';
import { REGIONS } from '../core/region/region.ts';
import type { Eater, Household } from '../core/table/table.ts';
import { Revision } from './entry.ts';
import { Id, Words, Zone } from './primitives.ts';
import { ExceptionSchema, PointsADay, ProgramSchema, SaidPinSchema } from './program.ts';
import { schemaOf } from './schema-of.ts';

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
  }),
);

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
