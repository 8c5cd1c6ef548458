import { describe, expect, it } from 'vitest';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import type { StockItem } from '../stock/stock.ts';
import { whatToGet } from './what-to-get.ts';

const stew = readVersion(['1 kg potatoes', '200 g butter', '3 eggs', '1 pinch of unicorn dust'], {
  id: 'stew',
  recipeId: 'r1',
  servings: 4,
});
const cake = readVersion(['250 g butter', '2 eggs'], { id: 'cake', recipeId: 'r2', servings: 12 });
const inHouse = (foodId: string, grams: number | null, over: Partial<StockItem> = {}): StockItem => ({
  id: `s-${foodId}`,
  foodId,
  name: foodId,
  grams,
  opened: false,
  useBy: null,
  lacking: false,
  ...over,
});
const from = {
  dishes: [
    { title: 'Stew', version: stew, servings: 8 },
    { title: 'Cake', version: cake, servings: 12 },
  ],
  foods: [],
  stock: [] as StockItem[],
  buying: [],
  kitchen: kitchenOf(stew, cake),
  food: shippedFood,
  system: 'metric' as const,
};
const got = (over: object = {}) => new Map(whatToGet({ ...from, ...over }).map((i) => [i.foodId ?? i.name, i]));

describe('what to get', () => {
  it('is what the pots of the plan need, each food once, with the dishes that need it', () => {
    const list = got();
    // 2 × 1 kg for eight; 2 × 200 g and 250 g for a dozen.
    expect(list.get('potato')).toMatchObject({ grams: 2000, uses: ['Stew'] });
    expect(list.get('butter')).toMatchObject({ grams: 650, uses: ['Stew', 'Cake'] });
    // 2 × 3 and 2 eggs.
    expect(list.get('egg')!.needed).toMatch(/^8\b/);
  });
  it('is less by what is in the house, and says so; what nobody weighed has to be looked at', () => {
    const stock = [inHouse('butter', 500), inHouse('potato', 3000), inHouse('egg', null)];
    const list = got({ stock });
    expect(list.get('butter')).toMatchObject({ grams: 150 });
    expect(list.get('butter')!.inHouse).toMatch(/500 g/);
    expect(list.has('potato')).toBe(false);
    expect(list.get('egg')!.inHouse).toMatch(/look/);
    // What cannot be had is not in the house.
    expect(got({ stock: [inHouse('butter', 500, { lacking: true })] }).get('butter')).toMatchObject({ grams: 650 });
  });
  it('is said as it is sold, where that is known, with its shop and what it costs', () => {
    const buying = [{ foodId: 'butter', shop: 'Dairy', leastGrams: null, packGrams: 250, price: 2.4 }];
    expect(got({ buying }).get('butter')).toMatchObject({
      needed: '650 g',
      sold: '3 × 250 g',
      soldGrams: 750,
      shop: 'Dairy',
      price: 7.2,
    });
  });
  it('says where one package less would nearly do', () => {
    const buying = (packGrams: number) => [{ foodId: 'butter', shop: '', leastGrams: null, packGrams, price: null }];
    expect(got({ buying: buying(640) }).get('butter')).toMatchObject({
      sold: '2 × 640 g',
      needed: '650 g; 1 × 640 g would be 10 g short',
    });
    expect(got({ buying: buying(500) }).get('butter')!.needed).toBe('650 g');
    expect(got({ buying: buying(650) }).get('butter')!.needed).toBe('650 g');
  });
  it('fills up what should always be in the house, also where no dish needs it', () => {
    const buying = [
      { foodId: 'butter', shop: '', leastGrams: 250, packGrams: null, price: null },
      { foodId: 'milk-whole', shop: '', leastGrams: 1000, packGrams: null, price: null },
      { foodId: 'sugar', shop: '', leastGrams: 500, packGrams: null, price: null },
    ];
    const list = got({ buying, stock: [inHouse('butter', 700), inHouse('milk-whole', 400), inHouse('sugar', 900)] });
    // 700 − 650 leaves 50 of 250.
    expect(list.get('butter')).toMatchObject({ grams: 200, uses: ['Stew', 'Cake', 'always in the house'] });
    expect(list.get('milk-whole')).toMatchObject({ grams: 600, uses: ['always in the house'] });
    expect(list.has('sugar')).toBe(false);
  });
  it('drops nothing that was not understood: it stands there by its words', () => {
    const dust = [...got().values()].find((i) => /unicorn/.test(i.name));
    expect(dust).toMatchObject({ foodId: null, grams: null, uses: ['Stew'] });
  });
  it('has the foods that somebody is going to eat as they are', () => {
    const foods = [
      { foodId: 'apple', grams: 300, who: 'Runa' },
      { foodId: 'apple', grams: 150, who: 'Tomas' },
    ];
    expect(got({ foods }).get('apple')).toMatchObject({ grams: 450, uses: ['Runa', 'Tomas'] });
  });
  it('has the same ids from the same plan, so that two devices mean the same thing', () => {
    expect([...got().values()].map((i) => i.id)).toEqual([...got().values()].map((i) => i.id));
    expect(new Set([...got().values()].map((i) => i.id)).size).toBe(got().size);
  });
});
