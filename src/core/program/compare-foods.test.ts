import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { foodAt, gramsPerPoint, rawOfFood } from './compare-foods.ts';
import { plainCounter } from './program.ts';

const counters = [plainCounter(sample('LE')), plainCounter(sample('LA'))];
const butter = shippedFood('butter')!;
const egg = shippedFood('egg')!;
const spinach = shippedFood('spinach')!;

describe('foods side by side', () => {
  it('by 100 g, by a household serving, by what makes a point', () => {
    expect(foodAt(butter, '100g', counters)).toMatchObject({ grams: 100, kcal: 717 });
    // By hand: E of 100 g butter = 717 + 2·0.1 + 6.75·51.4 − 2·0.9 = 1062.35, 23.61 points; 4.24 g make one.
    expect(gramsPerPoint(butter, counters[0]!)).toBeCloseTo(100 / (1062.35 / 45), 1);
    const point = foodAt(butter, 'point', counters);
    expect(rawOfFood(butter, point.grams!, counters[0]!)).toBeCloseTo(1, 9);
  });
  it('has no amount for a point of what counts nothing', () => {
    expect(foodAt(spinach, 'point', counters)).toEqual({
      food: spinach,
      grams: null,
      profile: null,
      kcal: null,
      raw: null,
    });
    expect(foodAt(egg, '100g', counters).raw![1]).toBe(0);
  });
});
