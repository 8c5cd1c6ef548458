import { z } from 'zod';
import { DifferenceSchema } from './entry.ts';

/** Problem details, RFC 9457, in words a cook can act on. */
export const ProblemSchema = z.object({
  type: z.string().default('about:blank'),
  title: z.string(),
  status: z.number(),
  detail: z.string().optional(),
  /** The fields that are wrong, with what is wrong about each. */
  errors: z.array(z.object({ field: z.string(), message: z.string() })).optional(),
  /** The request that it was, as the log names it. */
  instance: z.string().optional(),
  /** Of a conflict: the document as it is kept, and where the two copies differ. */
  kept: z.unknown().optional(),
  differences: z.array(DifferenceSchema).readonly().optional(),
});
export type Problem = z.infer<typeof ProblemSchema>;
