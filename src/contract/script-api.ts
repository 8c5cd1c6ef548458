import { z } from 'zod';
import { LONGEST_RECIPE } from '../core/page/recipe-limits.ts';
import { ScoreAnswerSchema } from './cli.ts';
import { FeastCountedSchema, VersionCountedSchema } from './counted.ts';
import { Servings } from './primitives.ts';
import { route } from './route.ts';

/** The routes that only scripts ask: the screen counts by itself. */
export const SCRIPT_API = {
  score: route({
    method: 'POST',
    path: '/households/:h/score',
    says: 'Reads and counts a pasted recipe, and keeps nothing.',
    body: z.object({
      text: z.string().max(LONGEST_RECIPE, 'is too long'),
      servings: Servings.nullable().default(null),
      recipe: z.int().min(1).max(50).nullable().default(null).describe('Which, of a page with several.'),
    }),
    answer: ScoreAnswerSchema,
  }),
  countVersion: route({
    method: 'GET',
    path: '/households/:h/versions/:id/count',
    says: 'A serving of a version, counted for everyone who counts.',
    answer: VersionCountedSchema,
  }),
  countFeast: route({
    method: 'GET',
    path: '/households/:h/feasts/:id/count',
    says: "A feast, counted: everyone's whole plate.",
    answer: FeastCountedSchema,
  }),
} as const;
