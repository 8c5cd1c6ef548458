import { z } from 'zod';
import type { ProbeReading } from '../core/scale/food-probe.ts';
import { route } from './route.ts';
import { schemaOf } from './schema-of.ts';

const Celsius = z.number('is not a number').min(-60, 'is colder than a freezer').max(400, 'is hotter than an oven');

export const ProbeReadingSchema = schemaOf<ProbeReading>()(
  z.object({ at: z.iso.datetime('is not an instant'), state: z.enum(['on', 'off']), celsius: Celsius.nullable() }),
);

/** The routes of a household's food probe: a stand-in for one, or one that is at some device. */
export const PROBE_API = {
  probe: route({
    method: 'GET',
    path: '/households/:h/probe',
    says: 'What the food probe says now.',
    answer: ProbeReadingSchema,
  }),
  actOnProbe: route({
    method: 'POST',
    path: '/households/:h/probe',
    says: 'Puts the stand-in of a probe into food, or takes it out.',
    body: z.discriminatedUnion('do', [
      z.object({ do: z.literal('put in'), celsius: Celsius, around: Celsius }),
      z.object({ do: z.literal('take out') }),
    ]),
    answer: ProbeReadingSchema,
  }),
  sayProbe: route({
    method: 'PUT',
    path: '/households/:h/probe/reading',
    says: 'Says what a probe at this device shows, so that every device of the household sees it.',
    body: ProbeReadingSchema,
    answer: null,
  }),
} as const;
