import { describe, expect, it } from 'vitest';
import { UNCOUNTED_DAY } from './day-count.ts';
import { fitWords, portionThatFits, portionWorth } from './what-fits.ts';

const at =
  (points: number, kcal = points * 45, protein = 10) =>
  (portion: number) => ({
    points: Math.round(points * portion),
    kcal: kcal * portion,
    protein: protein * portion,
    high: Math.round(points * portion),
    complete: true,
  });
const room = (points: number | null, over: object = {}) => ({ points, kcal: null, protein: null, ...over });

describe('what fits', () => {
  it('is a portion where that fits, else the largest part of it that people eat', () => {
    expect(portionThatFits(at(8), room(8))).toMatchObject({ portion: 1, is: 'whole', points: 8 });
    expect(portionThatFits(at(8), room(7))).toMatchObject({ portion: 0.75, points: 6 });
    expect(portionThatFits(at(8), room(5))).toMatchObject({ portion: 0.5, is: 'half', points: 4 });
    expect(fitWords(portionThatFits(at(8), room(5))!)).toBe('half of it fits');
    expect(portionThatFits(at(40), room(5))).toBeNull();
    expect(portionThatFits(at(8), room(5), false)).toBeNull();
  });
  it('has the least protein that is asked for, if need be by two portions', () => {
    expect(portionThatFits(at(4), room(8, { protein: 20 }))).toMatchObject({ portion: 2, is: 'double', points: 8 });
    expect(portionThatFits(at(4), room(7, { protein: 20 }))).toBeNull();
  });
  it('is nothing of which the number is not known', () => {
    const unknown = () => ({ points: null, kcal: null, protein: null, high: null, complete: true });
    expect(portionThatFits(unknown, room(9))).toBeNull();
    expect(portionThatFits(unknown, room(null))).toMatchObject({ portion: 1 });
  });
  it('is nothing of which a part is not read: what it comes to is more than that', () => {
    const soFar = (portion: number) => ({ ...at(3)(portion), complete: false });
    expect(portionThatFits(soFar, room(9))).toBeNull();
    expect(portionThatFits(soFar, room(null))).toBeNull();
  });
  it('is counted upwards where the household counts doubts so', () => {
    const doubtful = { ...UNCOUNTED_DAY, points: 8, low: 8, high: 9, kcal: 300, protein: 10, complete: true };
    const of = (upwards: boolean) => portionThatFits(() => portionWorth(doubtful, upwards), room(8), false);
    expect(of(false)).toMatchObject({ points: 8, high: 9 });
    expect(of(true)).toBeNull();
  });
});
