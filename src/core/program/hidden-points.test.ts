import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { hiddenPoints, hiddenWords } from './hidden-points.ts';
import { SAMPLE_PROGRAMS } from './samples.ts';

const [ledger, larder] = SAMPLE_PROGRAMS;

describe('what an own exception hides', () => {
  it('is what the rule would count of a serving, and of one every day', () => {
    const egg = shippedFood('egg')!;
    const hidden = hiddenPoints(egg, ledger!)!;
    // 50 g: 143 kcal, 3.1 g saturated fat, 0.4 g sugars, 12.6 g protein in 100 g, worked by hand.
    const p = egg.per100g;
    const raw =
      (0.5 *
        (p.kcal.value! + 6.75 * p.satFat.value! + 2 * p.sugars.value! - 2 * p.protein.value! - 2 * p.fibre.value!)) /
      45;
    expect(hidden.serving).toBeCloseTo(raw, 9);
    expect(hidden.week).toBeCloseTo(raw * 7, 9);
    expect(hiddenWords(egg, ledger!)).toMatch(/^hides 1\.\d points in \d+ g; \d+\.\d a week, of one a day$/);
  });
  it('is nothing where the list leaves the food out anyway, or the rule counts nothing of it', () => {
    expect(hiddenPoints(shippedFood('potato')!, larder!)).toBeNull();
    expect(hiddenPoints(shippedFood('lettuce')!, ledger!)).toBeNull();
    expect(hiddenWords(shippedFood('potato')!, larder!)).toBeNull();
  });
});
