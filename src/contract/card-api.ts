import { z } from 'zod';
import { CardSchema } from './card.ts';
import { CardLinkSchema } from './recipe.ts';
import { route } from './route.ts';

/** The routes of cards. */
export const CARD_API = {
  previewCard: route({
    method: 'GET',
    path: '/households/:h/versions/:id/card',
    says: 'The card of a version as it would be now, and as text.',
    answer: z.object({ card: CardSchema, text: z.string() }),
  }),
  addCard: route({
    method: 'POST',
    path: '/households/:h/versions/:id/cards',
    says: 'Keeps the card of a version under a link of its own.',
    answer: CardLinkSchema,
    makes: true,
  }),
  withdrawCard: route({
    method: 'DELETE',
    path: '/households/:h/cards/:id',
    says: 'Withdraws a card: its link leads nowhere from then on.',
    answer: null,
  }),
} as const;
