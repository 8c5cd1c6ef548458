import { ALLERGENS, FOOD_KINDS, FOOD_STATES, type Food, ROLES } from '../food.ts';
import { mostPer100g, NUTRIENTS, type Nutrient, profileOf } from '../nutrients.ts';
import { measureWords, readMeasures } from './measure-words.ts';
import { numberInCell } from './number-in-cell.ts';

/** One row of a file of foods, by its column names. */
export type FileRow = Readonly<Record<string, string>>;

/** The columns of a file of foods: nutrients per 100 g, lists with semicolons. */
export const FOOD_COLUMNS = [
  'id',
  'name',
  'group',
  'state',
  ...NUTRIENTS,
  'measures',
  'kinds',
  'roles',
  'allergens',
  'synonyms',
  'source',
] as const;

/** A food as a row; what nobody knows is an empty cell. */
export function foodToRow(food: Food): Record<(typeof FOOD_COLUMNS)[number], string> {
  const nutrients = Object.fromEntries(
    NUTRIENTS.map((n) => [n, food.per100g[n].value === null ? '' : String(tidyValue(food.per100g[n].value))]),
  ) as Record<Nutrient, string>;
  return {
    id: food.id,
    name: food.name,
    group: food.group,
    state: food.state,
    ...nutrients,
    measures: food.measures.map(measureWords).join('; '),
    kinds: food.kinds.join('; '),
    roles: food.roles.join('; '),
    allergens: food.allergens.join('; '),
    synonyms: food.synonyms.join('; '),
    source: food.source,
  };
}

const tidyValue = (x: number): number => Math.round(x * 1e6) / 1e6;
const listIn = (cell: string | undefined): string[] =>
  (cell ?? '')
    .split(';')
    .map((s) => s.trim())
    .filter((s) => s !== '');

/** So many characters these cells hold at most. */
const LONGEST_CELL: Readonly<Record<string, number>> = { group: 60, source: 200 };
const LONGEST_SYNONYM = 120;

/** The food of a row, or what is wrong with it, in words for the cook. */
export type RowRead = { readonly food: Food } | { readonly wrong: string };

/**
 * Reads a row of a file of foods. Columns may be missing: then a new food gets the usual, and a changed one keeps
 * what it had. Decimal commas are read; an empty cell is unknown and not zero.
 *
 * @param id the id that the food has or gets.
 * @param before the food as it is, null for a new one.
 */
export function rowToFood(row: FileRow, id: string, before: Food | null): RowRead {
  const name = (row.name ?? before?.name ?? '').trim();
  if (name === '') return { wrong: 'The name is empty. Write what the food is called.' };
  if (name.length > 120) return { wrong: 'The name is longer than 120 characters. Shorten it.' };
  const stated: Partial<Record<Nutrient, number | null>> = {};
  for (const n of NUTRIENTS) {
    const cell = row[n]?.trim();
    if (cell === undefined) {
      if (before) stated[n] = before.per100g[n].value;
      continue;
    }
    if (cell === '' || cell === '?') {
      if (n !== 'alcohol' && n !== 'transFat') stated[n] = null;
      continue;
    }
    const value = numberInCell(n, cell);
    if (typeof value !== 'number') return value;
    const most = mostPer100g(n);
    if (value < 0 || value > most) return { wrong: `${n} is ${cell}; in 100 g it lies between 0 and ${most}.` };
    stated[n] = value;
  }
  const more = inner(stated);
  if (more !== null) return { wrong: more };
  for (const [column, longest] of Object.entries(LONGEST_CELL)) {
    if ((row[column]?.trim().length ?? 0) > longest)
      return { wrong: `${column} is longer than ${longest} characters. Shorten it.` };
  }
  const long = listIn(row.synonyms).find((s) => s.length > LONGEST_SYNONYM);
  if (long !== undefined)
    return { wrong: `The synonym "${long.slice(0, 30)}…" is longer than ${LONGEST_SYNONYM} characters. Shorten it.` };
  const state = row.state?.trim() || before?.state || 'as is';
  const known = <T extends string>(column: string, all: readonly T[], had: readonly T[]): T[] | string => {
    if (row[column] === undefined) return [...had];
    const odd = listIn(row[column]).find((w) => !all.includes(w as T));
    return odd === undefined
      ? (listIn(row[column]) as T[])
      : `"${odd}" is no ${column.replace(/s$/, '')}. Known are ${all.join(', ')}.`;
  };
  const kinds = known('kinds', FOOD_KINDS, before?.kinds ?? []);
  const roles = known('roles', ROLES, before?.roles ?? []);
  const allergens = known('allergens', ALLERGENS, before?.allergens ?? []);
  const measures = row.measures === undefined ? [...(before?.measures ?? [])] : readMeasures(row.measures);
  for (const wrong of [kinds, roles, allergens, measures]) if (typeof wrong === 'string') return { wrong };
  const states: readonly string[] = FOOD_STATES;
  if (!states.includes(state)) return { wrong: `"${state}" is no state. Known are ${FOOD_STATES.join(', ')}.` };
  const profile = profileOf(stated);
  const same = before !== null && NUTRIENTS.every((n) => isNear(profile[n].value, before.per100g[n].value));
  return {
    food: {
      id,
      revision: before?.revision ?? 1,
      name,
      group: (row.group ?? before?.group ?? '').trim() || 'own foods',
      state: state as Food['state'],
      // Values that stay keep the intervals that a label left them.
      per100g: same ? before.per100g : profile,
      measures: measures as Food['measures'],
      kinds: kinds as Food['kinds'],
      roles: roles as Food['roles'],
      allergens: allergens as Food['allergens'],
      synonyms: row.synonyms === undefined ? [...(before?.synonyms ?? [])] : listIn(row.synonyms),
      source: (row.source ?? before?.source ?? '').trim() || 'a file of foods',
      energyNote: before?.energyNote ?? null,
    },
  };
}

const isNear = (a: number | null, b: number | null): boolean =>
  a === null || b === null ? a === b : Math.abs(a - b) < 1e-5;

/** What lies within what: more of a part than of the whole is a slip of the pen. */
function inner(stated: Partial<Record<Nutrient, number | null>>): string | null {
  const pairs: ReadonlyArray<readonly [Nutrient, Nutrient]> = [
    ['satFat', 'fat'],
    ['sugars', 'carbs'],
    ['addedSugars', 'sugars'],
    ['fibre', 'carbs'],
  ];
  for (const [part, whole] of pairs) {
    const [p, w] = [stated[part] ?? null, stated[whole] ?? null];
    if (p !== null && w !== null && p > w + 0.5) return `${part} (${p}) is more than ${whole} (${w}). One is mistyped.`;
  }
  return null;
}
