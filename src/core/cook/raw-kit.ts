import type { Food } from '../food/food.ts';
import type { BoxPlace } from './cook.ts';
import type { StorageLimit } from './storage-limit.ts';

/** Cured meat keeps so, raw or cooked. */
const keepsAsCured = (f: Food): boolean =>
  /\b(?:bacon|ham|pancetta|smoked sausage|salami|frankfurter|hot dog|chorizo)s?\b/i.test(f.name);

const SOURCE = 'Cold Food Storage Chart, USDA FSIS';
/** The shorter end of what the chart says, in days; from memory. The first that applies to any food is the limit. */
const RAW: ReadonlyArray<readonly [is: (f: Food) => boolean, words: string, fridge: number, freezer: number]> = [
  [keepsAsCured, 'Bacon, ham and smoked sausage: use within 3 to 5 days, or freeze for 1 month.', 3, 30],
  [
    (f) => /\b(?:liver|kidneys?|heart|tongue|gizzards?|offal)\b/i.test(f.name),
    'Raw offal: cook within 1 to 2 days, or freeze for 3 months.',
    1,
    90,
  ],
  [
    (f) => f.kinds.includes('fish') || f.kinds.includes('shellfish'),
    'Raw fish: cook within 1 to 2 days, or freeze for 2 months.',
    1,
    60,
  ],
  [
    (f) => f.kinds.includes('ground') || f.kinds.includes('sausage') || /\bground\b|\bminced?\b|sausage/i.test(f.name),
    'Raw mince and sausage: cook within 1 to 2 days, or freeze for 3 months.',
    1,
    90,
  ],
  [(f) => f.kinds.includes('poultry'), 'Raw poultry: cook within 1 to 2 days, or freeze for 9 months.', 1, 270],
  [(f) => f.kinds.includes('meat'), 'Raw meat: cook within 3 to 5 days, or freeze for 4 months.', 3, 120],
];
const PLAIN = { words: 'Cut vegetables: use within 3 to 4 days, or freeze.', fridge: 3, freezer: 240 };

/** Not raw any more. What nobody said of is taken for raw: that is the shorter limit. */
const MADE: ReadonlySet<Food['state']> = new Set<Food['state']>(['cooked', 'canned', 'dry', 'frozen']);

/** The published limit for a kit of these foods, uncooked: of several the shortest. */
export function rawStorageOf(place: BoxPlace, foods: readonly Food[]): StorageLimit {
  const found = RAW.filter(([is]) => foods.some((f) => (is === keepsAsCured || !MADE.has(f.state)) && is(f))).map(
    ([, words, fridge, freezer]) => ({ words, fridge, freezer }),
  );
  const shortest = (found.length === 0 ? [PLAIN] : found).reduce((a, b) => (b[place] < a[place] ? b : a));
  return { days: shortest[place], words: shortest.words, source: SOURCE };
}
