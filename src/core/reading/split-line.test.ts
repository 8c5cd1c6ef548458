import { describe, expect, it } from 'vitest';
import { readVersion } from '../../../tests/support/test-version.ts';
import { readRecipe } from '../page/read-page.ts';
import { applyEntry } from '../version/entry.ts';
import { scaleChangesBy } from '../version/scale-version.ts';
import { splitLine } from './split-line.ts';

describe('a line that names several foods', () => {
  it.each([
    ['½ teaspoon each cinnamon and nutmeg', ['1/2 teaspoon cinnamon', '1/2 teaspoon nutmeg']],
    ['1 tsp each of cumin, coriander seed and turmeric', ['1 tsp cumin', '1 tsp coriander seed', '1 tsp turmeric']],
    ['2 tbsp each parsley and dill, chopped', ['2 tbsp parsley, chopped', '2 tbsp dill, chopped']],
    ['salt and pepper, ½ tsp each', ['1/2 tsp salt', '1/2 tsp pepper']],
    ['1 large egg plus 1 egg yolk', ['1 large egg', '1 egg yolk']],
    ['2 eggs and 2 egg whites', ['2 eggs', '2 egg whites']],
    ['2 cups flour and 1 tsp salt and 3 eggs', ['2 cups flour', '1 tsp salt', '3 eggs']],
  ])('%s', (line, foods) => expect(splitLine(line)).toEqual(foods));
  it.each([
    '1 cup plus 1 tablespoon flour',
    '1 cup sugar plus 2 tbsp for dusting',
    '2 cups peas and carrots',
    'salt and pepper to taste',
    '2 (6 oz) fillets, 1 each',
    '1 lb 4 oz beef',
    '3 carrots',
    'juice and zest of 1 lemon',
  ])('%s is one', (line) => expect(splitLine(line)).toEqual([line]));
});

describe('package directions', () => {
  it.each([
    ['Add 1 cup water, ⅓ cup oil, 3 eggs', ['1 cup water', '1/3 cup oil', '3 eggs']],
    ['2 carrots, 1 onion, and 3 potatoes', ['2 carrots', '1 onion', '3 potatoes']],
  ])('%s is a list', (line, foods) => expect(splitLine(line)).toEqual(foods));
  it.each(['1 onion, 2 cups chopped, divided', '2 chicken breasts, 6 ounces each', 'Bake 20 minutes, turn, 10 more'])(
    '%s is none',
    (line) => expect(splitLine(line)).toEqual([line]),
  );
  it('are a recipe that can be halved, eggs in grams', () => {
    const text = readRecipe('Yellow cake\n1 box (15.25 oz) yellow cake mix\nAdd 1 cup water, ⅓ cup oil, 3 eggs. Bake.');
    expect(text.ingredients.map((i) => i.text)).toEqual([
      '1 box (15.25 oz) yellow cake mix',
      '1 cup water',
      '1/3 cup oil',
      '3 eggs',
    ]);
    const version = readVersion(text.ingredients.map((i) => i.text));
    const half = applyEntry(version, { id: 'e', label: '', undoes: null, changes: scaleChangesBy(version, 0.5) });
    expect(half.lines.map((l) => l.text)).toEqual([
      '½ box (15¼ oz) yellow cake mix',
      '½ cup water',
      '2 tbsp + 2 tsp (36 g) oil',
      '1½ eggs (75 g)',
    ]);
  });
});
