import type { Food } from './food.ts';
import { foodWords } from './food-words.ts';

/** How much a food's own use lifts it: ten recipes that have it are worth a word. */
const MOST_USE = 0.5;

/**
 * How well a name fits typed words: every word must begin a word of the name; whole words and short names fit
 * better. 0 for a name that does not fit.
 */
export function nameFit(typed: readonly string[], name: readonly string[]): number {
  let score = 0;
  for (const w of typed) {
    const hit = name.includes(w) ? 2 : name.some((n) => n.startsWith(w)) ? 1 : 0;
    if (hit === 0) return 0;
    score += hit;
  }
  return score / (1 + name.length);
}

/**
 * Foods for a search box, best first: by how well their best name fits, lifted by own use.
 *
 * @param words as foodWords gives them, typing errors put right.
 * @param uses how many of the household's recipes have a food.
 */
export function rankFoods(
  foods: readonly Food[],
  words: readonly string[],
  uses: (foodId: string) => number = () => 0,
): Food[] {
  return foods
    .map((food) => {
      const fit = Math.max(...[food.name, ...food.synonyms].map((n) => nameFit(words, foodWords(n))));
      return { food, fit, score: fit === 0 ? 0 : fit + MOST_USE * Math.min(1, uses(food.id) / 10) };
    })
    .filter((r) => r.fit > 0)
    .sort((a, b) => b.score - a.score || a.food.name.length - b.food.name.length)
    .map((r) => r.food);
}
