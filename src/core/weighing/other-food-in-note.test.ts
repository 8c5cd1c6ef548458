import { describe, expect, it } from 'vitest';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { readIngredient } from './read-ingredient.ts';

const index = indexFoods(SHIPPED_FOODS);
const warningsOf = (line: string): string => readIngredient(line, null, index, 'us').warnings.join(' ');

describe('a second food behind the comma, with an amount of its own', () => {
  it.each([
    ['handful lettuce, ½ tomato', '1/2 tomato'],
    ['1 onion, 2 tbsp olive oil', '2 tbsp olive oil'],
    ['2 cups flour, sifted, 1 tsp cinnamon', '1 tsp cinnamon'],
    ['1 cup rice; 2 cups water', '2 cups water'],
  ])('is not silent: %s', (line, other) => {
    const said = warningsOf(line);
    expect(said).toContain(other);
    expect(said).toMatch(/line of its own/);
  });

  it.each([
    '1 onion, 2 cups chopped, divided',
    '4 chicken breasts, 6 oz each',
    '1 lb beef, cut in 1 inch cubes',
    '1 head broccoli, 4 cups florets',
    '2 large eggs, 1 beaten',
    '3 apples, 2 of them grated',
    '1 lb shrimp, 16 to 20 count',
    'flour, 2 cups',
    'butter, 2 tbsp',
    '1 cup butter, 2 sticks',
    '1 package cream cheese, 8 oz',
    '2 tomatoes, 1 diced tomato',
    '1 can beans, 1 cup liquid reserved',
    '2 cups shredded cheese, 1 cup reserved for the top',
  ])('is none in %s', (line) => expect(warningsOf(line)).not.toMatch(/line of its own/));
});
