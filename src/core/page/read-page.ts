import { cutRecipes } from './cut-recipes.ts';
import { isSpoken, readSpoken } from './dictation.ts';
import { languageOf } from './language.ts';
import { LineKinds } from './line-kinds.ts';
import { pageLines } from './page-lines.ts';
import { readBlock } from './read-block.ts';
import type { PageText, RecipeText } from './recipe-text.ts';

/**
 * Takes a page apart as it was pasted: written in any of the usual ways, or told. Never throws.
 *
 * @example readPage('Dip\nServes 4\n1 cup yogurt\n1 clove garlic').recipes[0]?.servings // 4
 */
export function readPage(text: string): PageText {
  const language = languageOf(text);
  if (isSpoken(text)) return { recipes: [readSpoken(text)], language };
  const { lines, subject, aside } = pageLines(text);
  const kinds = new LineKinds();
  const recipes = cutRecipes(lines, kinds).map((block) => readBlock(block, subject, kinds));
  const [first, ...others] = recipes.filter((r, i) => i === 0 || r.ingredients.length > 0);
  return { recipes: [{ ...first!, aside: [...aside, ...first!.aside] }, ...others], language };
}

/** The first recipe of a page: for texts that hold one. */
export const readRecipe = (text: string): RecipeText => readPage(text).recipes[0]!;
