import { describe, expect, it } from 'vitest';
import {
  departureAlong,
  departureIn,
  departureSaid,
  isAnotherDish,
  SCALE_WORDS,
  wholeDeparture,
} from './departure-words.ts';

describe('a departure in words', () => {
  it.each([
    [0, 'as it was'],
    [0.1, 'nobody notices'],
    [5, 'nobody notices'],
    [5.1, 'a little'],
    [15, 'a little'],
    [15.1, 'clearly'],
    [49.9, 'clearly'],
    [50, 'another dish'],
    [100, 'another dish'],
  ])('%s is %s', (departure, words) => expect(departureIn(departure)).toBe(words));
  it.each([
    [0, 0],
    [2.5, 0.5],
    [5, 1],
    [10, 1.5],
    [15, 2],
    [50, 3],
    [75, 3.5],
    [100, 4],
    [177, 4],
  ])('%s stands at %s of the four words', (departure, along) =>
    expect(departureAlong(departure)).toBeCloseTo(along, 2),
  );
  it('stands in the word that it is said in', () => {
    for (let tenths = 1; tenths < 1000; tenths++) {
      const word = SCALE_WORDS[Math.ceil(departureAlong(tenths / 10) - 1e-9) - 1];
      expect(word, `${tenths / 10}`).toBe(departureIn(tenths / 10));
    }
  });
  it('is said with its number, in tenths', () => {
    expect(departureSaid(12.5)).toBe('12.5, a little');
    expect(departureSaid(8)).toBe('8, a little');
  });
  it('is never above 100 for a whole dish', () => {
    expect(wholeDeparture(177.1)).toBe(100);
    expect(wholeDeparture(0.1 + 0.2)).toBe(0.3);
  });
  it('knows another dish by one of its changes, not by many small ones', () => {
    expect(isAnotherDish([{ departure: 30 }, { departure: 30 }])).toBe(false);
    expect(isAnotherDish([{ departure: 50 }])).toBe(true);
  });
});
