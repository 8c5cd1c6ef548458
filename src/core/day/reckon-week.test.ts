import { describe, expect, it } from 'vitest';
import { reckonWeek } from './reckon-week.ts';

// Weeks worked by hand: what is over a day's allowance is taken from what earlier days of the week left, where the
// program carries it over, and then from the reserve. Invented numbers; the three samples' allowances and reserves.
const week = (
  first: string,
  points: readonly (number | null)[],
  allowance: number,
  saves: Record<number, number> = {},
) =>
  points.map((p, i) => ({
    day: new Date(Date.parse(`${first}T00:00:00Z`) + i * 86_400_000).toISOString().slice(0, 10),
    points: p,
    allowance,
    saves: saves[i] ?? 0,
  }));

describe('a week', () => {
  it('is reckoned over the turn of the year, where nothing carries over', () => {
    // Ledger, 38 a day and 20 a week, Monday to Sunday.
    const r = reckonWeek(week('2026-12-28', [36, 41, 38, 50, null, 30, 44], 38), { reserve: 20, carriesOver: 0 });
    expect(r.days.map((d) => d.day)).toEqual([
      '2026-12-28',
      '2026-12-29',
      '2026-12-30',
      '2026-12-31',
      '2027-01-01',
      '2027-01-02',
      '2027-01-03',
    ]);
    expect(r.days.map((d) => d.left)).toEqual([2, -3, 0, -12, null, 8, -6]);
    expect(r.days.map((d) => d.fromReserve)).toEqual([0, 3, 0, 12, 0, 0, 5]);
    expect(r.days.map((d) => d.reserveLeft)).toEqual([20, 17, 17, 5, 5, 5, 0]);
    expect(r.days.map((d) => d.beyond)).toEqual([0, 0, 0, 0, 0, 0, 1]);
    expect(r).toMatchObject({ points: 239, days: expect.anything(), reserveLeft: 0, carried: 0, daysTold: 6 });
  });

  it('carries over at most what the program says, through the night in which the clocks go forward', () => {
    // Larder, 27 a day and 30 a week, its own week from Sunday, at most 4 carried a day. 28 March 2027 has 23 hours.
    const r = reckonWeek(week('2027-03-28', [21, 27, 33, 20, 35, 25, 31], 27), { reserve: 30, carriesOver: 4 });
    expect(r.days.map((d) => d.carriesOn)).toEqual([4, 0, 0, 4, 0, 2, 0]);
    expect(r.days.map((d) => d.fromCarried)).toEqual([0, 0, 4, 0, 4, 0, 2]);
    expect(r.days.map((d) => d.fromReserve)).toEqual([0, 0, 2, 0, 4, 0, 2]);
    expect(r.days.map((d) => d.reserveLeft)).toEqual([30, 30, 28, 28, 24, 24, 22]);
    expect(r).toMatchObject({ points: 192, reserveLeft: 22, carried: 0, daysTold: 7 });
  });

  it('counts halves, leaves gaps as gaps, through the night in which the clocks go back', () => {
    // House list, 29½ a day and 25 a week, from Wednesday, at most 2½ carried. 25 October 2026 has 25 hours.
    const r = reckonWeek(week('2026-10-21', [27, 30.5, 29.5, 32, 40, null, 29], 29.5), {
      reserve: 25,
      carriesOver: 2.5,
    });
    expect(r.days.map((d) => d.carriesOn)).toEqual([2.5, 0, 0, 0, 0, 0, 0.5]);
    expect(r.days.map((d) => d.fromCarried)).toEqual([0, 1, 0, 1.5, 0, 0, 0]);
    expect(r.days.map((d) => d.fromReserve)).toEqual([0, 0, 0, 1, 10.5, 0, 0]);
    expect(r.days.map((d) => d.reserveLeft)).toEqual([25, 25, 25, 24, 13.5, 13.5, 13.5]);
    expect(r).toMatchObject({ points: 188, reserveLeft: 13.5, carried: 0.5, daysTold: 6 });
  });

  it('keeps points for an event out of what is free on the days before it', () => {
    // 12 of the 20 are saved for Saturday.
    const days = week('2026-12-28', [36, 41, 38, 50, null, null, null], 38, { 5: 12 });
    const r = reckonWeek(days, { reserve: 20, carriesOver: 0 });
    expect(r.days.map((d) => d.reserveFree)).toEqual([8, 5, 5, 0, 0, 5, 5]);
    expect(r.days.map((d) => d.missingForSaved)).toEqual([0, 0, 0, 7, 7, 0, 0]);
  });

  it('has what a day may still take: what is left of it, what was carried, and what of the reserve is free', () => {
    const days = week('2026-12-28', [33, 41, 20, null, null, null, null], 38, { 5: 12 });
    const r = reckonWeek(days, { reserve: 20, carriesOver: 4 });
    // Monday leaves 5 and carries 4; Tuesday is 3 over and takes 3 of them; on Wednesday 18 are left, 1 carried, 8 free.
    expect(r.days[2]).toMatchObject({ left: 18, carriedIn: 1, carriesOn: 4, reserveFree: 8, mayTake: 27 });
    expect(r.days[3]).toMatchObject({ left: null, carriedIn: 5, reserveFree: 8, mayTake: 51 });
  });
});
