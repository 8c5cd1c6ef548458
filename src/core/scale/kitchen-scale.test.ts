import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { kitchenScale, pouring, pressed, putOn, shownBy, standing, withBattery } from './kitchen-scale.ts';

const AT = Date.parse('2026-11-28T12:00:00Z');
const s = (seconds: number): number => AT + seconds * 1000;
const on = pressed(kitchenScale(), 'on', AT);

describe('a kitchen scale', () => {
  it('says nothing before it is on, and begins at nought', () => {
    expect(shownBy(kitchenScale(), AT).state).toBe('off');
    expect(shownBy(on, s(3))).toMatchObject({ state: 'on', grams: 0, steady: true, unit: 'g', battery: 'ok' });
  });
  it('settles on what is put on it, and says so only then', () => {
    const bowl = putOn(on, 412, s(5));
    const early = shownBy(bowl, s(5.2));
    expect(early.steady).toBe(false);
    expect(early.grams).toBeGreaterThan(0);
    expect(early.grams).toBeLessThan(412);
    const late = shownBy(bowl, s(7));
    expect(late.steady).toBe(true);
    expect(Math.abs(late.grams! - 412)).toBeLessThanOrEqual(1);
  });
  it('is never off by more than a gram when it is steady, whatever lies on it', () => {
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 5000 }), fc.integer({ min: 2, max: 100 }), (grams, after) => {
        const reading = shownBy(putOn(on, grams, s(1)), s(1 + after));
        return reading.steady && Math.abs(reading.grams! - grams) <= 1 && Number.isInteger(reading.grams);
      }),
    );
  });
  it('takes away what stands on it when it is tared, and shows below nought when that is taken off', () => {
    const bowl = pressed(putOn(on, 412, s(1)), 'tare', s(4));
    expect(shownBy(bowl, s(6)).grams).toBe(0);
    expect(Math.abs(shownBy(putOn(bowl, 65, s(6)), s(9)).grams! - 65)).toBeLessThanOrEqual(1);
    expect(Math.abs(shownBy(putOn(bowl, -412, s(6)), s(9)).grams! + 412)).toBeLessThanOrEqual(1);
  });
  it('rises while something is poured, and is not steady meanwhile', () => {
    const milk = pouring(on, 20, s(1));
    expect(shownBy(milk, s(6)).steady).toBe(false);
    expect(Math.abs(shownBy(milk, s(6)).grams! - 100)).toBeLessThan(8);
    const done = pouring(milk, 0, s(6));
    expect(Math.abs(shownBy(done, s(9)).grams! - 100)).toBeLessThanOrEqual(1);
    expect(standing(done, s(9))).toBeCloseTo(100, 6);
  });
  it('goes off by itself after two minutes, and then begins at nought again with what stands on it', () => {
    const bowl = putOn(on, 412, s(1));
    expect(shownBy(bowl, s(120)).state).toBe('on');
    expect(shownBy(bowl, s(122)).state).toBe('off');
    const again = pressed(bowl, 'on', s(200));
    expect(shownBy(again, s(203))).toMatchObject({ state: 'on', grams: 0 });
  });
  it('does not go off while something is poured', () => {
    expect(shownBy(pouring(on, 1, s(1)), s(150)).state).toBe('on');
  });
  it('says that it is too much for it', () => {
    expect(shownBy(putOn(on, 5200, s(1)), s(4))).toMatchObject({ state: 'overload', grams: null });
    expect(shownBy(putOn(putOn(on, 5200, s(1)), -600, s(5)), s(9)).state).toBe('on');
  });
  it('shows ounces and pounds, and says grams all the same', () => {
    const ounces = pressed(putOn(on, 100, s(1)), 'unit', s(4));
    expect(shownBy(ounces, s(6)).unit).toBe('oz');
    // A display of tenths of an ounce is good to 1.4 g.
    expect(Math.abs(shownBy(ounces, s(6)).grams! - 100)).toBeLessThan(2.5);
    expect(shownBy(pressed(pressed(ounces, 'unit', s(6)), 'unit', s(7)), s(9)).unit).toBe('g');
  });
  it('says when its battery is low, and goes off when it is empty', () => {
    expect(shownBy(withBattery(on, 0.1), s(1)).battery).toBe('low');
    expect(shownBy(withBattery(on, 0), s(1)).state).toBe('off');
  });
  it('has never less than nothing on it', () => {
    expect(standing(putOn(on, -50, s(1)), s(3))).toBe(0);
  });
});
