import { z } from 'zod';
import type { Credit } from '../core/card/card.ts';
import { Written } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

const Link = z
  .string()
  .max(500)
  .regex(/^https?:\/\/\S+$/i, 'is not a web address that begins with http');

export const CreditSchema = schemaOf<Credit>()(
  z.object({
    author: Written(120).trim().nullable(),
    url: Link.nullable(),
    whose: z.enum(['own', 'family', 'other']),
  }),
);
