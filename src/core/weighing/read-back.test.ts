import { describe, expect, it } from 'vitest';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { readIngredient } from './read-ingredient.ts';

const index = indexFoods(SHIPPED_FOODS);
const foodOf = (line: string): string | null => {
  const { food, matches } = readIngredient(line, null, index, 'us');
  return food.kind === 'food' ? food.foodId : food.kind === 'nothing' ? (matches[0]?.food.id ?? null) : null;
};

describe('Imbiss reads itself', () => {
  it('knows every food again by its name and by every synonym, as a line would have it', () => {
    const lost = SHIPPED_FOODS.flatMap((f) =>
      [f.name, ...f.synonyms].filter((name) => foodOf(`100 g ${name}`) !== f.id).map((name) => `${name} (${f.id})`),
    );
    expect(lost).toEqual([]);
  });
});

describe('words behind the comma', () => {
  it.each([
    ['600 g chicken thighs, boneless skinless', 'chicken-thigh-skinless'],
    ['1 lb chicken thighs, skinless', 'chicken-thigh-skinless'],
    ['1 lb chicken thighs, skin removed', 'chicken-thigh-skinless'],
    ['4 drumsticks, skin removed', 'chicken-drumstick-skinless'],
    ['1/2 cup apricots, dried', 'apricots-dried'],
    ['1/4 cup cranberries, dried', 'cranberries-dried'],
    ['100 g figs, dried, chopped', 'fig-dried'],
    ['1/4 cup tomatoes, sun-dried', 'tomatoes-sundried'],
    ['1 cup tomatoes, canned', 'tomatoes-canned'],
    ['1 tsp thyme, dried', 'thyme-dried'],
    ['1 tsp ginger, ground', 'ginger-ground'],
    ['200 g pasta, whole-grain', 'pasta-whole'],
    ['1 cup rice, brown', 'rice-brown'],
    ['1 cup rice, brown, cooked', 'rice-brown-cooked'],
    ['200 g lentils, cooked', 'lentils-cooked'],
    ['100 g sugar, brown', 'sugar-brown'],
    ['2 slices bread, rye', 'bread-rye'],
    ['300 g tofu, silken', 'tofu-silken'],
    ['1 onion, red', 'onion-red'],
    ['1 lb beef, ground, 95 % lean', 'beef-ground-95'],
    ['1 lb pork, ground', 'pork-ground'],
    ['500 g chicken, ground', 'chicken-ground'],
  ])('%s', (line, id) => expect(foodOf(line)).toBe(id));

  it('that say how it is prepared leave the food what it is', () => {
    expect(foodOf('2 tomatoes, chopped')).toBe('tomato');
    expect(foodOf('2 tomatoes, diced, peeled')).toBe('tomato');
    expect(foodOf('100 g butter, melted')).toBe('butter');
    expect(foodOf('2 eggs, beaten')).toBe('egg');
    expect(foodOf('1 carrot, grated')).toBe('carrot');
  });
});
