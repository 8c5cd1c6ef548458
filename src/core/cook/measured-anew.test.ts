import { describe, expect, it } from 'vitest';
import type { Outcome } from './divide.ts';
import { measuredAnew } from './measured-anew.ts';

const weighed = (grams: number): Outcome => ({ by: 'grams', amount: grams, grams, cut: null });

describe('a pot that is weighed once more', () => {
  it('leaves on plates and in boxes what they weigh: what is left in the pot is what was wrong', () => {
    const by = measuredAnew(weighed(2000), weighed(2500));
    expect(by(0.25) * 2500).toBeCloseTo(0.25 * 2000, 9);
    expect(by(0)).toBe(0);
    // Pieces that were taken stay as many.
    const pieces = measuredAnew(
      { by: 'pieces', amount: 12, grams: null, cut: null },
      { by: 'pieces', amount: 14, grams: null, cut: null },
    );
    expect(pieces(2 / 12)).toBeCloseTo(2 / 14, 9);
  });
  it('keeps shares where it is divided another way, or was not divided yet', () => {
    expect(measuredAnew(weighed(2000), { by: 'pieces', amount: 8, grams: 2000, cut: null })(0.25)).toBe(0.25);
    expect(measuredAnew(null, weighed(2000))(0.25)).toBe(0.25);
  });
});
