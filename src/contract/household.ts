import { z } from 'zod';
import { ALLERGENS } from '../core/food/food.ts';
import { Id, Words } from './primitives.ts';
import { ExceptionSchema, PinSchema, ProgramSchema } from './program.ts';

export const HouseholdSchema = z.object({
  id: Id,
  name: Words(80),
  demo: z.boolean(),
  system: z.enum(['us', 'label', 'metric']),
  /** IANA time zone: dates are days in it. */
  zone: Words(60),
});
export type Household = z.infer<typeof HouseholdSchema>;

export const NewHouseholdSchema = HouseholdSchema.pick({ id: true, name: true, zone: true });
export const HouseholdChangeSchema = HouseholdSchema.pick({ name: true, system: true, zone: true }).partial();

export const EaterSchema = z.object({
  id: Id,
  name: Words(60),
  /** null: eats along and does not count. */
  programId: Id.nullable(),
  exceptions: z.array(ExceptionSchema).max(200),
  allergies: z.array(z.enum(ALLERGENS)).max(14),
  /** Foods this eater avoids, in words or by food id. */
  avoids: z.array(Words(80)).max(60),
});
export type Eater = z.infer<typeof EaterSchema>;

/** Everything that decides who counts how at a household's table. */
export const TableSchema = z.object({
  household: HouseholdSchema,
  eaters: z.array(EaterSchema),
  programs: z.array(ProgramSchema),
  pins: z.array(PinSchema),
});
export type Table = z.infer<typeof TableSchema>;
