import { z } from 'zod';
import { SCALE_KEYS } from '../core/scale/kitchen-scale.ts';
import { SCALE_STATES, SCALE_UNITS, type ScaleReading } from '../core/scale/scale-reading.ts';
import { route } from './route.ts';
import { schemaOf } from './schema-of.ts';

const MOST_ON_G = 200_000;

export const ScaleReadingSchema = schemaOf<ScaleReading>()(
  z.object({
    at: z.iso.datetime('is not an instant'),
    state: z.enum(SCALE_STATES),
    grams: z.number('is not a number').min(-MOST_ON_G).max(MOST_ON_G).nullable(),
    steady: z.boolean(),
    unit: z.enum(SCALE_UNITS),
    battery: z.enum(['ok', 'low']),
  }),
);

/** What is done to the stand-in: a key is pressed, something is put on it or runs onto it, its battery runs down. */
export const ScaleActSchema = z.discriminatedUnion('do', [
  z.object({ do: z.literal('press'), key: z.enum(SCALE_KEYS) }),
  z.object({ do: z.literal('put'), grams: z.number('is not a number').min(-20_000).max(20_000) }),
  z.object({ do: z.literal('pour'), perSecond: z.number('is not a number').min(-500).max(500) }),
  z.object({ do: z.literal('battery'), left: z.number('is not a number').min(0).max(1) }),
]);
export type ScaleAct = z.output<typeof ScaleActSchema>;

/** The routes of a household's scale: a stand-in for one, or one that is at some device. */
export const SCALE_API = {
  scale: route({
    method: 'GET',
    path: '/households/:h/scale',
    says: 'What the scale of a household says, as it changes, and once a second.',
    answer: ScaleReadingSchema,
    streams: true,
  }),
  scaleNow: route({
    method: 'GET',
    path: '/households/:h/scale/now',
    says: 'What the scale says now.',
    answer: ScaleReadingSchema,
  }),
  actOnScale: route({
    method: 'POST',
    path: '/households/:h/scale',
    says: 'Does something to the stand-in of a scale. Answers what it says then, and what really stands on it, g.',
    body: ScaleActSchema,
    answer: z.object({ reading: ScaleReadingSchema, stands: z.number() }),
  }),
  sayScale: route({
    method: 'PUT',
    path: '/households/:h/scale/reading',
    says: 'Says what a scale at this device shows, so that every device of the household sees it.',
    body: ScaleReadingSchema,
    answer: null,
  }),
} as const;
