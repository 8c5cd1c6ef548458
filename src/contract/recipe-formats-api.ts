import { z } from 'zod';
import { RECIPE_FORMATS } from '../core/exchange/cannot-hold.ts';
import { route } from './route.ts';

const Format = z.enum(RECIPE_FORMATS);

/** The routes by which recipes go out in open formats. */
export const FORMATS_API = {
  aboutFormats: route({
    method: 'GET',
    path: '/households/:h/formats',
    says: 'The formats that a recipe goes out in, each with what it cannot hold.',
    answer: z.array(z.object({ format: Format, without: z.array(z.string()) })),
  }),
  recipeAs: route({
    method: 'GET',
    path: '/households/:h/versions/:id/as',
    says: 'A version of a recipe in an open format: JSON-LD, Cooklang, Markdown, plain text, or rows of a table.',
    query: z.object({ format: Format }),
    answer: null,
    bytes: 'text/plain; charset=utf-8',
  }),
  recipesAs: route({
    method: 'GET',
    path: '/households/:h/recipes-as',
    says: 'All recipes in an open format: one list of JSON-LD or rows, or an archive with a file for each.',
    query: z.object({ format: Format }),
    answer: null,
    bytes: 'application/octet-stream',
  }),
} as const;
