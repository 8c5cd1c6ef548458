import { parseArgs } from 'node:util';
import { CliError } from './cli-error.ts';

const OPTIONS = {
  json: { type: 'boolean' },
  servings: { type: 'string' },
  program: { type: 'string' },
  rule: { type: 'string' },
  by: { type: 'string' },
  units: { type: 'string' },
  region: { type: 'string' },
  eater: { type: 'string', multiple: true },
  kcal: { type: 'string' },
  sodium: { type: 'string' },
  protein: { type: 'string' },
  'min-grams': { type: 'string' },
  'max-changes': { type: 'string' },
  without: { type: 'string', multiple: true },
  keep: { type: 'string', multiple: true },
  lacking: { type: 'string', multiple: true },
  have: { type: 'string', multiple: true },
  swaps: { type: 'string' },
  recipe: { type: 'string' },
  about: { type: 'string' },
  label: { type: 'string' },
  amounts: { type: 'string' },
  step: { type: 'string' },
  rounding: { type: 'string' },
  start: { type: 'string' },
  cooks: { type: 'string' },
  text: { type: 'boolean' },
  html: { type: 'boolean' },
  jsonld: { type: 'boolean' },
  png: { type: 'string' },
  household: { type: 'string' },
  explain: { type: 'boolean' },
  help: { type: 'boolean' },
} as const;

/** The flags that any command may take. */
export type Flags = ReturnType<typeof readFlags>['values'];
function readFlags(args: readonly string[]) {
  return parseArgs({ args: [...args], options: OPTIONS, allowPositionals: true, strict: true });
}

/** Reads flags and what stands between them. @throws CliError */
export function flagsOf(args: readonly string[]) {
  try {
    return readFlags(args);
  } catch (e) {
    const dash = args.findIndex((a, i) => /^-\d/.test(a) && /^--[a-z]/.test(args[i - 1] ?? ''));
    if (dash > 0) throw new CliError(`${args[dash - 1]} cannot be ${args[dash]}.`, 'Give a number above 0.');
    throw new CliError('A flag is wrong.', (e as Error).message);
  }
}
