import { formatAmount } from '../quantity/format-amount.ts';
import type { ToldRecipe } from './told-recipe.ts';

export const ROW_NAMES = [
  'recipe',
  'servings',
  'what',
  'number',
  'group',
  'words',
  'points',
  'kcal',
  'from',
  'link',
] as const;
export type ToldRow = Readonly<Record<(typeof ROW_NAMES)[number], string>>;

/** Recipes as rows of a table: one for every ingredient and every step, each with what its recipe counts. */
export const asRows = (recipes: readonly ToldRecipe[]): ToldRow[] =>
  recipes.flatMap((told) => {
    const all = {
      recipe: told.title,
      servings: told.servings === null ? '' : formatAmount(told.servings),
      points: told.points.map((p) => `${p.mark} ${p.points}`).join(' '),
      kcal: told.label?.kcal == null ? '' : String(Math.round(told.label.kcal)),
      from: told.author ?? '',
      link: told.url ?? '',
    };
    const row = (what: string, number: number, group: string, words: string): ToldRow => ({
      recipe: all.recipe,
      servings: all.servings,
      what,
      number: String(number),
      group,
      words,
      points: all.points,
      kcal: all.kcal,
      from: all.from,
      link: all.link,
    });
    return [
      ...told.lines.map((l, i) => row('ingredient', i + 1, l.group ?? '', l.text)),
      ...told.steps.map((s, i) => row('step', i + 1, '', s)),
    ];
  });
