import { USUAL_PASS_ON } from '../core/card/pass-on.ts';
import type { RecipeText } from '../core/page/recipe-text.ts';
import type { Version } from '../core/version/version.ts';
import { factsOfText } from './facts-of-text.ts';
import type { NewRecipe } from './recipe.ts';

/** Longer than this no title is. */
const MOST_OF_TITLE = 200;

/** A recipe as it is brought in: what its text says, with its version as written. */
export function newRecipeOf(text: RecipeText, asWritten: Version): NewRecipe {
  const { author, url } = text;
  return {
    id: asWritten.recipeId,
    title: (text.title ?? 'Untitled recipe').slice(0, MOST_OF_TITLE),
    credit: { author, url, whose: url !== null || author !== null ? 'other' : 'family' },
    claims: [...text.claims],
    facts: factsOfText(text),
    settled: [],
    shownVersionId: null,
    favourite: false,
    passOn: USUAL_PASS_ON,
    notes: text.notes.join('\n'),
    asWritten,
  };
}
