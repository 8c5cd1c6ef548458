import type { FileRow } from '../food/file/food-row.ts';
import { numberInCell } from '../food/file/number-in-cell.ts';
import type { LabelRules } from '../food/label-rounding.ts';
import { mostPer100g, NUTRIENTS, type Nutrient } from '../food/nutrients.ts';
import { type KnownFood, profileOfAmount, type TaughtFood } from './known-food.ts';

/** Longer tables are no table that somebody keeps by hand. */
export const MOST_KNOWN = 2000;
/** No amount of a food counts more. */
const MOST_POINTS = 1000;
const MOST_KNOWN_GRAMS = 100_000;

/** A table read, with the nutrients that it says anything about; or what is wrong with it, and where. */
export type TableRead<F> = { readonly foods: readonly F[]; readonly nutrients: readonly Nutrient[] } | Wrong;
interface Wrong {
  readonly wrong: string;
}

/** Foods with the nutrients of an amount, without their points. */
export const readTaught = (rows: readonly FileRow[], rules: LabelRules): TableRead<TaughtFood> =>
  readRows(rows, rules, (food) => food);

/** Foods whose points are known: `name, grams, points` and the nutrients of that amount. */
export const readKnown = (rows: readonly FileRow[], rules: LabelRules): TableRead<KnownFood> =>
  readRows(rows, rules, (food, row) => {
    const cell = row.points?.trim() ?? '';
    if (cell === '') return { wrong: 'The points are empty. Write what the program says, or leave the food out.' };
    const points = numberInCell('points', cell);
    if (typeof points !== 'number') return points;
    if (points < 0 || points > MOST_POINTS)
      return { wrong: `Points are ${cell}; they lie between 0 and ${MOST_POINTS}.` };
    return { ...food, points };
  });

function readRows<F extends TaughtFood>(
  rows: readonly FileRow[],
  rules: LabelRules,
  finish: (food: TaughtFood, row: FileRow) => F | Wrong,
): TableRead<F> {
  if (rows.length === 0)
    return { wrong: 'There are no foods in it. Give a first line of column names, and a food a line.' };
  if (rows.length > MOST_KNOWN)
    return { wrong: `It has ${rows.length} foods; at most ${MOST_KNOWN} are read at once.` };
  const foods: F[] = [];
  const said = new Set<Nutrient>();
  for (const [i, row] of rows.entries()) {
    const at = (wrong: string): Wrong => ({ wrong: `Line ${i + 2}: ${wrong}` });
    const name = row.name?.trim() ?? '';
    if (name === '') return at('The name is empty. Write what the food is called.');
    const weight = row.grams?.trim() ?? '';
    const grams = weight === '' ? null : numberInCell('grams', weight);
    if (grams !== null && typeof grams !== 'number') return at(grams.wrong);
    if (grams !== null && !(grams > 0 && grams <= MOST_KNOWN_GRAMS))
      return at(`Grams are ${weight}. Write what the amount weighs, above 0, or leave it empty.`);
    const stated: Partial<Record<Nutrient, number>> = {};
    for (const n of NUTRIENTS) {
      const cell = row[n]?.trim() ?? '';
      if (cell === '' || cell === '?') continue;
      const value = numberInCell(n, cell);
      if (typeof value !== 'number') return at(value.wrong);
      // A pinch states more than it holds by its label's rounding alone.
      const most = grams === null ? 1e6 : mostPer100g(n) * Math.max(grams / 100, 1) * 1.2;
      if (value < 0 || value > most)
        return at(`${n} is ${cell}; in so much it lies between 0 and ${Math.round(most)}.`);
      stated[n] = value;
      said.add(n);
    }
    const food = finish({ name, grams, profile: profileOfAmount(stated, grams, rules) }, row);
    if ('wrong' in food) return at(food.wrong);
    foods.push(food);
  }
  const nutrients = NUTRIENTS.filter((n) => said.has(n));
  return nutrients.length === 0
    ? { wrong: 'It says no nutrients. Add columns such as kcal, satFat, sugars, protein and fibre.' }
    : { foods, nutrients };
}
