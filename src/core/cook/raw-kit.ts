import type { Food } from '../food/food.ts';
import type { BoxPlace } from './cook.ts';
import type { StorageLimit } from './storage-limit.ts';

const SOURCE = 'Cold Food Storage Chart, USDA FSIS';
/** The shorter end of what the chart says, in days; from memory. The first that applies to any food is the limit. */
const RAW: ReadonlyArray<readonly [is: (f: Food) => boolean, words: string, fridge: number, freezer: number]> = [
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

/** The published limit for a kit of these foods, uncooked: of several the shortest. */
export function rawStorageOf(place: BoxPlace, foods: readonly Food[]): StorageLimit {
  const found = RAW.filter(([is]) => foods.some((f) => f.state === 'raw' && is(f))).map(
    ([, words, fridge, freezer]) => ({ words, fridge, freezer }),
  );
  const shortest = (found.length === 0 ? [PLAIN] : found).reduce((a, b) => (b[place] < a[place] ? b : a));
  return { days: shortest[place], words: shortest.words, source: SOURCE };
}
