import { ALLERGEN_WORDS, type Food } from '../food/food.ts';
import { namedTogether } from '../quantity/named-together.ts';
import type { Eater } from '../table/table.ts';

/** Why somebody must not have something of these foods, in words; null where nothing is known against it. */
export function notForEater(eater: Pick<Eater, 'name' | 'allergies'>, foods: readonly Food[]): string | null {
  const harm = eater.allergies.filter((a) => foods.some((f) => f.allergens.includes(a)));
  return harm.length === 0
    ? null
    : `Not for ${eater.name}: there is ${namedTogether(harm.map((a) => ALLERGEN_WORDS[a]))} in it.`;
}
