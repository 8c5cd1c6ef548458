import { z } from 'zod';
import { ROLES } from '../core/food/food.ts';
import { NUTRIENTS } from '../core/food/nutrients.ts';
import { PAGE_LANGUAGES } from '../core/page/recipe-text.ts';
import { COUNTING_METHODS } from '../core/program/rule.ts';
import { DISH_KINDS, TECHNIQUES } from '../core/version/dish-words.ts';

const FoodAnswer = z.object({ id: z.string(), name: z.string() }).nullable();
const GramsFromSchema = z.enum(['weight', 'measure', 'count', 'package', 'density', 'estimate', 'none']);

/** One entry of `parse`: an ingredient line, read, matched and weighed. */
export const ParsedLineSchema = z.object({
  line: z.string().describe('The words as written.'),
  quantity: z.number().nullable(),
  quantityMax: z.number().nullable().describe('The upper end of a range.'),
  unit: z.string().nullable().describe('A canonical singular unit; null for whole pieces.'),
  item: z.string(),
  note: z.string().nullable(),
  packageQuantity: z.number().nullable().describe('The size of one package.'),
  packageUnit: z.string().nullable(),
  parts: z
    .array(
      z.object({
        quantity: z.number(),
        quantityMax: z.number().nullable(),
        unit: z.string().nullable(),
        relation: z.enum(['plus', 'same']),
      }),
    )
    .describe('Further amounts: added to the first (plus), or the same amount said another way (same).'),
  modifiers: z.array(z.string()),
  alternatives: z.array(z.string()),
  group: z.string().nullable(),
  confidence: z.number().min(0).max(1),
  warnings: z.array(z.string()),
  food: FoodAnswer,
  grams: z.number().nullable(),
  gramsFrom: GramsFromSchema,
  rules: z
    .array(z.object({ rule: z.string(), words: z.string() }))
    .optional()
    .describe('With --explain: the rules that had something to say, in order, and the words each took off the line.'),
});
export const ParseAnswerSchema = z.array(ParsedLineSchema);
export type ParsedLine = z.infer<typeof ParsedLineSchema>;

const nutrient = z.number().nullable();
const minutes = z.number().nullable();

/** What `score` prints. Numbers are unrounded but for `points`. */
export const ScoreAnswerSchema = z.object({
  title: z.string().nullable(),
  servings: z.number().nullable().describe('Null where nobody says how many: then everything is of the whole.'),
  asks: z.array(z.string()).describe('What has to be answered before the numbers mean a serving.'),
  doubts: z.array(z.string()).describe('What in it cannot both be: list and steps, times, what it makes.'),
  language: z.enum(PAGE_LANGUAGES).nullable().describe('What it is written in, where that is not English.'),
  dish: z.enum(DISH_KINDS),
  steps: z.array(z.string()),
  groups: z.array(z.string()).describe('The headings of the list.'),
  claims: z.array(z.object({ kind: z.enum(['points', 'kcal']), value: z.number(), words: z.string() })),
  times: z.object({ prep: minutes, cook: minutes, total: minutes }).describe('Minutes, as the source says them.'),
  pans: z.array(z.object({ words: z.string(), lid: z.boolean() })),
  tools: z.array(z.string()),
  perServing: z.object({ kcal: nutrient, protein: nutrient, satFat: nutrient, sugars: nutrient, fibre: nutrient }),
  programs: z.array(
    z.object({
      mark: z.string(),
      points: z.number().describe("The count under the program's own way, or under --by."),
      raw: z.number().describe('Unrounded points a serving.'),
      by: z.enum(COUNTING_METHODS),
      low: z.number().describe('The lower end of what raw may be.'),
      high: z.number(),
    }),
  ),
  lines: z.array(
    z.object({
      line: z.string(),
      group: z.string().nullable(),
      food: FoodAnswer,
      grams: z.number().nullable(),
      gramsFrom: GramsFromSchema,
      confidence: z.number(),
      standIn: z.string().nullable().describe('Words of the line that its food knows nothing of.'),
      role: z.enum(ROLES).nullable().describe('The part that it plays in its dish.'),
      technique: z.enum(TECHNIQUES).nullable().describe('What the steps do with it, where its part hangs on that.'),
      usedIn: z.array(z.number()).describe('Numbers of the steps that use it, from 1.'),
      doubt: z
        .object({ kind: z.enum(['food', 'amount', 'right', 'warning', 'range', 'estimate']), words: z.string() })
        .nullable()
        .describe('What a cook should look at; food and amount have to be answered.'),
      warnings: z.array(z.string()),
      raw: z.record(z.string(), z.number()).describe('Unrounded points a serving, by mark.'),
      uncounted: z.array(z.string()).describe('Marks of the programs that do not count it.'),
    }),
  ),
  unresolved: z.array(z.string()).describe('Lines that could not be read, matched or weighed: the count is so far.'),
});

