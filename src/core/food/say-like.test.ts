import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { describeGrams } from './describe-grams.ts';
import { countedName, sayLike } from './say-like.ts';

const say = (unit: string | null, id: string, grams: number) =>
  sayLike(unit, shippedFood(id), grams, 'us', shippedFood(id)!.name).text;

describe('an amount in the words of the line before', () => {
  it.each([
    ['gram', 'quark-fatfree', 150, '150 g quark, fat-free'],
    ['kilogram', 'beef-chuck', 1000, '1 kg beef chuck, trimmed to lean'],
    ['liter', 'milk-skim', 1035, '1 l (1035 g) milk, skimmed'],
    ['milliliter', 'milk-skim', 207, '200 ml (207 g) milk, skimmed'],
    ['milliliter', 'milk-skim', 52, '50 ml (52 g) milk, skimmed'],
    ['cup', 'milk-skim', 245, '1 cup (245 g) milk, skimmed'],
    [null, 'egg', 100, '2 eggs, whole (100 g)'],
    [null, 'egg', 50, '1 egg, whole (50 g)'],
    ['gram', 'oil-spray', 1.6, '2 seconds (1.6 g) oil spray'],
    ['liter', 'oil-spray', 30, '30 g oil spray'],
    ['can', 'chickpeas-canned', 253, '1 can chickpeas, canned, drained'],
    ['can', 'chickpeas-canned', 506, '2 cans chickpeas, canned, drained'],
    ['ounce', 'mozzarella-part-skim', 113.4, '4 oz (113 g) mozzarella, part skim'],
    ['pound', 'mozzarella-part-skim', 907.2, '2 lb (907 g) mozzarella, part skim'],
  ] as const)('%s of %s, %f g: %s', (unit, id, grams, said) => expect(say(unit, id, grams)).toBe(said));
  it('is grams for a food that nobody knows', () =>
    expect(sayLike('cup', null, 80, 'us', 'dust').text).toBe('80 g dust'));
});

describe('amounts that no kitchen says', () => {
  it('are left to the scale: meat by the cup, half thighs, half seconds of spray', () => {
    const said = (id: string, grams: number) => describeGrams(shippedFood(id), grams, 'us');
    expect(said('bacon-cooked', 72)).not.toMatch(/cup/);
    expect(said('ground-beef-80', 225)).not.toMatch(/cup/);
    expect(said('chicken-thigh-skinless', 4.5 * 85)).not.toMatch(/½/);
    for (let g = 0.2; g < 8; g += 0.1) expect(said('oil-spray', g)).not.toMatch(/[¼⅓½⅔¾] ?\w* second/);
  });
  it('stay in kilograms for who weighs by them, down to one', () => {
    const beef = shippedFood('beef-chuck');
    expect(sayLike('kilogram', beef, 1250, 'us', 'beef chuck')).toMatchObject({
      text: '1.25 kg beef chuck',
      quantity: 1.25,
      unit: 'kilogram',
    });
    expect(sayLike('kilogram', beef, 800, 'us', 'beef chuck').text).toBe('800 g beef chuck');
    expect(sayLike('kilogram', beef, 1234, 'us', 'beef chuck').text).toBe('1234 g beef chuck');
    expect(sayLike('gram', beef, 1000, 'us', 'beef chuck').text).toBe('1000 g beef chuck');
  });
  it('count no cubes of a stew, but thighs', () => {
    expect(describeGrams(shippedFood('beef-chuck'), 92, 'us', 'atMost')).toBe('92 g');
    const thigh = shippedFood('chicken-thigh-skinless')!;
    const { grams } = thigh.measures.find((m) => m.unit === 'piece')!;
    expect(describeGrams(thigh, 2 * grams, 'us')).toBe(`2 pieces (${2 * grams} g)`);
  });
  it('name what is counted', () => expect(describeGrams(shippedFood('egg'), 150, 'us')).toBe('3 pieces (150 g)'));
});

describe('the name of so many', () => {
  it.each([
    ['chicken thigh, skinless', 3, 'chicken thighs, skinless'],
    ['tomato', 2, 'tomatoes'],
    ['cherry', 2, 'cherries'],
    ['loaf', 2, 'loaves'],
    ['peach', 2, 'peaches'],
    ['eggs', 1, 'egg'],
    ['large eggs (beaten)', 0.5, 'large egg (beaten)'],
    ['peas', 2, 'peas'],
    ['7', 2, '7'],
  ] as const)('%s × %f: %s', (name, many, said) => expect(countedName(name, many)).toBe(said));
});
