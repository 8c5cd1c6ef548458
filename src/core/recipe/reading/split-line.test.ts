import { describe, expect, it } from 'vitest';
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
