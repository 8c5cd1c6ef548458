import { z } from 'zod';
import { type Corrected, WRONG_BEFORE } from '../core/card/corrected.ts';
import { CARD_PARTS, type PassOn } from '../core/card/pass-on.ts';
import { withoutUnwritten } from '../core/quantity/unwritten.ts';
import { Id } from './primitives.ts';
import { schemaOf } from './schema-of.ts';

/** Own words at the top of a card: some paragraphs, and nothing that no keyboard writes. */
export const Paragraphs = (most: number) =>
  z
    .string()
    .overwrite((s) => withoutUnwritten(s.replace(/\r\n?|[\u2028\u2029]/g, '\n')))
    .max(most, `is longer than ${most} characters`);
/** Words on one line, which may be none. */
export const ShortWords = (most: number) => Paragraphs(most).overwrite((s) => s.replace(/\n+/g, ' '));

/** What a cook chose to pass on of a recipe. */
export const PassOnSchema: z.ZodType<PassOn> = schemaOf<PassOn>()(
  z.object({
    hides: z.array(z.enum(CARD_PARTS)).max(CARD_PARTS.length),
    words: Paragraphs(2000),
    pictureId: Id.nullable(),
    programs: z.array(Id).max(50).nullable(),
    label: z.boolean(),
    others: z.enum(['changes', 'amounts']),
    ownSteps: Paragraphs(20_000),
    lines: z
      .array(z.object({ id: Id, any: ShortWords(120), foods: z.array(Id).max(8), asks: ShortWords(300) }))
      .max(200),
  }),
);

export const CorrectedSchema = schemaOf<Corrected>()(
  z.object({
    on: z.string(),
    why: z.enum(WRONG_BEFORE),
    words: ShortWords(300),
    was: z.array(z.object({ mark: z.string(), points: z.number() })),
    kcalWas: z.number().nullable(),
  }),
);
