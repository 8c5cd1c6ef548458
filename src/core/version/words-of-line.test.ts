import { describe, expect, it } from 'vitest';
import { readVersion } from '../../../tests/support/test-version.ts';
import { applyEntry } from './entry.ts';
import { scaleChangesBy } from './scale-version.ts';

/** The words of a line for so many times its amount. */
const times = (factor: number, text: string): string => {
  const version = readVersion([text], { servings: 4 });
  const changes = scaleChangesBy(version, factor);
  return applyEntry(version, { id: 'e', label: 'scale', changes, undoes: null }).lines[0]!.text;
};

describe('the words of a line for another amount', () => {
  it.each([
    // One becomes many and many one, and a word that was right stays.
    [2, '1 onion', '2 onions'],
    [0.5, '2 onions', '1 onion'],
    [2, '2 onions', '4 onions'],
    [0.5, '1 onion, diced', '½ onion (55 g), diced'],
    [1.5, '1 leek', '1½ leeks (225 g)'],
    [2, 'zest of 1 lemon', '2 lemon zest'],
    [2, '1 cup milk', '2 cups milk'],
    [2, '1 clove garlic', '2 cloves garlic'],
    // Sizes, packages, further amounts and notes stay.
    [0.5, '3 large onions, sliced', '1½ large onions (225 g), sliced'],
    [2, '1 (14.5 oz) can tomatoes, drained', '2 cans (14½ oz each) tomatoes, drained'],
    [0.5, '4 pork chops (6 oz each)', '2 pork chops (6 oz each)'],
    [2, '1 cup plus 2 tbsp sugar', '2¼ cups (450 g) sugar'],
    [0.5, '1 lb (450 g) ground turkey', '8 oz (225 g) ground turkey'],
    [2, '1 to 2 cloves garlic', '2 to 4 cloves garlic'],
    [2, '1 packed cup spinach', '2 cups (60 g) packed spinach'],
    // Measures that come out even.
    [1 / 3, '1/2 l milk', '167 ml (172 g) milk'],
    [0.5, '1 kg potatoes', '500 g potatoes'],
    [0.5, '1 pint heavy cream', '1 cup (238 g) heavy cream'],
    [0.25, '1 quart buttermilk', '1 cup (245 g) buttermilk'],
    [1 / 6, '1 cup butter', '2 tbsp + 2 tsp (38 g) butter'],
    [1 / 6, '1 (16 oz) package spaghetti', '76 g spaghetti'],
    [2, '1 tin chickpeas', '2 tins chickpeas'],
    [1 / 3, '8 bone-in chicken thighs', '2⅔ bone-in chicken thighs'],
  ] as const)('%f × %s: %s', (factor, text, said) => expect(times(factor, text)).toBe(said));
});
