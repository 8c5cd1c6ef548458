import type { Food } from '../food.ts';
import { type FoodCorrection, withMeasure } from '../food-correction.ts';
import { type FileRow, FOOD_COLUMNS, foodToRow, rowToFood } from './food-row.ts';
import { readMeasures } from './measure-words.ts';

/** What a row of a file would do. `line` is the line in the file, the heading being line 1. */
export type PlannedRow =
  | { readonly kind: 'new'; readonly line: number; readonly food: Food }
  | { readonly kind: 'changed'; readonly line: number; readonly food: Food; readonly changes: readonly string[] }
  | {
      readonly kind: 'measure';
      readonly line: number;
      readonly foodName: string;
      readonly words: string;
      readonly correction: FoodCorrection;
    }
  | { readonly kind: 'same'; readonly line: number; readonly name: string }
  | { readonly kind: 'wrong'; readonly line: number; readonly words: string };

export interface ImportPlan {
  readonly of: 'foods' | 'measures';
  readonly rows: readonly PlannedRow[];
}

export interface ImportContext {
  /** The household's pantry, own foods first. */
  readonly pantry: readonly Food[];
  /** Ids of the household's own foods: only those change. */
  readonly own: ReadonlySet<string>;
  readonly newId: () => string;
  /** Called now and then with how many rows are read. */
  readonly progress?: (done: number) => void;
}

/** What a file cannot be read as at all, in words for the cook; null when its columns are known. */
export function wrongColumns(columns: readonly string[]): string | null {
  const has = (c: string) => columns.includes(c);
  if (has('food') && has('unit') && has('grams')) return null;
  if (has('name')) return null;
  return `The first line must name the columns: "name" and nutrients such as "kcal" for foods, or "food", "unit" and "grams" for measures. It has ${columns.slice(0, 8).join(', ') || 'nothing'}.`;
}

/**
 * Plans what a file would change, and writes nothing. Rows with an id change that food, else rows with the name of
 * an own food do; the rest are new. A row that cannot be says why.
 */
export function planImport(rows: readonly FileRow[], columns: readonly string[], context: ImportContext): ImportPlan {
  const of = columns.includes('food') && columns.includes('unit') ? 'measures' : 'foods';
  const plan = of === 'foods' ? foodPlanner(context) : measurePlanner(context);
  return {
    of,
    rows: rows.map((row, i) => {
      if (i % 200 === 0) context.progress?.(i);
      return plan(row, i + 2);
    }),
  };
}

const nameKey = (name: string): string => name.trim().toLowerCase();

function foodPlanner({ pantry, own, newId }: ImportContext): (row: FileRow, line: number) => PlannedRow {
  const byId = new Map(pantry.map((f) => [f.id, f]));
  const ownByName = new Map(pantry.filter((f) => own.has(f.id)).map((f) => [nameKey(f.name), f]));
  const seen = new Map<string, number>();
  return (row, line) => {
    const id = (row.id ?? '').trim();
    const known = id === '' ? ownByName.get(nameKey(row.name ?? '')) : byId.get(id);
    if (id !== '' && !known && !/^[a-z0-9][a-z0-9-]{2,63}$/i.test(id))
      return { kind: 'wrong', line, words: `"${id}" is no id. Leave the id empty for a new food.` };
    const target = known?.id ?? (id === '' ? newId() : id);
    const twice = seen.get(id === '' ? nameKey(row.name ?? '') : target);
    if (twice !== undefined) return { kind: 'wrong', line, words: `The same food stands in line ${twice}. Keep one.` };
    const read = rowToFood(row, target, known ?? null);
    if ('wrong' in read) return { kind: 'wrong', line, words: read.wrong };
    seen.set(id === '' ? nameKey(row.name ?? '') : target, line);
    if (!known) return { kind: 'new', line, food: read.food };
    const changes = valuesChanged(known, read.food);
    if (changes.length === 0) return { kind: 'same', line, name: known.name };
    if (!own.has(known.id))
      return {
        kind: 'wrong',
        line,
        words: `"${known.name}" ships with Imbiss and its values stay. Leave the id empty to add yours as a food of your own.`,
      };
    return { kind: 'changed', line, food: read.food, changes };
  };
}

/** What differs between two states of a food, as "kcal 120 → 130". */
export function valuesChanged(before: Food, after: Food): string[] {
  const [a, b] = [foodToRow(before), foodToRow(after)];
  return FOOD_COLUMNS.filter((c) => c !== 'id' && a[c] !== b[c]).map(
    (c) => `${c} ${a[c] || 'unknown'} → ${b[c] || 'unknown'}`,
  );
}

function measurePlanner({ pantry }: ImportContext): (row: FileRow, line: number) => PlannedRow {
  const byId = new Map(pantry.map((f) => [f.id, f]));
  const byName = new Map(
    [...pantry].reverse().flatMap((f) => [f.name, ...f.synonyms].map((n) => [nameKey(n), f] as const)),
  );
  for (const f of [...pantry].reverse()) byName.set(nameKey(f.name), f);
  const soFar = new Map<string, FoodCorrection>();
  return (row, line) => {
    const named = (row.food ?? '').trim();
    const food = byId.get(named) ?? byName.get(nameKey(named));
    if (!food) return { kind: 'wrong', line, words: `Nothing in the pantry is called "${named}". Add the food first.` };
    const form = (row.form ?? '').trim();
    const read = readMeasures(
      `${(row.unit ?? '').trim()}${form === '' ? '' : ` (${form})`} ${(row.grams ?? '').trim()}`,
    );
    if (typeof read === 'string') return { kind: 'wrong', line, words: read };
    const measure = read[0];
    if (!measure) return { kind: 'wrong', line, words: 'The row is empty. Write food, unit and grams.' };
    const had = food.measures.find((m) => m.unit === measure.unit && m.form === measure.form);
    if (had && Math.abs(had.grams - measure.grams) < 1e-6)
      return { kind: 'same', line, name: `${food.name}, ${measure.unit}` };
    const correction = withMeasure(soFar.get(food.id) ?? { foodId: food.id, synonyms: [], measures: [] }, measure);
    soFar.set(food.id, correction);
    const from = had ? `${had.grams} g → ` : '';
    return {
      kind: 'measure',
      line,
      foodName: food.name,
      words: `1 ${measure.unit}${measure.form ? `, ${measure.form}` : ''}: ${from}${measure.grams} g`,
      correction,
    };
  };
}
