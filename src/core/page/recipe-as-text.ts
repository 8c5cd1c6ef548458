import { formatAmount } from '../quantity/format-amount.ts';
import type { RecipeText } from './recipe-text.ts';

const TIME_LABELS = [
  ['prep', 'Prep time'],
  ['cook', 'Cook time'],
  ['total', 'Total time'],
] as const;

/**
 * A recipe in plain words, as a cook would type it: what was taken out of a saved page, to be read over and put right.
 * Read again it is the same recipe.
 */
export function recipeAsText(recipe: RecipeText): string {
  const { title, servings, makes, author, url, times, claims, notes } = recipe;
  const serves = servings === null ? makes : `Serves ${formatAmount(servings)}`;
  const head = [
    title,
    serves,
    author && `Author: ${author}`,
    url,
    ...TIME_LABELS.map(([kind, words]) =>
      times[kind] === null ? null : `${words}: ${formatAmount(times[kind])} minutes`,
    ),
    ...claims.map((c) => `Per serving: ${formatAmount(c.value)} ${c.kind === 'kcal' ? 'kcal' : 'points'}`),
  ].filter((line) => line !== null && line !== '');
  const list: string[] = [];
  let group: string | null = null;
  for (const i of recipe.ingredients) {
    if (i.group !== group && i.group !== null) list.push('', `${i.group}:`);
    group = i.group;
    list.push(i.text);
  }
  return [
    ...head,
    '',
    'Ingredients',
    ...list,
    ...(recipe.steps.length > 0 ? ['', 'Method', ...recipe.steps.map((s, i) => `${i + 1}. ${s}`)] : []),
    ...(notes.length > 0 ? ['', 'Notes', ...notes] : []),
  ].join('\n');
}
