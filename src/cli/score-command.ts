import { readPasted, recipeMeant } from '../contract/read-pasted.ts';
import { type Score, scoreRecipe } from '../core/counting/score-recipe.ts';
import { sureWords } from '../core/counting/stair-words.ts';
import { indexFoods } from '../core/food/match-food.ts';
import type { PageLanguage, RecipeText } from '../core/page/recipe-text.ts';
import { MOST_SERVINGS } from '../core/program/count.ts';
import { formatPoints } from '../core/program/format-points.ts';
import { COUNTING_METHODS, type CountingMethod } from '../core/program/rule.ts';
import { CliError } from './cli-error.ts';
import type { Flags } from './flags.ts';
import { foodsIn, systemOf } from './parse-command.ts';
import { programsAsked } from './program-flags.ts';

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
