import type { RecipeText } from '../core/page/recipe-text.ts';
import type { Recipe } from './recipe.ts';

/** What is kept of a source's words about how it is made. */
export const factsOfText = ({ makes, times, pans, tools }: RecipeText): Recipe['facts'] => ({
  makes: makes === null ? null : makes.slice(0, 300),
  times: { ...times },
  pans: pans.slice(0, 20).map((p) => ({ ...p, words: p.words.slice(0, 200) })),
  tools: tools.slice(0, 60).map((t) => t.slice(0, 300)),
});
