import { ALLERGEN_WORDS, type Allergen, type Food } from '../food/food.ts';
import { foodWords } from '../food/food-words.ts';

/**
 * What in these foods an eater must not or will not eat, in words: allergens by the eater's allergies, and foods
 * whose name or synonyms hold all words of something avoided.
 */
export function avoidedBy(
  eater: { readonly allergies: readonly Allergen[]; readonly avoids: readonly string[] },
  foods: readonly Food[],
): string[] {
  const out: string[] = [];
  for (const allergen of eater.allergies) {
    const holders = foods.filter((f) => f.allergens.includes(allergen));
    if (holders.length > 0)
      out.push(`allergic to ${ALLERGEN_WORDS[allergen]} (${holders.map((f) => f.name).join(', ')})`);
  }
  for (const avoided of eater.avoids) {
    const words = foodWords(avoided);
    const holder = foods.find((f) =>
      [f.name, ...f.synonyms].some((name) => {
        const own = foodWords(name);
        return words.length > 0 && words.every((w) => own.includes(w));
      }),
    );
    if (holder) out.push(`avoids ${avoided}`);
  }
  return out;
}
