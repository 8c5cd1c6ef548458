import { z } from 'zod';
import { MOST_PREP_DISHES, type Prep } from '../core/prep/prep.ts';
import { PREP_TOOLS } from '../core/prep/prep-task.ts';
import { Day, Id } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

const PrepInstant = z.iso.datetime('is not an instant');
/** A day and a half: what takes longer is no prep day. */
const MOST_MIN = 36 * 60;
const StartMin = z.number('is not a number').int().min(0, 'cannot be below 0').max(MOST_MIN, 'is too large');
const TakesMin = z
  .number('is not a number')
  .int('is not a whole number')
  .min(1, 'must be above 0')
  .max(1440, 'is too large');
const Few = (most: number) => z.number('is not a number').int().min(0, 'cannot be below 0').max(most, 'is too large');
/** The id of a task: a dish, a step and its part. */
const TaskKey = z.string().min(1).max(300, 'is too long');

export const PrepSchema = schemaOf<Prep>()(
  z.object({
    id: Id,
    day: Day,
    start: z.string().regex(/^(?:[01]\d|2[0-3]):[0-5]\d$/, 'is not a time such as 14:00'),
    cooks: z.union([z.literal(1), z.literal(2)]),
    kitchen: z.object({
      burners: Few(12),
      trays: Few(8),
      bowls: Few(20),
      boards: Few(10),
      blenders: Few(5),
    }),
    dishes: z
      .array(
        z.object({
          id: Id,
          recipeId: Id,
          versionId: Id,
          servings: z.number('is not a number').gt(0, 'must be above 0').max(500, 'is too large').nullable(),
          cookId: Id.nullable(),
        }),
      )
      .max(MOST_PREP_DISHES, `are more than ${MOST_PREP_DISHES} dishes`),
    minutes: z.record(TaskKey, TakesMin),
    kept: z
      .object({
        starts: z.record(TaskKey, StartMin),
        washes: z.array(z.object({ tool: z.enum(PREP_TOOLS), start: StartMin })).max(200),
      })
      .nullable(),
    begun: PrepInstant.nullable(),
    ticks: z.record(TaskKey, z.object({ state: z.enum(['begun', 'done']), at: PrepInstant })),
  }),
);
