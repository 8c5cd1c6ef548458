import { z } from 'zod';

/** What `prep` prints. */
export const PrepPrintedSchema = z.object({
  start: z.string().describe('HH:MM'),
  minutes: z.number().describe('From the first move to the last.'),
  hands: z.number().describe('So many of them are work of hands, washing up on the way included.'),
  oneByOne: z.number().describe('What the dishes would take one after the other, min.'),
  proved: z.boolean().describe('Whether no order is shorter.'),
  least: z.number().describe('No order takes less, min.'),
  order: z.array(
    z.object({
      at: z.number().describe('Minutes from the start.'),
      clock: z.string(),
      kind: z.enum(['task', 'wash', 'oven', 'over']),
      dish: z.string().nullable(),
      words: z.string(),
      minutes: z.number(),
      hands: z.boolean(),
      guessed: z.boolean().describe('Whether its minutes are a guess.'),
      heat: z.number().nullable().describe('For what bakes, °C.'),
    }),
  ),
  before: z.array(z.object({ dish: z.string(), words: z.string() })).describe('What begins the evening before.'),
  after: z.array(z.object({ dish: z.string(), words: z.string() })),
  guesses: z.array(z.string()),
});
export type PrepPrinted = z.infer<typeof PrepPrintedSchema>;
