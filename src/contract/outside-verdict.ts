import { z } from 'zod';
import type { OutsideVerdict } from '../core/card/outside-verdict.ts';
import { AGAIN } from '../core/swap/verdict.ts';
import { ShortWords } from './pass-on.ts';
import { Day, Id } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

export const OutsideVerdictSchema: z.ZodType<OutsideVerdict> = schemaOf<OutsideVerdict>()(
  z.object({
    id: Id,
    recipeId: Id,
    day: Day,
    who: ShortWords(80),
    again: z.enum(AGAIN).nullable(),
    words: ShortWords(500),
    lineId: Id.nullable(),
  }),
);
