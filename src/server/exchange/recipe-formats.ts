import Papa from 'papaparse';
import { asCooklang } from '../../core/exchange/as-cooklang.ts';
import { asJsonLd } from '../../core/exchange/as-json-ld.ts';
import { asMarkdown } from '../../core/exchange/as-markdown.ts';
import { asPlainText } from '../../core/exchange/as-plain-text.ts';
import { asRows, ROW_NAMES } from '../../core/exchange/as-rows.ts';
import type { RecipeFormat } from '../../core/exchange/cannot-hold.ts';
import type { ToldRecipe } from '../../core/exchange/told-recipe.ts';
import { pack } from './archive.ts';

/** How a file of each format ends, and what it is. */
export const FORMAT_FILES: Readonly<Record<RecipeFormat, { readonly ending: string; readonly type: string }>> = {
  jsonld: { ending: 'jsonld', type: 'application/ld+json' },
  cooklang: { ending: 'cook', type: 'text/plain; charset=utf-8' },
  markdown: { ending: 'md', type: 'text/markdown; charset=utf-8' },
  text: { ending: 'txt', type: 'text/plain; charset=utf-8' },
  csv: { ending: 'csv', type: 'text/csv; charset=utf-8' },
};

/** One recipe in a format. */
export function recipeIn(format: RecipeFormat, told: ToldRecipe): string {
  switch (format) {
    case 'jsonld':
      return `${JSON.stringify(asJsonLd(told), null, 2)}\n`;
    case 'cooklang':
      return asCooklang(told);
    case 'markdown':
      return asMarkdown(told);
    case 'text':
      return asPlainText(told);
    case 'csv':
      return rowsInCsv([told]);
  }
}

/** Cells that a table would take for a formula are written so that they are none. */
const rowsInCsv = (all: readonly ToldRecipe[]): string =>
  `${Papa.unparse({ fields: [...ROW_NAMES], data: asRows(all).map((r) => ({ ...r })) }, { escapeFormulae: true })}\r\n`;

/** A title as a file may be called. */
export const fileTitle = (title: string): string =>
  title
    .replace(/[\\/:*?"<>|\p{Cc}]+/gu, ' ')
    .replace(/^\.+/, '')
    .replace(/\s+/g, ' ')
    .trim()
    .slice(0, 80) || 'recipe';

/** Recipes as files of their own: two of one title have a number. */
export function recipeFiles(format: RecipeFormat, all: readonly ToldRecipe[]): ReadonlyMap<string, string> {
  const files = new Map<string, string>();
  for (const told of all) {
    const { ending } = FORMAT_FILES[format];
    let name = `${fileTitle(told.title)}.${ending}`;
    for (let n = 2; files.has(name); n++) name = `${fileTitle(told.title)} ${n}.${ending}`;
    files.set(name, recipeIn(format, told));
  }
  return files;
}

/** All recipes in a format: a list where the format has one, else an archive with a file for each. */
export function allRecipesIn(
  format: RecipeFormat,
  all: readonly ToldRecipe[],
): { readonly bytes: Uint8Array; readonly type: string; readonly ending: string } {
  if (format === 'jsonld')
    return { bytes: Buffer.from(`${JSON.stringify(all.map(asJsonLd), null, 2)}\n`), ...FORMAT_FILES.jsonld };
  if (format === 'csv') return { bytes: Buffer.from(rowsInCsv(all)), ...FORMAT_FILES.csv };
  const files = Object.fromEntries([...recipeFiles(format, all)].map(([n, text]) => [n, Buffer.from(text)]));
  return { bytes: pack(files), type: 'application/zip', ending: 'zip' };
}
