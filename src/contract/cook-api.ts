import { z } from 'zod';
import { AtStoveSchema, BoxesSchema, BoxKindsSchema, CooksSchema, VesselsSchema } from './cook.ts';
import { Id } from './primitives.ts';
import { route } from './route.ts';

/** The routes of what is cooked and was cooked, of boxes, and of vessels. */
export const COOK_API = {
  clock: route({
    method: 'GET',
    path: '/clock',
    says: 'What the time is here: timers are instants of this clock.',
    answer: z.object({ now: z.iso.datetime() }),
  }),
  atStove: route({
    method: 'GET',
    path: '/households/:h/stove',
    says: 'What was begun at the stove in the last days and is not dished up, or has a timer still, the newest first, each with its title.',
    answer: AtStoveSchema,
  }),
  cooks: route({
    method: 'GET',
    path: '/households/:h/cooks',
    says: 'The times that a recipe was cooked, the newest first.',
    query: z.object({ recipe: Id }),
    answer: CooksSchema,
  }),
  boxes: route({
    method: 'GET',
    path: '/households/:h/boxes',
    says: 'The boxes that are there, and those that were taken in the last weeks, the first to be eaten first; of one recipe all that ever were.',
    query: z.object({ recipe: Id.optional() }),
    answer: BoxesSchema,
  }),
  vessels: route({
    method: 'GET',
    path: '/households/:h/vessels',
    says: 'The vessels of the household with what they weigh empty.',
    answer: VesselsSchema,
  }),
  boxKinds: route({
    method: 'GET',
    path: '/households/:h/box-kinds',
    says: 'The kinds of boxes that the household has.',
    answer: BoxKindsSchema,
  }),
} as const;
