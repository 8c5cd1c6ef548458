import { z } from 'zod';
import type { BoxKind } from '../core/cook/box-kind.ts';
import { BOX_PLACES, type Box, COOK_AS, type Cook, HOW_KEPT, type Vessel } from '../core/cook/cook.ts';
import type { Outcome } from '../core/cook/divide.ts';
import type { Frozen } from '../core/cook/frozen.ts';
import { APART_HOW } from '../core/cook/packed-apart.ts';
import { NUTRIENTS } from '../core/food/nutrients.ts';
import { COUNTING_METHODS } from '../core/program/rule.ts';
import { QUIET, type Timer, timerProblem } from '../core/stove/timer.ts';
import { AGAIN, ENOUGH } from '../core/swap/verdict.ts';
import { Revision } from './entry.ts';
import { Day, Id, Words, Written } from './primitives.ts';
import { RuleSchema } from './program.ts';
import { schemaOf } from './schema-of.ts';

const GramsCooked = z.number('is not a number').gt(0, 'must be above 0').max(200_000, 'is too large');
/** A step, or a line in a step: two ids with a tilde between them. */
const TickId = z.string().regex(/^[A-Za-z0-9-]{1,64}(?:~[A-Za-z0-9-]{1,64})?$/, 'is not a step');
const ShareOfAll = z.number('is not a number').min(0, 'cannot be below 0').max(1, 'is more than there is');

const Millilitres = z.number('is not a number').gt(0, 'must be above 0').max(50_000, 'is too large');

export const VesselSchema = schemaOf<Vessel>()(
  z.object({ id: Id, name: Words(80), grams: GramsCooked, millilitres: Millilitres.nullable().default(null) }),
);

export const BoxKindSchema = schemaOf<BoxKind>()(
  z.object({
    id: Id,
    name: Words(80),
    millilitres: Millilitres.nullable(),
    parts: z.int('is not a whole number').min(1, 'must be 1 or more').max(12, 'is too many'),
    grams: GramsCooked.nullable(),
    microwave: z.boolean(),
    freezer: z.boolean(),
  }),
);

const OutcomeSchema = schemaOf<Outcome>()(
  z.object({
    by: z.enum(['grams', 'pieces', 'cups']),
    amount: z.number('is not a number').gt(0, 'must be above 0').max(200_000, 'is too large'),
    grams: GramsCooked.nullable(),
    cut: z
      .discriminatedUnion('shape', [
        z.object({ shape: z.literal('grid'), rows: z.int().min(1).max(60), columns: z.int().min(1).max(60) }),
        z.object({ shape: z.literal('wedges'), wedges: z.int().min(1).max(60) }),
      ])
      .nullable(),
  }),
);

const AmountsOf = z.object(
  Object.fromEntries(NUTRIENTS.map((n) => [n, z.number().nullable()])) as Record<
    (typeof NUTRIENTS)[number],
    z.ZodNullable<z.ZodNumber>
  >,
);
const FrozenSchema = schemaOf<Frozen>()(
  z.object({
    at: z.string().max(40),
    servings: z.number().gt(0).max(500).nullable(),
    raw: z.number().min(0).nullable(),
    lines: z
      .array(
        z.object({
          label: Written(300),
          parts: z.array(z.object({ name: Written(300), grams: z.number().min(0), of: AmountsOf })).max(400),
        }),
      )
      .max(400),
    counters: z
      .array(
        z.object({
          key: Id,
          mark: z.string().max(12),
          programId: Id,
          programRevision: Revision,
          rule: RuleSchema,
          by: z.enum(COUNTING_METHODS),
          pinned: z.array(z.array(z.number().nullable())),
          uncounted: z.array(z.array(z.boolean())),
          below: z.number().min(0),
          above: z.number().min(0),
        }),
      )
      .max(60),
  }),
);

const Seconds = z.number('is not a number').min(-1_000_000).max(1_000_000);
const Instant = z.iso.datetime('is not an instant');
export const TimerSchema = schemaOf<Timer>()(
  z
    .object({
      id: Id,
      name: Words(80),
      stepId: Id.nullable(),
      from: Seconds,
      to: Seconds.nullable(),
      endsAt: Instant.nullable(),
      left: Seconds.nullable(),
      quiet: z.enum(QUIET),
    })
    .refine((t) => timerProblem(t.from) === null && (t.to === null || timerProblem(t.to) === null), {
      error: 'needs a time above 0 and of at most 99 hours',
      path: ['from'],
    })
    .refine((t) => (t.endsAt === null) !== (t.left === null), 'either runs or waits'),
);

export const CookSchema = schemaOf<Cook>()(
  z.object({
    id: Id,
    recipeId: Id,
    fromId: Id,
    versionId: Id,
    as: z.enum(COOK_AS),
    day: Day,
    out: OutcomeSchema.nullable(),
    gross: GramsCooked.nullable(),
    vesselId: Id.nullable(),
    plates: z.record(Id, ShareOfAll),
    beside: z.record(Id, FrozenSchema),
    tookStock: z.boolean(),
    minutes: z.number('is not a number').gt(0, 'must be above 0').max(10_000, 'is too long').nullable(),
    verdicts: z.record(
      Id,
      z.object({ again: z.enum(AGAIN), enough: z.enum(ENOUGH).nullable(), note: Written(500, 'is too long') }),
    ),
    note: Written(4000, 'is too long'),
    frozen: FrozenSchema.nullable(),
    begun: Instant.nullable().default(null),
    table: Instant.nullable().default(null),
    ticks: z.record(TickId, z.literal(true)).default({}),
    timers: z.record(Id, TimerSchema).default({}),
    weighed: z.record(Id, z.number('is not a number').min(0).max(200_000)).default({}),
    otherWay: Id.nullable().default(null),
  }),
);

export const BoxSchema = schemaOf<Box>()(
  z.object({
    id: Id,
    cookId: Id,
    recipeId: Id,
    title: Written(200),
    share: ShareOfAll,
    grams: GramsCooked.nullable(),
    eaterId: Id.nullable(),
    kindId: Id.nullable(),
    as: z.enum(COOK_AS),
    apart: z.array(z.object({ label: Written(200), how: z.enum(APART_HOW) })).max(100),
    place: z.enum(BOX_PLACES),
    packed: Day,
    keepUntil: Day,
    counts: z
      .array(
        z.object({
          key: Id,
          mark: z.string().max(12),
          programId: Id,
          programRevision: Revision,
          raw: z.number(),
          points: z.number().min(0),
          low: z.number().min(0),
          high: z.number().min(0),
        }),
      )
      .max(60),
    kcal: z.number().nullable(),
    protein: z.number().nullable(),
    taken: z
      .object({
        eaterId: Id.nullable(),
        name: z.string().max(60),
        at: z.string().max(40),
        entryId: Id.nullable().default(null),
      })
      .nullable(),
    kept: z.enum(HOW_KEPT).nullable(),
  }),
);

export const AtStoveSchema = z.array(CookSchema.and(z.object({ revision: Revision, title: z.string() })));
export const CooksSchema = z.array(CookSchema.and(z.object({ revision: Revision })));
export const BoxesSchema = z.array(BoxSchema.and(z.object({ revision: Revision })));
export const BoxKindsSchema = z.array(BoxKindSchema.and(z.object({ revision: Revision })));
export const VesselsSchema = z.array(VesselSchema.and(z.object({ revision: Revision })));
