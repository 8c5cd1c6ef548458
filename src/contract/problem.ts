import { z } from 'zod';

/** Problem details, RFC 9457, in words a cook can act on. */
export const ProblemSchema = z.object({
  type: z.string().default('about:blank'),
  title: z.string(),
  status: z.number(),
  detail: z.string().optional(),
  /** The fields that are wrong, with what is wrong about each. */
  errors: z.array(z.object({ field: z.string(), message: z.string() })).optional(),
});
export type Problem = z.infer<typeof ProblemSchema>;
