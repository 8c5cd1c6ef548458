/** The formats that a recipe goes out in. */
export const RECIPE_FORMATS = ['jsonld', 'cooklang', 'markdown', 'text', 'csv'] as const;
export type RecipeFormat = (typeof RECIPE_FORMATS)[number];

const HISTORY = 'other versions, history, pictures, and which food each line is';

/** What each format cannot hold of a recipe, named before it is saved. */
export const CANNOT_HOLD: Readonly<Record<RecipeFormat, readonly string[]>> = {
  jsonld: ['headings between ingredients', HISTORY],
  cooklang: ['points and calories but as a note', 'times', HISTORY],
  markdown: ['points and calories but as a note', HISTORY],
  text: ['points and calories but as a note', HISTORY],
  csv: ['times and notes', HISTORY],
};
