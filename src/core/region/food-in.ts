import type { Food } from '../food/food.ts';
import { foodWords } from '../food/food-words.ts';
import type { Region } from './region.ts';
import { FOOD_NAMES, TWO_MEANINGS } from './region-words.data.ts';

const cellsOf = (table: string): string[][] =>
  table
    .trim()
    .split('\n')
    .map((row) => row.split('|').map((c) => c.trim()));

const NAMES = new Map(cellsOf(FOOD_NAMES).map(([id, us, gb]) => [id!, { us: us!, gb: gb! }]));
const MEANINGS = cellsOf(TWO_MEANINGS).map(([word, us, gb]) => ({ word: word!, us: us!, gb: gb! }));
const keyOf = (words: string): string => foodWords(words).toSorted().join(' ');

const known: Record<Region, WeakMap<Food, Food>> = { us: new WeakMap(), gb: new WeakMap() };

/**
 * A food as a region calls it: by its name there, with the other names beside it, so that both are read; a word of two
 * meanings stays only with the food that it means there. The same food gives the same object, and own foods stay as
 * they were written.
 *
 * @example foodIn('us', courgette).name // 'zucchini'
 */
export function foodIn(region: Region, food: Food): Food {
  const had = known[region].get(food);
  if (had !== undefined) return had;
  const name = NAMES.get(food.id);
  const elsewhere = new Set(MEANINGS.filter((m) => m[region] !== food.id).map((m) => keyOf(m.word)));
  const here = MEANINGS.filter((m) => m[region] === food.id).map((m) => m.word);
  const names = [name?.[region], food.name, ...food.synonyms, name?.us, name?.gb, ...here].filter(
    (n) => n !== undefined,
  );
  const said = [...new Set(names)].filter((n) => !elsewhere.has(keyOf(n)));
  const [first = food.name, ...others] = said;
  const same = said.join('|') === [food.name, ...food.synonyms].join('|');
  const out = same ? food : { ...food, name: first, synonyms: others };
  known[region].set(food, out);
  return out;
}
