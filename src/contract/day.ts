import { z } from 'zod';
import { type DayEntry, ENTRY_STATES } from '../core/day/day-entry.ts';
import type { EaterDay } from '../core/day/eater-day.ts';
import type { Pot } from '../core/day/pot.ts';
import { Day, Grams, Id, Servings, Words, Written } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

const PointsEaten = z.number('is not a number').min(0, 'cannot be below 0').max(1000, 'is too much');
const Kilocalories = z.number('is not a number').min(0, 'cannot be below 0').max(20_000, 'is too much');

export const EatenSchema = z.discriminatedUnion('kind', [
  z.object({ kind: z.literal('version'), recipeId: Id, versionId: Id }),
  z.object({ kind: z.literal('cook'), recipeId: Id, cookId: Id }),
  z.object({ kind: z.literal('box'), recipeId: Id, boxId: Id }),
  z.object({ kind: z.literal('pot'), recipeId: Id, potId: Id }),
  z.object({ kind: z.literal('feast'), feastId: Id }),
  z.object({ kind: z.literal('food'), foodId: Id, grams: Grams, low: Grams, high: Grams }),
  z.object({ kind: z.literal('known'), points: PointsEaten, kcal: Kilocalories.nullable() }),
]);

/** An entry's id: of its own, or of a standing item and a day. */
const EntryId = z.string().regex(/^[A-Za-z0-9][A-Za-z0-9-]{2,63}$/, 'is not an id');

export const DayEntrySchema = schemaOf<DayEntry>()(
  z.object({
    id: EntryId,
    eaterId: Id,
    day: Day,
    meal: Id,
    position: z.number().min(-1).max(1e6),
    what: EatenSchema,
    words: Words(200),
    portion: z.number('is not a number').gt(0, 'must be above 0').max(100, 'is too much'),
    spread: z.number('is not a number').min(0, 'cannot be below 0').max(1, 'is more than all of it'),
    state: z.enum(ENTRY_STATES),
  }),
);

export const EaterDaySchema = schemaOf<EaterDay>()(
  z.object({
    eaterId: Id,
    day: Day,
    low: z.boolean(),
    told: z.boolean(),
    saves: PointsEaten,
    event: Written(80, 'is longer than 80 characters'),
    ticked: z.record(Id, z.number('is not a number').min(0).max(1000)),
  }),
);

export const PotSchema = schemaOf<Pot>()(
  z.object({
    id: Id,
    recipeId: Id,
    versionId: Id,
    day: Day,
    meal: Id,
    servings: Servings,
    cookId: Id.nullable(),
  }),
);
