import { describe, expect, it } from 'vitest';
import { type DayCount, UNCOUNTED_DAY } from './day-count.ts';
import { sumDay } from './sum-day.ts';

const counted = (raw: number, points: number, more: Partial<DayCount> = {}): DayCount => ({
  ...UNCOUNTED_DAY,
  raw,
  rawLow: raw,
  rawHigh: raw,
  points,
  low: points,
  high: points,
  kcal: 100,
  protein: 5,
  fibre: 1,
  sodium: 200,
  ...more,
});
const NEAREST = { step: 1, rounding: 'nearest' } as const;
const thing = (ref: string, count: DayCount) => ({ ref, count });

describe('the sum of a day', () => {
  it('shows what was rounded and added, and what was added and rounded', () => {
    const three = [0.4, 0.4, 0.4].map((raw, i) => thing(`a${i}`, counted(raw, 0)));
    expect(sumDay(three, { rule: NEAREST, adds: 'rounded', upwards: false })).toMatchObject({
      points: 0,
      rounded: 0,
      together: 1,
    });
    expect(sumDay(three, { rule: NEAREST, adds: 'raw', upwards: false })).toMatchObject({ points: 1 });
  });
  it('carries a doubt along: 21, perhaps 22', () => {
    const day = [thing('soup', counted(14.2, 14)), thing('pie', counted(7.4, 7, { rawHigh: 7.6, high: 8 }))];
    expect(sumDay(day, { rule: NEAREST, adds: 'rounded', upwards: false })).toMatchObject({
      points: 21,
      low: 21,
      high: 22,
    });
    expect(sumDay(day, { rule: NEAREST, adds: 'rounded', upwards: true })).toMatchObject({ points: 22, high: 22 });
  });
  it('takes doubts of different things for independent, and those of the same thing for one', () => {
    const pie = counted(7.4, 7, { rawHigh: 7.6, high: 8 });
    const same = [0, 1, 2, 3].map(() => thing('pie', pie));
    const others = [0, 1, 2, 3].map((i) => thing(`pie${i}`, pie));
    const as = { rule: NEAREST, adds: 'rounded', upwards: false } as const;
    expect(sumDay(same, as).high).toBe(32);
    // √(1 + 1 + 1 + 1) = 2
    expect(sumDay(others, as).high).toBe(30);
  });
  it('knows no sum of what is not known: a day with one unknown energy has at least the rest', () => {
    const day = [thing('soup', counted(5, 5)), thing('said', counted(3, 3, { kcal: null }))];
    expect(sumDay(day, { rule: NEAREST, adds: 'rounded', upwards: false })).toMatchObject({
      points: 8,
      kcal: { value: 100, complete: false },
      protein: { value: 10, complete: true },
    });
  });
  it('is so far where something waits for an answer, and nothing at all where nothing is there', () => {
    const as = { rule: NEAREST, adds: 'rounded', upwards: false } as const;
    expect(sumDay([thing('a', counted(2, 2, { complete: false }))], as)).toMatchObject({ points: 2, complete: false });
    expect(sumDay([], as)).toMatchObject({ points: 0, things: 0 });
    // Somebody who does not count has energy and no points.
    expect(sumDay([thing('a', { ...counted(2, 2), points: null, raw: null })], null)).toMatchObject({ points: null });
  });
});
