import { cooklangAsPage, isCooklang } from '../core/exchange/read-cooklang.ts';
import { htmlText, isHtml } from '../core/page/html-text.ts';
import { languageOf } from '../core/page/language.ts';
import { readPage } from '../core/page/read-page.ts';
import { LONGEST_RECIPE } from '../core/page/recipe-limits.ts';
import type { PageLanguage, PageText, RecipeText } from '../core/page/recipe-text.ts';
import { cleanOfUnwritten } from '../core/quantity/unwritten.ts';
import { MOST_ON_PAGE, recipesFromJson } from './recipe-file.ts';

/**
 * Reads whatever was pasted: JSON of our own shape or of schema.org's, a saved page with or without such data in its
 * scripts, or words. Never throws.
 *
 * @param most recipes that are read of it
 * @example readPasted('{"lines":["2 eggs"]}').recipes[0]?.ingredients // [{ text: '2 eggs', group: null }]
 */
export const readPasted = (text: string, most = MOST_ON_PAGE): PageText => cleanOfUnwritten(readAsIs(text, most));

function readAsIs(text: string, most: number): PageText {
  if (/^\s*[[{]/.test(text)) {
    const recipes = recipesFromJson(parsed(text), most);
    if (recipes.length > 0) return { recipes, language: languageOf(text) };
  }
  // Words that are longer than any recipe are none: reading them would hold up everybody.
  if (!isHtml(text) && text.length > LONGEST_RECIPE) return NO_RECIPE;
  if (isCooklang(text)) return readPage(cooklangAsPage(text));
  if (!isHtml(text)) return readPage(text);
  const html = htmlText(text);
  const recipes = eachRecipeOnce(html.data.flatMap((d) => recipesFromJson(parsed(d), most)));
  if (recipes.length > 0) return { recipes, language: languageOf(html.text) };
  return html.text.length > LONGEST_RECIPE ? NO_RECIPE : readPage(html.text);
}

const NO_RECIPE: PageText = { recipes: [], language: null };

/** Pages say the same recipe twice, each part of them its own way. */
const eachRecipeOnce = (recipes: readonly RecipeText[]): RecipeText[] => [
  ...new Map(recipes.map((r) => [JSON.stringify([r.title, r.ingredients, r.steps]), r])).values(),
];

/** The recipe of a page that is meant, or the titles of those that stand on it when nobody said which. */
export type Meant =
  | { readonly recipe: RecipeText; readonly language: PageLanguage | null }
  | { readonly which: readonly string[] };

/**
 * The recipe that is meant.
 *
 * @param number from 1, null when nobody said which
 */
export function recipeMeant({ recipes, language }: PageText, number: number | null): Meant {
  const recipe = number === null && recipes.length > 1 ? undefined : recipes[(number ?? 1) - 1];
  return recipe === undefined
    ? { which: recipes.map((r, i) => `${i + 1} ${r.title ?? 'untitled'}`) }
    : { recipe, language };
}

/** The JSON of a text; null when it is none. Comments around it, as scripts have them, are left out. */
function parsed(text: string): unknown {
  const bare = text
    .replace(/^\s*(?:\/\*.{0,40}\*\/|<!--|\/\/<!\[CDATA\[)?\s*/, '')
    .replace(/\s*(?:-->|\/\/\]\]>)?\s*;?\s*$/, '');
  try {
    return JSON.parse(bare) as unknown;
  } catch {
    // Line breaks inside strings are common in such data and no JSON.
    try {
      return JSON.parse(bare.replace(/\p{Cc}+/gu, ' ')) as unknown;
    } catch {
      return null;
    }
  }
}
