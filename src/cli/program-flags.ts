import type { z } from 'zod';
import { ProgramFileSchema, type RuleFile, RuleFileSchema } from '../contract/program.ts';
import { type Program, USUAL_WEEK } from '../core/program/program.ts';
import { SAMPLE_PROGRAMS } from '../core/program/samples.ts';
import { anyFood } from '../core/program/uncounted.ts';
import { CliError } from './cli-error.ts';
import type { Flags } from './flags.ts';
import { readText } from './read-text.ts';

/** The programs to count by: the one that flags say, else the samples. @throws CliError */
export function programsAsked(flags: Flags): readonly Program[] {
  const own = ownPrograms(flags);
  if (own.length > 0) return own;
  if (flags.program === undefined) return SAMPLE_PROGRAMS;
  const mark = flags.program.toUpperCase();
  const program = SAMPLE_PROGRAMS.find((p) => p.mark === mark);
  if (program) return [program];
  throw new CliError(
    `There is no program ${flags.program}.`,
    `The programs are ${SAMPLE_PROGRAMS.map((p) => p.mark).join(', ')}; one of your own is a file, such as own.json.`,
  );
}

/** The programs of one's own that flags give as files. @throws CliError */
export function ownPrograms(flags: Flags): readonly Program[] {
  if (flags.rule !== undefined && flags.program !== undefined)
    throw new CliError('--program and --rule exclude each other.', 'Give one of them.');
  if (flags.rule !== undefined) return [programOfRule(readText(flags.rule))];
  return flags.program !== undefined && isFileName(flags.program) ? [programOfFile(readText(flags.program))] : [];
}

/** A mark has no dot and no slash. */
const isFileName = (text: string): boolean => text === '-' || /[./\\]/.test(text);

/** What a file of JSON says. @throws CliError naming what of it cannot be */
function readJson<T>(text: string, schema: z.ZodType<T>, what: string): T {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    throw new CliError(`The ${what} cannot be read.`, 'It is not JSON.');
  }
  const read = schema.safeParse(json);
  if (read.success) return read.data;
  const issue = read.error.issues[0]!;
  throw new CliError(`The ${what} cannot be read.`, `${issue.path.join('.')}: ${issue.message}`);
}

/** A program of one's own, from the file that the application writes. @throws CliError */
function programOfFile(text: string): Program {
  const { v: _, ...program } = readJson(text, ProgramFileSchema, 'program');
  return { id: 'own-program', revision: 1, ...program };
}

/** A program of one's own, from the JSON of a rule. @throws CliError */
function programOfRule(text: string): Program {
  const rule: RuleFile = readJson(text, RuleFileSchema, 'rule');
  const { uncounted } = rule;
  const borrowed = typeof uncounted === 'string' ? SAMPLE_PROGRAMS.find((p) => p.mark === uncounted) : undefined;
  if (typeof uncounted === 'string' && !borrowed) {
    throw new CliError(
      `There is no uncounted list ${uncounted}.`,
      `Name one of ${SAMPLE_PROGRAMS.map((p) => p.mark).join(', ')}, or food ids.`,
    );
  }
  const ownList = {
    entries: Array.isArray(uncounted) && uncounted.length > 0 ? [{ ...anyFood('on the list'), foods: uncounted }] : [],
    exclusions: [],
  };
  return {
    id: 'own-rule',
    revision: 1,
    mark: rule.mark,
    name: rule.name,
    idea: '',
    rule: {
      coefficients: rule.coefficients,
      per: rule.per,
      caps: rule.caps,
      step: rule.step,
      rounding: rule.rounding,
      floorAt: rule.floorAt,
    },
    taught: null,
    personal: false,
    by: rule.by,
    list: borrowed?.list ?? ownList,
    allowance: 0,
    reserve: 0,
    floor: 0,
    week: USUAL_WEEK,
  };
}
