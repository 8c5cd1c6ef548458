import { z } from 'zod';
import { CardSchema } from './card.ts';
import { Revision } from './entry.ts';
import { OutsideVerdictSchema } from './outside-verdict.ts';
import { CorrectedSchema } from './pass-on.ts';
import { Day } from './primitives.ts';
import { CardLinkSchema } from './recipe.ts';
import { route } from './route.ts';

/** How a card is wanted as text. */
export const PostQuerySchema = z.object({
  length: z.enum(['short', 'long']).default('long'),
  steps: z.enum(['yes', 'no']).default('yes'),
  /** So many characters at most. */
  most: z.coerce.number().int().min(1).max(100_000).nullable().default(null),
});

/** What a link is made with. */
export const NewCardSchema = z.object({
  /** The last day on which it leads to its card; null for no end. */
  until: Day.nullable().default(null),
});
export type NewCard = z.infer<typeof NewCardSchema>;

/** What was wrong about a card that is published again. */
export const PublishAgainSchema = CorrectedSchema.pick({ why: true, words: true });
export type PublishAgain = z.infer<typeof PublishAgainSchema>;

/** The routes of cards. */
export const CARD_API = {
  previewCard: route({
    method: 'GET',
    path: '/households/:h/versions/:id/card',
    says: 'The card of a version as it would be now, and as text: the points of all programs first, within a length.',
    query: PostQuerySchema,
    answer: z.object({
      card: CardSchema,
      text: z.string(),
      /** What was given up to stay within the length, in words. */
      left: z.array(z.string()),
      /** By how many characters even the least is too long. */
      over: z.int(),
    }),
  }),
  cardPicture: route({
    method: 'GET',
    path: '/households/:h/versions/:id/card.png',
    says: 'The card of a version as a picture to post.',
    query: PostQuerySchema.pick({ steps: true }),
    answer: null,
    bytes: 'image/png',
  }),
  addCard: route({
    method: 'POST',
    path: '/households/:h/versions/:id/cards',
    says: 'Keeps the card of a version under a link of its own.',
    body: NewCardSchema,
    answer: CardLinkSchema,
    makes: true,
  }),
  outsideVerdicts: route({
    method: 'GET',
    path: '/households/:h/outside-verdicts',
    says: 'What people outside of the household said of dishes that were passed on, the newest first.',
    answer: z.array(OutsideVerdictSchema.and(z.object({ revision: Revision }))),
  }),
  withdrawCard: route({
    method: 'DELETE',
    path: '/households/:h/cards/:id',
    says: 'Withdraws a card: its link leads nowhere from then on.',
    answer: null,
  }),
} as const;
