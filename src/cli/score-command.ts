import { type RuleFile, RuleFileSchema } from '../contract/program.ts';
import { readPasted, recipeMeant } from '../contract/read-pasted.ts';
import { type Score, scoreRecipe } from '../core/counting/score-recipe.ts';
import { sureWords } from '../core/counting/stair-words.ts';
import { indexFoods } from '../core/food/match-food.ts';
import type { PageLanguage, RecipeText } from '../core/page/recipe-text.ts';
import { MOST_SERVINGS } from '../core/program/count.ts';
import { formatPoints } from '../core/program/format-points.ts';
import { type Program, USUAL_WEEK } from '../core/program/program.ts';
import { COUNTING_METHODS, type CountingMethod } from '../core/program/rule.ts';
import { SAMPLE_PROGRAMS } from '../core/program/samples.ts';
import { anyFood } from '../core/program/uncounted.ts';
import { CliError } from './cli-error.ts';
import type { Flags } from './flags.ts';
import { foodsIn, systemOf } from './parse-command.ts';
import { readText } from './read-text.ts';

/** `score`: a recipe counted under the sample programs, one of them, or a rule of one's own. */
export function scoreCommand(text: string, flags: Flags): string {
  const { recipe, language } = recipeFromFile(text, flags);
  if (recipe.ingredients.length === 0) {
    throw new CliError(
      'There are no ingredients in it.',
      'Give the ingredients one a line, under a heading "Ingredients".',
    );
  }
  const score = scoreRecipe(recipe, {
    language,
    servings: servingsOf(flags, recipe),
    programs: programsAsked(flags),
    index: indexFoods(foodsIn(flags)),
    system: systemOf(flags),
    by: methodFlag(flags),
  });
  return flags.json ? JSON.stringify(score, null, 2) : scoreInWords(score);
}

/** The recipe of a text, a saved page or JSON; of several the one that `--recipe` says. @throws CliError */
export function recipeFromFile(text: string, flags: Flags): { recipe: RecipeText; language: PageLanguage | null } {
  if (text.trim() === '')
    throw new CliError('There is nothing to read.', 'Give the text of a recipe, or a recipe as JSON.');
  const meant = recipeMeant(readPasted(text), flags.recipe === undefined ? null : Number(flags.recipe));
  if ('which' in meant)
    throw new CliError(`The recipes in it are: ${meant.which.join(', ')}.`, 'Say which is meant, such as --recipe 1.');
  const { recipe, language } = meant;
  if (recipe.ingredients.length === 0 && isJsonFile(text)) {
    throw new CliError(
      'The JSON is not a recipe.',
      'Give title, servings, lines and steps, or a schema.org Recipe with recipeIngredient.',
    );
  }
  return { recipe, language };
}

function isJsonFile(text: string): boolean {
  if (!/^\s*[[{]/.test(text)) return false;
  try {
    JSON.parse(text);
    return true;
  } catch {
    return false;
  }
}

/** Servings by the flag, else by the recipe. @throws CliError */
export function servingsOf(flags: Flags, recipe: RecipeText): number | null {
  const n = flags.servings === undefined ? recipe.servings : Number(flags.servings);
  if (n === null) return null;
  if (!(n > 0 && n <= MOST_SERVINGS)) {
    throw new CliError(
      `Servings cannot be ${flags.servings ?? n}.`,
      `Give a number above 0 and at most ${MOST_SERVINGS}.`,
    );
  }
  return n;
}

function methodFlag(flags: Flags): CountingMethod | null {
  if (flags.by === undefined) return null;
  if (COUNTING_METHODS.includes(flags.by as CountingMethod)) return flags.by as CountingMethod;
  throw new CliError(`--by ${flags.by} is not a way of counting.`, `Use one of ${COUNTING_METHODS.join(', ')}.`);
}

function programsAsked(flags: Flags): readonly Program[] {
  if (flags.rule !== undefined && flags.program !== undefined) {
    throw new CliError('--program and --rule exclude each other.', 'Give one of them.');
  }
  if (flags.rule !== undefined) return [programOfRule(readText(flags.rule))];
  if (flags.program === undefined) return SAMPLE_PROGRAMS;
  const mark = flags.program.toUpperCase();
  const program = SAMPLE_PROGRAMS.find((p) => p.mark === mark);
  if (program) return [program];
  throw new CliError(
    `There is no program ${flags.program}.`,
    `The programs are ${SAMPLE_PROGRAMS.map((p) => p.mark).join(', ')}.`,
  );
}

/** A program of one's own, from the JSON of a rule. @throws CliError */
export function programOfRule(text: string): Program {
  let rule: RuleFile;
  try {
    rule = RuleFileSchema.parse(JSON.parse(text));
  } catch (e) {
    const issue = (e as { issues?: { path: PropertyKey[]; message: string }[] }).issues?.[0];
    throw new CliError(
      'The rule cannot be read.',
      issue ? `${issue.path.join('.')}: ${issue.message}` : 'It is not JSON.',
    );
  }
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
    by: rule.by,
    list: borrowed?.list ?? ownList,
    allowance: 0,
    reserve: 0,
    floor: 0,
    week: USUAL_WEEK,
  };
}

function scoreInWords(s: Score): string {
  const out = [`${s.title ?? 'Untitled'}, ${s.servings === null ? 'the whole' : `serves ${s.servings}`}`];
  const of = s.servings === null ? 'in all' : 'a serving';
  out.push(...[...s.asks, ...s.doubts].map((said) => `  ${said}`));
  if (s.language !== null) out.push(`  It is not in English (${s.language}): look at every line.`);
  const open = s.unresolved.length;
  if (open > 0 && open === s.lines.length) out.push('  Nothing is counted yet: every line is open.');
  else
    for (const p of s.programs) {
      const sure = open > 0 ? ' so far' : sureWords({ range: p });
      out.push(`  ${p.mark}  ${formatPoints(p.points)} points ${of} (${p.raw.toFixed(2)}${sure}, by ${p.by})`);
    }
  if (s.perServing.kcal !== null) out.push(`  ${Math.round(s.perServing.kcal)} kcal ${of}`);
  for (const l of s.lines)
    out.push(
      `  ${l.line} → ${l.food?.name ?? 'open'}${l.grams === null ? '' : `, ${l.grams.toFixed(1)} g`}${l.doubt === null || l.food === null ? '' : ` (${l.doubt.words})`}`,
    );
  if (s.unresolved.length > 0)
    out.push(`  So far: ${s.unresolved.length === 1 ? 'one line is' : `${s.unresolved.length} lines are`} open.`);
  return out.join('\n');
}
