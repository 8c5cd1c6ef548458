import { ALLERGEN_WORDS, ALLERGENS, type Allergen } from '../food/food.ts';

/** Words for what is in several allergens, or is called otherwise than in law. */
const ALSO: Readonly<Record<string, readonly Allergen[]>> = {
  nuts: ['tree-nuts', 'peanuts'],
  nut: ['tree-nuts', 'peanuts'],
  dairy: ['milk'],
  lactose: ['milk'],
  wheat: ['gluten'],
  eggs: ['egg'],
  shellfish: ['crustaceans', 'molluscs'],
  soya: ['soy'],
  peanut: ['peanuts'],
};

/** Sorts what somebody does without into allergens and foods by name. */
export function readWithout(words: readonly string[]): { allergies: Allergen[]; avoids: string[] } {
  const allergies = new Set<Allergen>();
  const avoids: string[] = [];
  for (const raw of words) {
    const word = raw.trim().toLowerCase();
    if (word === '') continue;
    const known =
      ALSO[word] ?? ALLERGENS.filter((a) => a === word || ALLERGEN_WORDS[a] === word || a === word.replace(' ', '-'));
    if (known.length > 0) for (const a of known) allergies.add(a);
    else avoids.push(word);
  }
  return { allergies: [...allergies], avoids };
}
