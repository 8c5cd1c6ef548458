import { describe, expect, it } from 'vitest';
import { commonUnit, spreadOf, undominated } from './undominated.ts';

const choice = (departure: number, ...amounts: number[]) => ({ departure, amounts });
const kept = (...choices: ReturnType<typeof choice>[]) => undominated(choices, 1).map((c) => c.index);

describe('choices that no other one beats', () => {
  it('go where another departs no farther and adds no more', () => {
    expect(kept(choice(0, 5, 5), choice(3, 5, 5), choice(3, 4, 6))).toEqual([0, 2]);
    expect(kept(choice(5, 1), choice(3, 1), choice(3, 2))).toEqual([1]);
  });
  it('of equals keep the first, and that one', () => {
    expect(kept(choice(2, 1, 1), choice(2, 1, 1), choice(2, 1, 1))).toEqual([0]);
    expect(kept(choice(2, 1, 1), choice(0, 9, 9), choice(2, 1, 1))).toEqual([0, 1]);
  });
  it('are told in common units, with the place they had', () => {
    expect(undominated([choice(30, 1), choice(10, 2)], 10)).toEqual([
      { departure: 3, amounts: [1], index: 0 },
      { departure: 1, amounts: [2], index: 1 },
    ]);
    expect(commonUnit({ lines: [[choice(0), choice(30)], [choice(45)]], limits: [] })).toBe(15);
    expect(commonUnit({ lines: [[choice(0)]], limits: [] })).toBe(1);
  });
  it('differ by so much of a limit, the most of all', () => {
    const limit = (most: number, base = 0) => ({ base, most, holds: () => true });
    expect(spreadOf([choice(0, 2, 1), choice(1, 8, 1)], [limit(10), limit(10)])).toBeCloseTo(0.6, 9);
    expect(spreadOf([choice(0, 2), choice(1, 8)], [limit(13, 10)])).toBeCloseTo(2, 9);
  });
});
