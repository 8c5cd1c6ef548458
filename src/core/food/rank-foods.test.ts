import { describe, expect, it } from 'vitest';
import { foodWords } from './food-words.ts';
import { nameFit, rankFoods } from './rank-foods.ts';
import { SHIPPED_FOODS } from './shipped/index.ts';

const rank = (text: string, uses: Record<string, number> = {}) =>
  rankFoods(SHIPPED_FOODS, foodWords(text), (id) => uses[id] ?? 0).map((f) => f.id);

describe('ranking foods', () => {
  it('wants every word to begin a word of the name', () => {
    expect(nameFit(['conf', 'sugar'], ['confectioners', 'sugar'])).toBeGreaterThan(0);
    expect(nameFit(['conf', 'salt'], ['confectioners', 'sugar'])).toBe(0);
  });
  it('puts whole words and short names first', () => {
    expect(rank('cheddar')[0]).toBe('cheddar');
    expect(nameFit(['cream'], ['cream'])).toBeGreaterThan(nameFit(['cream'], ['cream', 'sour', 'light']));
    expect(nameFit(['cream'], ['cream', 'sour'])).toBeGreaterThan(nameFit(['crea'], ['cream', 'sour']));
  });
  it('lifts what the household cooks with', () => {
    const plain = rank('cheese');
    const last = plain.at(-1)!;
    expect(rank('cheese', { [last]: 10 }).indexOf(last)).toBeLessThan(plain.indexOf(last));
  });
  it('finds nothing for nothing', () => expect(rank('xyzzy')).toEqual([]));
});
