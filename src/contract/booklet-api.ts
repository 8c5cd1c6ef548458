import { z } from 'zod';
import type { Booklet } from '../core/exchange/booklet.ts';
import { CardSchema } from './card.ts';
import { Paragraphs } from './pass-on.ts';
import { Id, Words } from './primitives.ts';
import { route } from './route.ts';
import { schemaOf } from './schema-of.ts';

/** More recipes are bound in two. */
const MOST_IN_BOOKLET = 200;

/** What is bound together. */
export const BookletWishSchema = z.object({
  /** Of its own: the same again is the same book. */
  id: z.uuid(),
  title: Words(200),
  words: Paragraphs(2000).default(''),
  /** Recipes by id, in their order. */
  recipes: z.array(Id).min(1, 'has no recipe').max(MOST_IN_BOOKLET, `are more than ${MOST_IN_BOOKLET}`),
});
export type BookletWish = z.infer<typeof BookletWishSchema>;

export const BookletSchema = schemaOf<Booklet>()(
  z.object({
    id: z.string(),
    title: z.string(),
    words: z.string().nullable(),
    countedOn: z.string(),
    cards: z.array(CardSchema),
  }),
);

/** The routes of booklets. */
export const BOOKLET_API = {
  previewBooklet: route({
    method: 'POST',
    path: '/households/:h/booklet/preview',
    says: 'Recipes bound together, each as its card goes out now.',
    body: BookletWishSchema,
    answer: BookletSchema,
  }),
  epub: route({
    method: 'POST',
    path: '/households/:h/booklet',
    says: 'Recipes bound together as EPUB 3: cover, contents, cards, indexes, and how points were counted.',
    body: BookletWishSchema,
    answer: null,
    bytes: 'application/epub+zip',
  }),
} as const;
