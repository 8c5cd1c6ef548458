import { foodWords } from '../src/core/food/food-words.ts';
import { indexFoods } from '../src/core/food/match-food.ts';
import { SHIPPED_FOODS } from '../src/core/food/shipped/index.ts';
import { readIngredient } from '../src/core/weighing/read-ingredient.ts';

/**
 * What a match is worth for a name that the pantry does not have: each synonym is taken out of it in turn and read, and
 * the match is right when it is still the food that had it. Takes two minutes; what it printed stands in
 * docs/every-word.md.
 */
const keyOf = (text: string): string => [...new Set(foodWords(text))].sort().join(' ');
const LIMITS = [0, 0.6, 0.68, 0.8, 0.9, 0.96, 1.01];
const table = LIMITS.slice(1).map(() => ({ right: 0, wrong: 0 }));
for (const food of SHIPPED_FOODS) {
  for (const name of food.synonyms) {
    const key = keyOf(name);
    const without = SHIPPED_FOODS.map((f) =>
      f.synonyms.some((s) => keyOf(s) === key) ? { ...f, synonyms: f.synonyms.filter((s) => keyOf(s) !== key) } : f,
    );
    const best = readIngredient(`100 g ${name}`, null, indexFoods(without), 'us').matches[0];
    const at = LIMITS.findLastIndex((l) => (best?.confidence ?? 0) >= l);
    table[at]![best?.food.id === food.id ? 'right' : 'wrong']++;
  }
}
for (const [i, { right, wrong }] of table.entries())
  console.log(`| ${LIMITS[i]} to ${Math.min(1, LIMITS[i + 1]!)} | ${right + wrong} | ${right} |`);
