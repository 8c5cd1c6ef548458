import { z } from 'zod';
import { ParseAnswerSchema, ScoreAnswerSchema, TeachAnswerSchema, WaysAnswerSchema } from './cli.ts';
import { HouseholdFileSchema } from './household-file.ts';
import { PrepPrintedSchema } from './prep-printed.ts';
import { ProblemSchema } from './problem.ts';
import { ProgramFileSchema, RuleFileSchema } from './program.ts';
import { OwnRecipeSchema } from './recipe-file.ts';
import { SwapSchema } from './swap.ts';

/** The JSON schemas that docs/schemas publishes, by file name. */
export const schemas = (): Record<string, unknown> => ({
  parse: z.toJSONSchema(ParseAnswerSchema),
  score: z.toJSONSchema(ScoreAnswerSchema),
  ways: z.toJSONSchema(WaysAnswerSchema),
  prep: z.toJSONSchema(PrepPrintedSchema),
  teach: z.toJSONSchema(TeachAnswerSchema),
  rule: z.toJSONSchema(RuleFileSchema, { io: 'input', unrepresentable: 'any' }),
  program: z.toJSONSchema(ProgramFileSchema, { io: 'input', unrepresentable: 'any' }),
  recipe: z.toJSONSchema(OwnRecipeSchema, { io: 'input' }),
  swaps: z.toJSONSchema(z.array(SwapSchema), { io: 'input' }),
  household: z.toJSONSchema(HouseholdFileSchema, { io: 'input', unrepresentable: 'any' }),
  problem: z.toJSONSchema(ProblemSchema, { io: 'input' }),
});
