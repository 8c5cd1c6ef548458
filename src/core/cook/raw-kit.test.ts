import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { apartSuggestions } from './packed-apart.ts';
import { rawStorageOf } from './raw-kit.ts';

const food = (id: string) => shippedFood(id)!;
const packed = (lines: readonly string[], what: 'cooked' | 'kit') =>
  apartSuggestions(readVersion(lines), shippedFood, what).map((a) => `${a.label}: ${a.how}`);

/** Cold Food Storage Chart (USDA FSIS and FoodSafety.gov), from memory: the shorter end of each span. */
describe('how long a raw kit keeps', () => {
  it.each([
    ['fridge', ['turkey-ground-fat'], 1],
    ['fridge', ['chicken-thigh-skinless'], 1],
    ['fridge', ['beef-chuck'], 3],
    ['fridge', ['carrot'], 3],
    ['freezer', ['turkey-ground-fat'], 90],
    ['freezer', ['beef-chuck'], 120],
    ['freezer', ['bacon', 'beef-chuck'], 30],
    ['freezer', ['turkey-ground-fat', 'carrot'], 90],
  ] as const)('in the %s of %j: %i days', (place, ids, days) => {
    const foods = ids.map((id) => shippedFood(id)).filter((f) => f !== null);
    expect(foods).toHaveLength(ids.length);
    expect(rawStorageOf(place, foods).days).toBe(days);
  });
});

describe('a food that nobody said was raw', () => {
  it('is taken for raw, offal keeps as mince does, and ham keeps a month whatever it is', () => {
    const own = (name: string, over: object = {}) => ({ ...shippedFood('beef-chuck')!, name, ...over });
    expect(rawStorageOf('fridge', [own('ground turkey from the market', { state: 'as is' })]).days).toBe(1);
    expect(rawStorageOf('fridge', [own('calf liver')]).days).toBe(1);
    expect(rawStorageOf('freezer', [own('ham, lean', { state: 'cooked' })]).days).toBe(30);
  });
});

describe('what is packed apart', () => {
  it('of what was cooked: crisp things and dressings in a cup of their own, fresh things on the day', () => {
    expect(packed(['500 g chicken breast', '2 tbsp walnuts', '1 tbsp chopped parsley', '1 lemon'], 'cooked')).toEqual([
      'walnuts: cup',
      'parsley: onTheDay',
      'lemon: onTheDay',
    ]);
  });
  it('of a raw kit: what is frozen stays frozen apart, what freezes badly is added on the day', () => {
    expect(
      packed(['500 g ground beef', '300 g frozen peas', '400 g potatoes', '100 ml cream', '2 eggs'], 'kit'),
    ).toEqual(['frozen peas: frozen', 'potatoes: onTheDay', 'cream: onTheDay', 'eggs: onTheDay']);
  });
  it('is nothing of a stew that keeps as it is', () => {
    expect(packed(['1 kg beef chuck', '500 g carrots', '200 ml broth'], 'cooked')).toEqual([]);
    expect(food('carrot').name).toMatch(/carrot/);
  });
});
