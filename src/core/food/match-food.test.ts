import { describe, expect, it } from 'vitest';
import { testFood } from '../../../tests/support/test-lines.ts';
import { fold, foodWords, singular } from './food-words.ts';
import { indexFoods, matchFood, SURE, searchFoods } from './match-food.ts';
import { SHIPPED_FOODS } from './shipped/index.ts';

const index = indexFoods(SHIPPED_FOODS);
const best = (item: string, note: string | null = null) => matchFood(index, item, note)[0];

describe('words of foods', () => {
  it.each([
    ['tomatoes', 'tomato'],
    ['berries', 'berry'],
    ['leaves', 'leaf'],
    ['radishes', 'radish'],
    ['couscous', 'couscous'],
    ['asparagus', 'asparagus'],
    ['peas', 'pea'],
    ['molasses', 'molass'],
  ])('%s is %s in the singular', (many, one) => expect(singular(many)).toBe(one));
  it('fold accents and case', () => {
    expect(fold('Crème FRAÎCHE')).toBe('creme fraiche');
    expect(foodWords('Low-Fat Crème fraîche, of the day')).toEqual(['low', 'fat', 'creme', 'fraiche', 'day']);
  });
});

describe('matching', () => {
  it('is sure of every name and synonym in the pantry', () => {
    for (const f of SHIPPED_FOODS) {
      for (const name of [f.name, ...f.synonyms]) {
        const m = best(name);
        expect(m?.confidence, name).toBeGreaterThanOrEqual(0.9);
      }
    }
  });
  it('finds the food itself by its own name', () => {
    const lost = SHIPPED_FOODS.filter((f) => best(f.name)!.food.id !== f.id).map(
      (f) => `${f.name} → ${best(f.name)!.food.id}`,
    );
    expect(lost).toEqual([]);
  });
  // What the pantry does not have must become a question, not a guess.
  it.each([
    'mystery dust',
    'gloop',
    'unicorn steaks',
    'dragon fruit smoothie powder',
    'dragon fruit',
    'energy gel',
    'krill',
    'seitan nuggets',
    'space cake',
    'rocket fuel',
    'cat food',
    'paper towels',
    'foil',
    'toothpicks',
    'skewers',
  ])('is not sure of "%s"', (item) => expect(best(item)?.confidence ?? 0).toBeLessThan(SURE));
  it('lets words of state decide', () => {
    expect(best('cooked lentils')!.food.id).toBe('lentils-cooked');
    expect(best('dried lentils')!.food.id).toBe('lentils-dry');
    expect(best('hard-boiled egg')!.food.id).toBe('egg-boiled');
    expect(best('canned chickpeas')!.food.id).toBe('chickpeas-canned');
    expect(best('dried apricots')!.food.id).toBe('apricots-dried');
    expect(best('frozen spinach')!.food.id).toBe('spinach-frozen');
  });
  it('takes the grade of ground meat from wherever it stands', () => {
    expect(best('ground beef', '85% lean')!.food.id).toBe('beef-ground-85');
    expect(best('85/15 ground beef')!.food.id).toBe('beef-ground-85');
    expect(best('minced beef 20% fat')!.food.id).toBe('beef-ground-80');
    expect(best('99% lean ground turkey')!.food.id).toBe('turkey-ground-fatfree');
    expect(best('2% milk')!.food.id).toBe('milk-2');
  });
  it('puts own foods before the shipped ones of the same name', () => {
    const own = { ...testFood('own-butter', { kcal: 700 }), name: 'butter' };
    expect(matchFood(indexFoods([own, ...SHIPPED_FOODS]), 'butter')[0]!.food.id).toBe('own-butter');
  });
  it('offers candidates when it is not sure', () => {
    const candidates = matchFood(index, 'smoked cheese sausage').map((m) => m.food.id);
    expect(candidates).toContain('sausage-smoked');
    expect(candidates.length).toBeLessThanOrEqual(8);
  });
});

describe('the search box', () => {
  const ids = (text: string) => searchFoods(index, text).map((f) => f.id);
  it.each([
    ['conf sugar', 'sugar-icing'],
    ['scallion', 'spring-onion'],
    ['oleo', 'margarine'],
    ['80/20', 'beef-ground-80'],
    ['curd cheese', 'quark-20'],
    ['minced beef', 'beef-ground-80'],
    ['chick br', 'chicken-breast'],
    ['zucch', 'courgette'],
  ])('finds %s', (text, id) => expect(ids(text).slice(0, 5)).toContain(id));
  it('finds nothing in nothing', () => expect(ids('   ')).toEqual([]));
});
