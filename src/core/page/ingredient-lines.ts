import { inOneColumn } from './columns.ts';
import { readRecipe } from './read-page.ts';
import type { IngredientText } from './recipe-text.ts';
import { headingOf, isGroupHeading } from './sections.ts';

/** What Markdown puts around a heading. */
const bare = (line: string): string => line.replace(/^#{1,6}\s*/, '').replace(/^\*\*([^*]+)\*\*:?$/, '$1');

/** The ingredient lines of a text that holds nothing else, as written, or those of a recipe with an "Ingredients" heading. */
export function ingredientLines(text: string): IngredientText[] {
  const lines = inOneColumn(text.replace(/\r\n?/g, '\n').split('\n')).map((l) => bare(l.trim()));
  if (lines.some((l) => headingOf(l)?.section === 'ingredients')) return [...readRecipe(text).ingredients];
  let group: string | null = null;
  const out: IngredientText[] = [];
  for (const line of lines) {
    if (line === '') continue;
    if (isGroupHeading(line)) group = line.replace(/:$/, '').trim();
    else out.push({ text: line, group });
  }
  return out;
}
