import Papa from 'papaparse';
import { FOOD_COLUMNS, foodToRow } from '../../../core/food/file/food-row.ts';
import type { Food } from '../../../core/food/food.ts';

/** What a spreadsheet would run: also behind blanks, and in a cell of several lines. */
const FORMULA = /^\s*[=+\-@\t\r][\s\S]*$/;

/** Cells that begin like a formula get an apostrophe, so that a spreadsheet shows them and runs nothing. */
const csvText = (rows: readonly object[], columns: readonly string[]): string =>
  Papa.unparse(rows as object[], { columns: [...columns], escapeFormulae: FORMULA, newline: '\r\n' });

/** Rows of a table as CSV (RFC 4180), under the names of the columns of the first. */
export const rowsToCsv = (rows: readonly Readonly<Record<string, string | number | null>>[]): string =>
  csvText(rows, Object.keys(rows[0] ?? {}));

/** Foods as CSV (RFC 4180), one a line. */
export const foodsCsv = (foods: readonly Food[]): string => csvText(foods.map(foodToRow), FOOD_COLUMNS);

/** Every measure of foods as CSV, one a line. */
export const measuresCsv = (foods: readonly Food[]): string =>
  csvText(
    foods.flatMap((f) =>
      f.measures.map((m) => ({ food: f.id, name: f.name, unit: m.unit, form: m.form ?? '', grams: m.grams })),
    ),
    ['food', 'name', 'unit', 'form', 'grams'],
  );
