import { z } from 'zod';
import type { Observation } from '../core/teach/observation.ts';
import { Revision } from './entry.ts';
import { Id, Words } from './primitives.ts';
import { PinSchema, perNutrient } from './program.ts';
import { schemaOf } from './schema-of.ts';

export const ObservationSchema = schemaOf<Observation>()(
  z.object({
    id: Id,
    programId: Id,
    name: Words(120),
    foodId: Id.nullable(),
    grams: z.number('is not a number').gt(0, 'must be above 0').max(100_000, 'is too large').nullable(),
    points: PinSchema.shape.points,
    nutrients: perNutrient(z.number('is not a number').min(0, 'cannot be below 0').max(1e6, 'is too large')),
    reading: z.enum(['us', 'eu', 'exact']),
  }),
);

export const ObservationsSchema = z.array(ObservationSchema.extend({ revision: Revision }));
