import { describe, expect, it } from 'vitest';
import { leftWords, pointsOfDay } from './points-of-day.ts';

describe('points of a day in words', () => {
  it('carry their doubt along, and an unknown is no 0', () => {
    const of = (points: number | null, low: number | null, high: number | null, complete = true) =>
      pointsOfDay({ points, low, high, complete });
    expect(of(21, 21, 22)).toEqual(['21', 'perhaps 22']);
    expect(of(21, 20, 21)).toEqual(['21', 'perhaps 20']);
    expect(of(21, 20, 23)).toEqual(['21', '20 to 23']);
    expect(of(21, 21, 21)).toEqual(['21', '']);
    expect(of(21, 21, 22, false)).toEqual(['21', 'perhaps 22, so far']);
    expect(of(null, null, null)).toEqual(['?', 'not counted yet']);
  });
  it('say what is left, and from where it comes where it is over', () => {
    const day = { left: 17, fromCarried: 0, fromReserve: 0, beyond: 0, allowance: 38 };
    expect(leftWords(day)).toBe('17 left');
    expect(leftWords({ ...day, left: null })).toBe('38 left');
    expect(leftWords({ ...day, left: 0 })).toBe('nothing left');
    expect(leftWords({ ...day, left: -6, fromCarried: 2, fromReserve: 3, beyond: 1 })).toBe(
      '6 over: 2 from what earlier days left, 3 from the reserve, 1 beyond it',
    );
  });
});
