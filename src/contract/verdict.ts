import { z } from 'zod';
import { AGAIN, ENOUGH, type Verdict } from '../core/swap/verdict.ts';
import { Revision } from './entry.ts';
import { Id, Written } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

/** A verdict as it is sent: the server writes down which swaps the version had. */
export const NewVerdictSchema = z.object({
  versionId: Id,
  eaterId: Id,
  again: z.enum(AGAIN),
  enough: z.enum(ENOUGH).nullable(),
  note: Written(500).trim(),
});
export type NewVerdict = z.infer<typeof NewVerdictSchema>;

export const VerdictSchema = schemaOf<Verdict>()(
  NewVerdictSchema.extend({
    swaps: z.array(z.object({ swapId: z.string().max(64), place: z.enum(['inDish', 'onTop']) })),
  }),
);
/** What everyone said, each with its revision. */
export const VerdictsSchema = z.array(VerdictSchema.extend({ revision: Revision }));
