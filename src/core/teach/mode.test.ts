import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { roundPoints } from '../program/rule.ts';
import { MODES, rawIntervalOf } from './mode.ts';

describe('the raw counts that come to known points', () => {
  it('are those that the engine rounds so, up to its tolerance', () => {
    fc.assert(
      fc.property(fc.constantFrom(...MODES), fc.double({ min: -5, max: 60, noNaN: true }), (mode, raw) => {
        const { low, high } = rawIntervalOf(roundPoints(raw, mode), mode)!;
        expect(raw).toBeGreaterThanOrEqual(low - 5e-9);
        expect(raw).toBeLessThanOrEqual(high + 5e-9);
      }),
    );
  });
  it('have ends of which the engine says the same points', () => {
    for (const mode of MODES) {
      for (let points = 0; points <= 40; points += mode.step) {
        const { low, high } = rawIntervalOf(points, mode)!;
        expect(roundPoints(high, mode), `${mode.rounding} ${mode.step} high`).toBe(points);
        expect(roundPoints(Math.max(low, -1), mode), `${mode.rounding} ${mode.step} low`).toBe(points);
      }
    }
  });
  it('are none for half a point in whole steps, and for less than nothing', () => {
    expect(rawIntervalOf(2.5, { rounding: 'nearest', step: 1 })).toBeNull();
    expect(rawIntervalOf(-1, { rounding: 'nearest', step: 1 })).toBeNull();
    expect(rawIntervalOf(2.5, { rounding: 'nearest', step: 0.5 })).not.toBeNull();
  });
});
