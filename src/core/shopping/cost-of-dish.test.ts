import { describe, expect, it } from 'vitest';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { costOfDish } from './cost-of-dish.ts';

const stew = readVersion(['1 kg potatoes', '200 g butter', '1 lump of moonrock'], {
  id: 'stew',
  recipeId: 'r1',
  servings: 4,
});
const at = (foodId: string, packGrams: number, price: number) => ({
  foodId,
  shop: '',
  leastGrams: null,
  packGrams,
  price,
});

describe('what a serving costs', () => {
  it('is the share of the packages that goes in, and says of how much the price is kept', () => {
    // 200 of 250 g for 2.50 is 2.00; 1000 of 2000 g for 3.00 is 1.50: 3.50 for four.
    const buying = [at('butter', 250, 2.5), at('potato', 2000, 3)];
    expect(costOfDish({ title: 'Stew', version: stew, servings: 8 }, kitchenOf(stew), buying)).toEqual({
      title: 'Stew',
      aServing: 0.88,
      priced: 2,
      of: 3,
    });
  });
  it('is not known where no price is kept', () => {
    expect(costOfDish({ title: 'Stew', version: stew, servings: 4 }, kitchenOf(stew), []).aServing).toBeNull();
  });
});
