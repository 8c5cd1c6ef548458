import type { Food } from './food.ts';
import { foodWords, isNoise } from './food-words.ts';

/** The words of what a food is called before what kind of it it is: "quark" of "quark, fat-free". */
const calledWords = (name: string): string =>
  foodWords(name.split(',')[0]!)
    .filter((w) => !isNoise(w))
    .join(' ');

/**
 * All foods that go by a name: whoever says "quark" cannot be had means every quark, or has to say which.
 *
 * @example foodsCalled(pantry, 'quark').map((f) => f.id) // ['quark-fatfree', 'quark-20', 'quark-40']
 */
export function foodsCalled(foods: readonly Food[], text: string): Food[] {
  const wanted = calledWords(text);
  if (wanted === '') return [];
  return foods.filter((f) => calledWords(f.name) === wanted);
}
