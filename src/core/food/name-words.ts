import type { Food } from './food.ts';
import { foodWords, isNoise } from './food-words.ts';

type Named = Pick<Food, 'name' | 'synonyms'>;

/** What the names of a food consist of. */
export interface NameWords {
  /** Every word of every name. */
  readonly all: ReadonlySet<string>;
  /** The same without what the food has not: the sugar of "sugar-free syrup" is no word of it. */
  readonly positive: ReadonlySet<string>;
  /** The last word of each name: what it is. */
  readonly heads: ReadonlySet<string>;
}

/** Foods never change, and every line asks about several. */
const workedOut = new WeakMap<Named, NameWords>();

/** The words of a food's names, worked out once a food. */
export function nameWords(food: Named): NameWords {
  const had = workedOut.get(food);
  if (had !== undefined) return had;
  const names = [food.name, ...food.synonyms];
  const words: NameWords = {
    all: new Set(names.flatMap(foodWords)),
    positive: new Set(names.map(positively).flatMap(foodWords)),
    heads: new Set([food.name.split(',')[0]!, ...food.synonyms].map(headOf)),
  };
  workedOut.set(food, words);
  return words;
}

const positively = (name: string): string => name.replace(/\b(?:sugar|fat|salt|gluten|oil)[- ]free\b/gi, ' ');

/** The last word of a name that says which food it is. */
export const headOf = (name: string): string =>
  foodWords(name)
    .filter((w) => !isNoise(w))
    .at(-1) ?? '';
