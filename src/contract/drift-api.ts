import { z } from 'zod';
import { PublishAgainSchema } from './card-api.ts';
import { DriftSchema, OutdatedLinesSchema } from './drift.ts';
import { CardLinkSchema } from './recipe.ts';
import { route } from './route.ts';

/** The routes of what changes elsewhere have moved. */
export const DRIFT_API = {
  drift: route({
    method: 'GET',
    path: '/households/:h/drift',
    says: 'What changes of programs, pins, eaters, inner recipes and foods have moved, and the cards that show it no more.',
    answer: DriftSchema,
  }),
  putAside: route({
    method: 'PUT',
    path: '/households/:h/drift/:id/aside',
    says: 'Puts one of the changes aside, or takes it up again.',
    body: z.object({ aside: z.boolean() }),
    answer: null,
  }),
  outdatedLines: route({
    method: 'GET',
    path: '/households/:h/foods/:id/outdated',
    says: 'The lines that name a food in an earlier state, and what the newest would make of their counts.',
    answer: z.array(OutdatedLinesSchema),
  }),
  publishAgain: route({
    method: 'POST',
    path: '/households/:h/cards/:id/again',
    says: 'Publishes a card as it counts now, under the link that it has, and says on it what was wrong before.',
    body: PublishAgainSchema,
    answer: CardLinkSchema,
  }),
  publishBefore: route({
    method: 'POST',
    path: '/households/:h/cards/:id/before',
    says: 'Shows under a link again what it showed before it was published again.',
    answer: CardLinkSchema,
  }),
} as const;