const byMark = z.record(z.string(), z.number());
const Changes = z.array(
  z.object({
    line: z.string().describe('The line as written.'),
    swap: z.string().describe("A swap's id, or leave-out."),
    from: z.string(),
    to: z.string(),
  }),
);
const WayAnswer = z.object({
  points: byMark.describe('Points of a serving, by mark.'),
  raw: byMark.describe('Unrounded points of a serving, by mark.'),
  kcal: z.number().nullable(),
  protein: z.number().nullable(),
  sodium: z.number().nullable().describe('mg, without what is salted to taste.'),
  grams: z.number().describe('What a serving weighs: a smaller plate is no swap.'),
  departure: z.number().describe('In tenths from 0: the departures of the changes added up.'),
  differs: z.string().nullable().describe('How an alternative differs from the best; null for the best.'),
  changes: Changes,
});

/** What `ways` prints. */
export const WaysAnswerSchema = z.object({
  servings: z.number().nullable().describe('Null where nobody says how many: then the aim is for the whole.'),
  targets: byMark,
  reachable: z.boolean(),
  proved: z.boolean().describe('Whether the first way is proved to depart least.'),
  ways: z.array(WayAnswer).describe('The best first, then near alternatives that differ in kind.'),
  otherWays: z
    .array(z.object({ words: z.string(), points: byMark, grams: z.number(), departure: z.number() }))
    .describe('What is lighter in other ways: more pieces, a smaller pan, half and half, more vegetable, the table.'),
  obstacle: z
    .object({ words: z.array(z.string()), closest: WayAnswer.nullable() })
    .nullable()
    .describe('What stands in the way when the targets cannot be reached, and the closest that can.'),
  mustGo: z
    .array(z.object({ line: z.string(), why: z.array(z.string()) }))
    .describe('Lines that must not be in it, and why: they go first, and their departures are told from the least.'),
  frontier: z
    .array(z.object({ mark: z.string(), points: z.number(), raw: z.number(), departure: z.number(), changes: Changes }))
    .describe('The least departure for at most so many points, for the first target; the others hold.'),
  unresolved: z.array(z.string()).describe('Lines that could not be read, matched or weighed.'),
  options: z
    .array(
      z.object({
        line: z.string(),
        swap: z.string().nullable().describe('null: it stays; leave-out; else a swap.'),
        raw: byMark.describe('What the line then adds to a serving, by mark.'),
        kcal: z.number(),
        protein: z.number(),
        sodium: z.number(),
        departure: z.number(),
        share: z.number(),
        grams: z.number(),
      }),
    )
    .optional()
    .describe('With --explain: the whole choice.'),
  base: z
    .object({ raw: byMark, kcal: z.number(), protein: z.number(), sodium: z.number(), grams: z.number() })
    .optional()
    .describe('With --explain: what a serving counts that no choice changes.'),
});
export type WaysPrinted = z.infer<typeof WaysAnswerSchema>;

const TaughtTerm = z.object({
  nutrient: z.enum(NUTRIENTS),
  min: z.number(),
  max: z.number().describe('Points per kcal, g or mg, over every rule that fits.'),
  chosen: z.number().describe('In the rule that explains the table with the fewest nutrients.'),
});

/** What `teach` prints. */
export const TeachAnswerSchema = z.object({
  consistent: z.boolean(),
  reading: z.enum(['exact', 'label']),
  rule: z
    .object({
      coefficients: z.partialRecord(z.enum(NUTRIENTS), z.number()),
      per: z.number(),
      caps: z.partialRecord(z.enum(NUTRIENTS), z.number()),
      step: z.number(),
      rounding: z.enum(['nearest', 'up', 'down']),
      floorAt: z.enum(['serving', 'line']),
    })
    .nullable()
    .describe('A rule that would do, as rule.json; null where none does.'),
  terms: z.array(TaughtTerm),
  modes: z.array(z.object({ rounding: z.enum(['nearest', 'up', 'down']), step: z.number() })),
  caps: z
    .array(z.object({ nutrient: z.enum(NUTRIENTS), most: z.number() }).nullable())
    .describe('Which caps still fit; null is none.'),
  oddOnesOut: z
    .array(z.array(z.string()))
    .describe('Every smallest set that contradicts the rest, the likeliest first.'),
  uncounted: z.array(z.string()).describe('Foods that the program does not count, in all likelihood.'),
  about: z.array(
    z.object({
      food: z.string(),
      min: z.number(),
      max: z.number(),
      points: z.number(),
      settled: z.boolean(),
      likely: z.boolean(),
      share: z.number(),
    }),
  ),
  next: z
    .object({
      food: z.string(),
      amount: z.number().describe('How many times the amount of the food.'),
      min: z.number(),
      max: z.number(),
      settles: z.number().describe('How many foods are nearly certain by its answer that are not yet, on the average.'),
    })
    .nullable(),
});
export type TeachAnswer = z.infer<typeof TeachAnswerSchema>;
