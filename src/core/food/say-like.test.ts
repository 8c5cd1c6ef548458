import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { sayLike } from './say-like.ts';

const say = (unit: string | null, id: string, grams: number) => sayLike(unit, shippedFood(id), grams, 'us');

describe('an amount in the words of the line before', () => {
  it.each([
    ['gram', 'quark-fatfree', 150, '150 g'],
    ['kilogram', 'beef-chuck', 1000, '1000 g'],
    ['liter', 'milk-skim', 1035, '1 l (1035 g)'],
    ['milliliter', 'milk-skim', 207, '200 ml (207 g)'],
    ['milliliter', 'milk-skim', 52, '50 ml (52 g)'],
    ['cup', 'milk-skim', 245, '1 cup (245 g)'],
    [null, 'egg', 100, '2 (100 g)'],
    ['gram', 'oil-spray', 1.6, '2 seconds (1.6 g)'],
    ['liter', 'oil-spray', 30, '30 g'],
  ] as const)('%s of %s, %f g: %s', (unit, id, grams, said) => expect(say(unit, id, grams)).toBe(said));
  it('is grams for a food that nobody knows', () => expect(sayLike('cup', null, 80, 'us')).toBe('80 g'));
});
