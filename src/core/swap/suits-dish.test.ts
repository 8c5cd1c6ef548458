import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { carriesDish } from './carries-dish.ts';
import { leftOutDeparture } from './departure.ts';
import { SWAPS } from './library.ts';
import { isSweetDish, suitsDish } from './suits-dish.ts';

const dish = (servings: number, ...lines: string[]) => readVersion(lines, { servings });
const sweet = (servings: number, ...lines: string[]) => isSweetDish(dish(servings, ...lines), shippedFood);
const swap = (id: string) => SWAPS.find((s) => s.id === id)!;

describe('a sweet dish', () => {
  it('is sweetened, and has nothing savoury in it', () => {
    expect(sweet(5, '200 g rice', '1 l milk', '4 tbsp sugar')).toBe(true);
    expect(sweet(12, '250 g flour', '200 g sugar', '300 g carrots', '3 eggs')).toBe(true);
    expect(sweet(4, '2 cucumbers', '200 g sour cream', '1 tbsp sugar')).toBe(false);
    expect(sweet(4, '500 g pork shoulder', '2 onions', '100 g brown sugar')).toBe(false);
    expect(sweet(4, '1 kg potatoes', '200 ml cream')).toBe(false);
  });
  it('takes no cauliflower, but its apple purée', () => {
    const rice = SWAPS.filter((s) => s.into.some((t) => t.foodId === 'cauliflower'));
    expect(rice.length).toBeGreaterThan(0);
    for (const s of rice) {
      expect(suitsDish(s, true, shippedFood), s.id).toBe(s.from.includes('cauliflower'));
      expect(suitsDish(s, false, shippedFood), s.id).toBe(true);
    }
    for (const id of ['fat-to-applesauce', 'fat-to-pumpkin', 'milk-to-skim', 'sugar-less'])
      expect(suitsDish(swap(id), true, shippedFood), id).toBe(true);
  });
});

describe('what a dish is made of', () => {
  it('is harder to leave out than a little of the same', () => {
    expect(leftOutDeparture('creaminess', true)).toBe(leftOutDeparture('creaminess') + 30);
    expect(leftOutDeparture('protein', true)).toBe(100);
  });
  it.each([
    [
      ['200 g rice', '1 l milk', '4 tbsp sugar', '20 g butter'],
      [false, true, false, false],
    ],
    [
      ['1 kg beef chuck', '600 g onions', '3 tbsp lard', '800 ml chicken stock'],
      [true, true, false, false],
    ],
    [
      ['500 g split peas', '2 l chicken broth', '1 onion', '150 g ham'],
      [true, false, false, true],
    ],
    [
      ['500 g flour', '200 ml milk', '120 g sugar', '2 eggs', '1.5 kg plums'],
      [true, false, true, true, true],
    ],
    [
      ['2 tbsp flour', '250 g soured cream', '900 g chicken thighs, skinless'],
      [false, false, true],
    ],
  ])('%j: %j', (lines, carries) => {
    const version = dish(6, ...lines);
    expect(version.lines.map((l) => carriesDish(l, version, shippedFood))).toEqual(carries);
  });
  it.each([
    ['Pecan pie', ['200 g pecans', '1 cup corn syrup', '3 eggs', '1 pie crust'], [true, true, false, false]],
    ['Peanut butter shake', ['100 g peanut butter', '5 g butter', '500 g bananas'], [true, false, true]],
    ['Potato and leek gratin', ['1 kg potatoes', '1 leek', '200 ml cream'], [true, true, false]],
    ['Chicken soup', ['100 g chicken breast', '2 l chicken broth', '200 g carrots'], [true, false, true]],
  ])('%s is named after what is in its name', (title, lines, carries) => {
    const version = dish(6, ...lines);
    expect(version.lines.map((l) => carriesDish(l, version, shippedFood, title))).toEqual(carries);
  });
});
