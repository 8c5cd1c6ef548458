import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { profileOf } from '../food/nutrients.ts';
import { edgeOf, type Rounding, rawOf, rawRange, roundPoints, termsOf } from './rule.ts';

const nearest = { step: 1, rounding: 'nearest' } as const;

describe('rounding raw points', () => {
  // Edge cases that every engine of this kind must decide the same way: arithmetic, no source needed.
  it('takes 30 × 0.1, rounded up, for 3 and not 4', () => {
    let raw = 0;
    for (let i = 0; i < 30; i++) raw += 0.1;
    expect(raw).not.toBe(3);
    expect(roundPoints(raw, { step: 1, rounding: 'up' })).toBe(3);
  });
  it('takes a sum a hair below 2.5 in binary for 3', () => {
    const raw = 0.73 + 0.59 + 0.22 + 0.91 + 0.05;
    expect(raw).toBeLessThan(2.5);
    expect(roundPoints(raw, nearest)).toBe(3);
  });
  it('takes 5.5000004 for 6, whatever a solver tolerates', () => {
    expect(roundPoints(5.5000004, nearest)).toBe(6);
    expect(roundPoints(5.4999996, nearest)).toBe(5);
  });
  it('is never negative, and never minus zero', () => {
    expect(Object.is(roundPoints(-3, nearest), 0)).toBe(true);
    expect(Object.is(roundPoints(-0.2, { step: 0.5, rounding: 'up' }), 0)).toBe(true);
  });
  it.each([
    [1.24, 0.5, 'nearest', 1],
    [1.25, 0.5, 'nearest', 1.5],
    [1.01, 0.5, 'up', 1.5],
    [1.99, 0.5, 'down', 1.5],
    [2, 1, 'up', 2],
    [2.0001, 1, 'up', 3],
    [2.9999, 1, 'down', 2],
  ] as const)('%d in steps of %d, %s, is %d', (raw, step, rounding, points) => {
    expect(roundPoints(raw, { step, rounding })).toBe(points);
  });
  it('begins a step at its edge and not below, for any rounding', () => {
    fc.assert(
      fc.property(
        fc.integer({ min: 1, max: 60 }),
        fc.constantFrom<Rounding>('nearest', 'up', 'down'),
        fc.constantFrom<1 | 0.5>(1, 0.5),
        (k, rounding, step) => {
          const rule = { step, rounding };
          const points = k * step;
          const edge = edgeOf(points, rule);
          expect(roundPoints(edge - 1e-6, rule)).toBe(points - step);
          expect(roundPoints(edge + 1e-6, rule)).toBe(points);
        },
      ),
    );
  });
});

describe('raw points', () => {
  const rule = sample('LE').rule;
  it('add up their terms', () => {
    fc.assert(
      fc.property(
        fc.tuple(fc.nat(900), fc.nat(40), fc.nat(30), fc.nat(30), fc.nat(20)),
        ([kcal, sugars, sat, p, f]) => {
          const profile = profileOf({ kcal, sugars, satFat: sat, protein: p, fibre: f, carbs: 90, fat: 90 });
          const sum = termsOf(rule, profile).reduce((s, t) => s + t.points, 0);
          expect(rawOf(rule, profile)).toBeCloseTo(sum, 9);
        },
      ),
    );
  });
  it('leave out what is unknown, and carry it in the interval', () => {
    const profile = profileOf({ kcal: 90, carbs: 20, fat: 0, satFat: 0, protein: 2, sugars: 5, fibre: null });
    expect(rawOf(rule, profile)).toBeCloseTo((90 + 10 - 4) / 45, 9);
    // Unknown fibre lies within the carbohydrate: it can only lower the count.
    const range = rawRange(rule, profile);
    expect(range.high).toBeCloseTo((90 + 10 - 4) / 45, 9);
    expect(range.low).toBeCloseTo((90 + 10 - 4 - 40) / 45, 9);
  });
  it('stop at a cap', () => {
    const capped = { ...rule, caps: { fibre: 4 } };
    const profile = profileOf({ kcal: 100, fibre: 10, sugars: 0, satFat: 0, protein: 0, carbs: 20, fat: 0 });
    expect(rawOf(capped, profile)).toBeCloseTo((100 - 8) / 45, 9);
    expect(termsOf(capped, profile).find((t) => t.nutrient === 'fibre')).toMatchObject({ amount: 4, capped: true });
  });
});
