import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { addedWord, lostWord, otherAnimal, otherHead, unknownWords } from './lost-words.ts';
import { readIngredient } from './read-ingredient.ts';

const index = indexFoods(SHIPPED_FOODS);
const idOf = (line: string): string => {
  const { food } = readIngredient(line, null, index, 'us');
  return food.kind === 'food' ? food.foodId : food.kind;
};

describe('a word on which the points hang', () => {
  it('is missed where the food knows nothing of it', () => {
    expect(lostWord('sugar-free lemonade', shippedFood('cola')!)).toBe('sugar-free');
    expect(lostWord('lite gouda', shippedFood('gouda')!)).toBe('light');
    expect(lostWord('dried plums', shippedFood('plum')!)).toBe('dried');
    expect(lostWord('reduced-sodium chicken broth', shippedFood('broth-chicken')!)).toBeNull();
    expect(lostWord('dry pasta', shippedFood('pasta')!)).toBeNull();
    expect(lostWord('light brown sugar', shippedFood('sugar-brown')!)).toBeNull();
  });
  it.each([
    ['1/4 cup fat free mayo', 'mayonnaise-fatfree'],
    ['1/4 cup reduced fat mayo', 'mayonnaise-light'],
    ['1 can diet cola', 'cola-diet'],
    ['1 cup 2 % Greek yogurt', 'yogurt-greek-lowfat'],
    ['1 cup fat free sweetened condensed milk', 'milk-condensed-fatfree'],
    ['2 cups light whipped topping', 'whipped-topping-light'],
    ['1 cup light ice cream', 'ice-cream-light'],
    ['1 package instant vanilla pudding mix', 'pudding-instant'],
    ['2 tbsp no-sugar-added ketchup', 'ketchup-nosugar'],
    ['1 cup dried mango', 'mango-dried'],
    ['1 can condensed tomato soup', 'soup-tomato'],
    ['100 g dry pasta', 'pasta'],
    ['1 cup light brown sugar', 'sugar-brown'],
    ['1 can cream of coconut', 'cream-of-coconut'],
    ['1 cup chickpea pasta', 'pasta-chickpea'],
  ])('leads to the food that has it: %s', (line, id) => expect(idOf(line)).toBe(id));
  it('is known by the head of the name, and by its animal', () => {
    expect(otherHead('banana chips', shippedFood('banana')!)).toBe('chip');
    expect(otherHead('chicken breast halves', shippedFood('chicken-breast')!)).toBeNull();
    expect(otherHead('maple sugar', shippedFood('syrup-sugarfree')!)).toBe('sugar');
    expect(otherAnimal('pork liver', shippedFood('liver-chicken')!)).toBe('pork');
    expect(otherAnimal('chicken liver', shippedFood('liver-chicken')!)).toBeNull();
    expect(unknownWords('aged smoky gouda cheese', shippedFood('gouda')!)).toBe('aged smoky');
    expect(unknownWords('gouda', shippedFood('gouda')!)).toBeNull();
  });
  it('is missed too where the food has one that the line has not', () => {
    expect(addedWord('sour cream', shippedFood('cream-sour-light')!)).toBe('light');
    expect(addedWord('light sour cream', shippedFood('cream-sour-light')!)).toBeNull();
    expect(addedWord('sour cream', shippedFood('cream-sour')!)).toBeNull();
  });
  it.each([
    '1 cup banana chips',
    '2 cups broccoli rice',
    '1 cup fish stock',
    '200 g pork liver',
    '1 cup smoked cheddar',
    '1/4 cup orange juice concentrate',
    '2 tbsp peanut flour',
    '1 cup maple sugar',
    '100 g turkey bratwurst',
  ])('makes another thing of it, and is asked: %s', (line) => expect(idOf(line)).toBe('open'));
  it.each(['1 cup sugar-free maple cookies', '100 g fat-free gouda', '1 cup light hollandaise', '200 g dried swede'])(
    'asks where no food has it: %s',
    (line) => expect(idOf(line)).toBe('open'),
  );
});
