import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { servingGrams, servingOr100 } from './serving-grams.ts';
import { SHIPPED_FOODS } from './shipped/index.ts';

describe('what a serving of a food weighs', () => {
  it('is its household measure', () => {
    expect(servingGrams(shippedFood('butter')!)).toBeCloseTo(14.2, 1);
    expect(servingGrams(shippedFood('egg')!)).toBe(50);
  });
  it('is never a whole bird, a pumpkin or a joint, which are pieces for a table', () => {
    const turkey = SHIPPED_FOODS.find((f) => f.name === 'turkey, whole, meat and skin')!;
    expect(turkey.measures.some((m) => m.grams > 2000)).toBe(true);
    expect(servingOr100(turkey)).toBeLessThanOrEqual(300);
    for (const food of SHIPPED_FOODS) expect(servingOr100(food), food.name).toBeLessThanOrEqual(300);
  });
});
