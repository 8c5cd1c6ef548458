import { createHash } from 'node:crypto';
import { setImmediate as othersTurn } from 'node:timers/promises';
import type { TakeInAnswer } from '../../contract/exchange-api.ts';
import { FILE_FORMAT, FILE_VERSION, type HouseholdFile, PLAIN_KINDS } from '../../contract/household-file.ts';
import { newRecipeOf } from '../../contract/new-recipe.ts';
import { readPasted } from '../../contract/read-pasted.ts';
import { RecipeSchema } from '../../contract/recipe.ts';
import { VersionSchema } from '../../contract/version.ts';
import { versionOfText } from '../../contract/version-of-text.ts';
import { invalid } from '../../core/errors.ts';
import { type FoodIndex, indexFoods } from '../../core/food/match-food.ts';
import { LONGEST_RECIPE, MOST_INGREDIENTS } from '../../core/page/recipe-limits.ts';
import type { RecipeText } from '../../core/page/recipe-text.ts';
import { isOpen } from '../../core/version/version.ts';
import type { CarriedHousehold } from '../exchange/household-archive.ts';
import type { TextFile } from '../exchange/texts-in-file.ts';
import { pantryOf } from './foods.ts';
import { nowOf, type Scope } from './scope.ts';
import { tableOf } from './table.ts';
import type { FileRecipe, FileVersion } from './take-in-recipes.ts';
import type { TakenRow } from './taking-in.ts';

/** A list of more is taken in in parts. */
const MOST_IN_FILE = 5000;

/** Recipes of files, as a household to take in, and the answer in the words of recipes. */
export interface RecipesOfFiles {
  readonly carried: CarriedHousehold;
  /** What was understood of each recipe, and the files with none, in the place of what a household would say. */
  told(answer: TakeInAnswer): TakeInAnswer;
}

/**
 * Reads recipes in every format that can be pasted, each line weighed with the household's own foods. A recipe's id
 * comes from what it says: the same text is found again.
 *
 * @throws DomainError invalid where no recipe is in any of them
 */
export async function recipesOfFiles(s: Scope, files: readonly TextFile[]): Promise<RecipesOfFiles> {
  const { household } = await tableOf(s);
  const index = indexFoods(await pantryOf(s));
  const recipes = new Map<string, FileRecipe>();
  const versions: FileVersion[] = [];
  const understood = new Map<string, string>();
  const rows: TakenRow[] = [];
  const cannot = (file: TextFile, why: string) =>
    rows.push({ kind: 'files', id: file.name, title: file.name, state: 'cannot', why });
  for (const file of files) {
    if ('why' in file) {
      cannot(file, file.why);
      continue;
    }
    const all = readPasted(file.text, MOST_IN_FILE).recipes;
    const found = all.filter((r) => r.ingredients.length > 0 && !r.fromSteps);
    if (found.length === 0)
      cannot(
        file,
        file.text.length > LONGEST_RECIPE ? 'It is far longer than a recipe.' : 'No recipe was found in it.',
      );
    if (all.length >= MOST_IN_FILE)
      cannot(file, `It has more than ${MOST_IN_FILE} recipes: what is behind was not read.`);
    for (const text of found) {
      // A household goes on being served while hundreds are read.
      await othersTurn();
      const read = readOne(s, text, index, household);
      if ('why' in read) cannot(file, `${text.title ?? 'A recipe without a title'}: ${read.why}`);
      else if (!recipes.has(read.recipe.id)) {
        recipes.set(read.recipe.id, read.recipe);
        versions.push(read.version);
        understood.set(read.recipe.id, read.understood);
      }
    }
  }
  if (recipes.size === 0) {
    const [first] = rows;
    throw invalid(
      rows.length === 1 ? first!.why! : 'No recipe was found in it.',
      'Take in a household that was saved, or recipes as JSON-LD, Cooklang, Markdown, text or saved pages.',
    );
  }
  const { revision: _, ...bare } = household as typeof household & { revision?: number };
  const file: HouseholdFile = {
    format: FILE_FORMAT,
    v: FILE_VERSION,
    household: bare as HouseholdFile['household'],
    programs: [],
    foods: [],
    recipes: [...recipes.values()],
    versions,
    documents: Object.fromEntries(PLAIN_KINDS.map((k) => [k, []])) as unknown as HouseholdFile['documents'],
    counted: [],
    closed: [],
    pictures: [],
  };
  return {
    carried: { file, pictures: new Map() },
    told: (answer) => ({
      ...answer,
      rows: [
        ...answer.rows
          .filter((r) => r.kind === 'recipes')
          .map((r) => (r.state === 'new' ? { ...r, why: understood.get(r.id) ?? null } : r)),
        ...rows,
      ],
    }),
  };
}

type ReadOne =
  | { readonly recipe: FileRecipe; readonly version: FileVersion; readonly understood: string }
  | { readonly why: string };

function readOne(
  s: Scope,
  text: RecipeText,
  index: FoodIndex,
  { system }: Pick<HouseholdFile['household'], 'system'>,
): ReadOne {
  if (text.ingredients.length > MOST_INGREDIENTS)
    return { why: `It has ${text.ingredients.length} ingredient lines; a recipe holds ${MOST_INGREDIENTS}.` };
  const id = (part: string): string => idOfWords(`${s.householdId}\n${part}\n${JSON.stringify(text)}`);
  const read = versionOfText(text, index, system, {
    recipeId: id('recipe'),
    versionId: id('version'),
    line: (n) => id(`line ${n}`),
    step: (n) => id(`step ${n}`),
  });
  const { asWritten, ...head } = newRecipeOf(text, read);
  const recipe = RecipeSchema.safeParse({ ...head, revision: 1 });
  const version = VersionSchema.safeParse({ ...asWritten, revision: 1 });
  const wrong = recipe.success ? (version.success ? null : version.error) : recipe.error;
  if (wrong !== null || !recipe.success || !version.success)
    return { why: `${wrong!.issues[0]!.path.join('.')}: ${wrong!.issues[0]!.message}` };
  const at = nowOf(s);
  return {
    recipe: { ...recipe.data, createdAt: at, changedAt: at },
    version: { ...version.data, createdAt: at },
    understood: understoodOf(text, version.data.lines.filter(isOpen).length),
  };
}

/** What was understood of a recipe, and what was not. */
function understoodOf({ ingredients, steps, servings }: RecipeText, open: number): string {
  const many = (n: number, one: string): string => `${n} ${one}${n === 1 ? '' : 's'}`;
  const lines = many(ingredients.length, 'ingredient');
  return [
    open > 0
      ? `${lines}, of them ${open} to answer; ${many(steps.length, 'step')}`
      : `${lines}, ${many(steps.length, 'step')}`,
    ...(servings === null ? ['it does not say how many it serves'] : []),
  ].join('; ');
}

/** An id that the same words always have (RFC 9562, version 8). */
function idOfWords(words: string): string {
  const hex = createHash('sha256').update(words).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-8${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}
