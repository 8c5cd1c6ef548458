import { z } from 'zod';

/** A count that was moved: from what to what, under the mark of a program. */
export const MovedSchema = z.object({ mark: z.string(), was: z.number(), now: z.number() });
export type Moved = z.infer<typeof MovedSchema>;
