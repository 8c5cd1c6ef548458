import { z } from 'zod';
import { ROLES } from '../core/food/food.ts';
import { checkSwap } from '../core/swap/check-swap.ts';
import type { OwnSwap } from '../core/swap/own-swap.ts';
import { SWAP_KINDS, type WrittenSwap } from '../core/swap/swap.ts';
import { Revision } from './entry.ts';
import { Id, Words, Written } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

const Share = z.number('is not a number').gt(0, 'must be above 0').max(1, 'can be at most the whole');
const NoteText = (most: number) => Written(most, `is longer than ${most} characters`).trim();

const SwapFields = z.object({
  id: Id,
  name: Words(80),
  kind: z.enum(SWAP_KINDS),
  role: z.enum(ROLES),
  from: z.array(Id).max(40),
  into: z
    .array(z.object({ foodId: Id, ratio: z.number('is not a number').gt(0, 'must be above 0').max(20, 'is too much') }))
    .max(6, 'are more than 6 foods'),
  share: Share,
  mostShare: Share,
  stays: z.number('is not a number').min(0, 'cannot be below 0').max(10_000, 'is too much'),
  departure: z.number('is not a number').gt(0, 'must be above 0').max(100, 'can be at most 100').multipleOf(0.1),
  method: NoteText(500).nullable(),
  watch: NoteText(300).nullable(),
  why: NoteText(300),
});
const fitsTogether = <T extends z.infer<typeof SwapFields>>(swap: T, ctx: z.RefinementCtx<T>): void => {
  const wrong = checkSwap(swap);
  if (wrong !== null) ctx.addIssue({ code: 'custom', message: wrong, path: [] });
};

/** A swap as a household writes it, or as a file gives it to the command line. */
export const SwapSchema: z.ZodType<WrittenSwap> = schemaOf<WrittenSwap>()(SwapFields.superRefine(fitsTogether));
export const OwnSwapSchema: z.ZodType<OwnSwap, OwnSwap> = schemaOf<OwnSwap>()(
  SwapFields.extend({ retired: z.boolean() }).superRefine(fitsTogether),
);
/** The swaps that a household wrote, each with its revision. */
export const OwnSwapsSchema = z.array(OwnSwapSchema.and(z.object({ revision: Revision })));
