import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { likelyGrams, usualSpread } from './spread.ts';

/** The spread of a line, as a share of its grams. */
const spread = (text: string): number => {
  const line = readVersion([text]).lines[0]!;
  if (line.food.kind !== 'food' || line.weight === null) throw new Error(`${text} is open`);
  return usualSpread(shippedFood(line.food.foodId)!, line.weight.from, line.amount?.unit ?? null);
};

describe('the usual spread', () => {
  it('is none of what was weighed, and of a guess, which has its own', () => {
    for (const text of ['500 g potatoes', '1 lb ground beef', '1 cup (113 g) cheddar'])
      expect(spread(text), text).toBe(0);
  });
  it('is the hand’s of what is taken by hand, and only of that', () => {
    for (const text of ['a handful of walnuts', '1 bunch parsley', 'a pinch of salt'])
      expect(spread(text), text).toBe(0.25);
    for (const text of ['2 onions', '1 cup milk', '2 slices bread']) expect(spread(text), text).toBeLessThan(0.25);
  });
  it('is next to none of what is sold so', () => {
    for (const text of ['1 can (400 g) tomatoes', '1 can chickpeas', '1 stick butter', '1 packet dry yeast'])
      expect(spread(text), text).toBe(0.01);
  });
  it.each([
    ['1 cup milk', '1 cup sugar'],
    ['1 cup sugar', '1 cup flour'],
    ['1 cup flour', '1 cup grated cheddar'],
    ['1 cup milk', '1 tbsp milk'],
    ['1 cup flour', '1 tbsp flour'],
    ['3 eggs', '3 chicken thighs'],
    ['2 slices bread', '2 slices cheddar'],
    ['3 chicken thighs', '3 onions'],
    ['1 cup chopped walnuts', 'a handful of walnuts'],
  ])('of %s is less than of %s', (less, more) => expect(spread(less)).toBeLessThan(spread(more)));
  it.each(['2 onions', '4 chicken thighs', '1 cup chopped walnuts'])('of %s is 10 to 15 %%', (text) => {
    expect(spread(text)).toBeGreaterThanOrEqual(0.1);
    expect(spread(text)).toBeLessThanOrEqual(0.15);
  });
});

describe('likely grams', () => {
  const flour = shippedFood('flour-white')!;
  it('combine what the line leaves open with the usual spread, which know nothing of each other', () => {
    // By hand: 100 g, 8 below and 8 above by the line, 6 % by the cup: √(64 + 36) = 10.
    expect(likelyGrams({ grams: 100, low: 92, high: 108, from: 'measure' }, flour, 'cup')).toEqual({
      low: 90,
      high: 110,
    });
  });
  it('are the grams of what was weighed', () => {
    expect(likelyGrams({ grams: 100, low: 100, high: 100, from: 'weight' }, flour, 'gram')).toEqual({
      low: 100,
      high: 100,
    });
  });
  it('are never below nothing', () => {
    expect(likelyGrams({ grams: 10, low: -5, high: 25, from: 'estimate' }, flour, 'handful').low).toBe(0);
  });
});
