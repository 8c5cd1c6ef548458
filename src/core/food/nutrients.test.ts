import { describe, expect, it } from 'vitest';
import { profileOf, scaleProfile } from './nutrients.ts';

describe('what nobody knows', () => {
  it('lies within what the energy allows: 9 kcal a gram of fat, 4 of carbohydrate and protein', () => {
    // General Atwater factors, from memory, and 12 % for labels that round.
    const p = profileOf({ kcal: 90 });
    expect(p.fat).toEqual({ value: null, low: 0, high: expect.closeTo(11.2, 9) });
    expect(p.carbs.high).toBeCloseTo(25.2, 9);
    expect(p.protein.high).toBeCloseTo(25.2, 9);
    // What nobody says of alcohol is none.
    expect(p.alcohol.value).toBe(0);
    expect(p.satFat.high).toBeCloseTo(11.2, 9);
    expect(profileOf({ kcal: 900 }).carbs.high).toBe(100);
  });
  it('stays unknown however much of it there is, and its ends grow along', () => {
    const p = scaleProfile(profileOf({ kcal: 90, fat: 2 }), 3);
    expect(p.fat).toEqual({ value: 6, low: 6, high: 6 });
    expect(p.protein.value).toBeNull();
    expect(p.protein.high).toBeCloseTo(75.6, 9);
    expect(scaleProfile(profileOf({ fat: 5 }, { fat: { low: 4.5, high: 5.5 } }), 2).fat).toEqual({
      value: 10,
      low: 9,
      high: 11,
    });
  });
});
