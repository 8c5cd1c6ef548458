import { recipeAsText } from '../page/recipe-as-text.ts';
import { formatPoints } from '../program/format-points.ts';
import { formatDay } from '../quantity/format-day.ts';
import type { ToldRecipe } from './told-recipe.ts';

/** A recipe in plain words, which reads back as it was; its points stand in its notes. */
export const asPlainText = (told: ToldRecipe): string =>
  `${recipeAsText({
    title: told.title,
    servings: told.servings,
    makes: null,
    author: told.author,
    url: told.url,
    times: told.times,
    ingredients: told.lines,
    fromSteps: false,
    steps: told.steps,
    claims: [],
    notes: notesOf(told),
    pans: [],
    tools: [],
    aside: [],
  })}\n`;

/** What it was counted as, and what keeps those safe who make it. */
export function notesOf(told: ToldRecipe): string[] {
  const each = told.servings === null ? 'the whole' : 'a serving';
  return [
    ...told.points.map((p) => `${p.name} (${p.mark}): ${formatPoints(p.points)} points ${each}`),
    ...(told.label?.kcal == null ? [] : [`${Math.round(told.label.kcal)} kcal ${each}`]),
    ...(told.points.length > 0 ? [`Counted on ${formatDay(told.countedOn)}.`] : []),
    ...(told.allergens.length > 0 ? [`Contains ${told.allergens.join(', ')}.`] : []),
    ...told.cautions,
  ];
}
