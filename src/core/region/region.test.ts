import { describe, expect, it } from 'vitest';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { SWAPS } from '../swap/library.ts';
import { swapIn } from '../swap/swap-in.ts';
import { readIngredient } from '../weighing/read-ingredient.ts';
import { foodIn } from './food-in.ts';
import { REGIONS, regionOf } from './region.ts';
import { FOOD_NAMES, TWO_MEANINGS } from './region-words.data.ts';
import { sayIn } from './say-in.ts';

const foods = { us: SHIPPED_FOODS.map((f) => foodIn('us', f)), gb: SHIPPED_FOODS.map((f) => foodIn('gb', f)) };
const index = { us: indexFoods(foods.us), gb: indexFoods(foods.gb) };
const foodOf = (region: 'us' | 'gb', line: string): string | null => {
  const { food, matches } = readIngredient(line, null, index[region], 'us');
  return food.kind === 'food' ? food.foodId : food.kind === 'nothing' ? (matches[0]?.food.id ?? null) : null;
};

describe('a region', () => {
  it.each(REGIONS)('%s reads every name and synonym that it has as that food', (region) => {
    const lost = foods[region].flatMap((f) =>
      [f.name, ...f.synonyms].filter((n) => foodOf(region, `100 g ${n}`) !== f.id).map((n) => `${n} (${f.id})`),
    );
    expect(lost).toEqual([]);
  });
  it('reads the names of both, but for words that mean another food', () => {
    for (const [id, us, gb] of FOOD_NAMES.trim()
      .split('\n')
      .map((r) => r.split('|').map((c) => c.trim()))) {
      expect(foodOf('gb', `100 g ${us}`), us).toBe(id);
      expect(foodOf('us', `100 g ${gb}`), gb).toBe(id);
    }
  });
  it('decides what words of two meanings mean', () => {
    for (const [word, us, gb] of TWO_MEANINGS.trim()
      .split('\n')
      .map((r) => r.split('|').map((c) => c.trim()))) {
      expect(foodOf('us', `100 g ${word}`), `${word} in America`).toBe(us);
      expect(foodOf('gb', `100 g ${word}`), `${word} in Britain`).toBe(gb);
    }
  });
  it('has a name for every id that the tables name', () => {
    const ids = new Set(SHIPPED_FOODS.map((f) => f.id));
    for (const row of FOOD_NAMES.trim().split('\n')) expect(ids.has(row.split('|')[0]!.trim()), row).toBe(true);
    for (const row of TWO_MEANINGS.trim().split('\n'))
      for (const id of row.split('|').slice(1)) expect(ids.has(id.trim()), row).toBe(true);
  });
  it('leaves a food that is called the same as it is, and gives the same object again', () => {
    const onion = SHIPPED_FOODS.find((f) => f.id === 'onion')!;
    expect(foodIn('us', onion)).toBe(onion);
    const courgette = SHIPPED_FOODS.find((f) => f.id === 'courgette')!;
    expect(foodIn('us', courgette)).toBe(foodIn('us', courgette));
    expect(foodIn('us', courgette)).toMatchObject({ name: 'zucchini', per100g: courgette.per100g });
  });
});

describe('words of a region', () => {
  it.each([
    ['us', 'Grated courgette or soured cream.', 'Grated zucchini or sour cream.'],
    ['us', 'Aubergines in a frying pan.', 'Eggplants in a skillet.'],
    ['gb', 'Lean ground beef in a skillet.', 'Lean minced beef in a frying pan.'],
    ['gb', 'Ground cinnamon, and nothing can go wrong.', 'Ground cinnamon, and nothing can go wrong.'],
    ['gb', 'the leanest ground beef', 'the leanest minced beef'],
  ] as const)('%s: %s', (region, text, said) => expect(sayIn(region, text)).toBe(said));
  it('are said of swaps, once and for all: to say them again changes nothing', () => {
    for (const region of REGIONS) {
      for (const swap of SWAPS.map((s) => swapIn(region, s))) expect(swapIn(region, swap)).toEqual(swap);
    }
    const texts = (region: 'us' | 'gb') =>
      JSON.stringify(SWAPS.map((s) => swapIn(region, s)).map((s) => [s.name, s.method, s.watch, s.why]));
    expect(texts('us')).not.toMatch(/courgette|aubergine|soured cream|minced (?:beef|pork)|wholemeal/);
    expect(texts('gb')).not.toMatch(/zucchini|eggplant|ground (?:beef|turkey|meat)|cornstarch/);
  });
});

describe('the region of a browser', () => {
  it.each([
    [['en-US'], 'us'],
    [['en-GB', 'en-US'], 'gb'],
    [['en'], 'us'],
    [['de-AT', 'en-GB'], 'gb'],
    [['en-AU'], 'gb'],
    [['en-CA'], 'us'],
    [['de-DE'], 'gb'],
    [['en-Latn-US'], 'us'],
    [[], 'us'],
  ] as const)('%j is %s', (languages, region) => expect(regionOf(languages)).toBe(region));
});
