import { describe, expect, it } from 'vitest';
import { SAMPLE_PROGRAMS } from '../program/samples.ts';
import { daysFrom } from '../quantity/calendar-day.ts';
import { UNCOUNTED_DAY } from './day-count.ts';
import type { DayEntry } from './day-entry.ts';
import { type CountedEntry, eaterWeek } from './eater-week.ts';
import { lookBack } from './look-back.ts';

const LE = SAMPLE_PROGRAMS[0]!;
const ate = (day: string, id: string, points: number, recipeId: string | null): CountedEntry => ({
  entry: {
    id,
    eaterId: 'ada',
    day,
    meal: 'meal-supper',
    position: 0,
    what: recipeId === null ? { kind: 'known', points, kcal: null } : { kind: 'version', recipeId, versionId: 'v' },
    words: recipeId ?? id,
    portion: 1,
    spread: 0,
    state: 'eaten',
  } satisfies DayEntry,
  count: {
    ...UNCOUNTED_DAY,
    raw: points,
    rawLow: points,
    rawHigh: points,
    points,
    low: points,
    high: points,
    kcal: points * 40,
    complete: true,
  },
});
const told = (entries: CountedEntry[], today = '2026-12-01') =>
  eaterWeek({
    eaterId: 'ada',
    days: daysFrom('2026-12-28', 14),
    entries,
    said: [],
    countedBy: new Map(),
    program: () => null,
    now: { program: LE, allowance: 38 },
    upwards: false,
    today,
  });

describe('looking back', () => {
  it('is honest about gaps: a day of which nothing was told is none of nothing', () => {
    const back = lookBack(told([ate('2026-12-28', 'a', 30, 'stew'), ate('2026-12-31', 'b', 41, 'cake')]), 1);
    expect(back.days[0]).toMatchObject({ points: 30, allowance: 38, kcal: 1200 });
    expect(back.days[1]).toMatchObject({ points: null, kcal: null, allowance: 38 });
    expect(back.gaps).toBe(12);
    // 30 and 41 of 38 + 38 and the reserve of 20; the week after has nothing to say.
    expect(back.weeks).toEqual([
      { from: '2026-12-28', daysTold: 2, points: 71, allowance: 96, variety: 2, isWhole: false },
      { from: '2027-01-04', daysTold: 0, points: null, allowance: null, variety: 0, isWhole: false },
    ]);
  });
  it('tells a week that is not over, or not looked at from its beginning, from one that is', () => {
    const weeks = (today: string, days = 14) => lookBack(told([], today).slice(0, days), 1).weeks.map((w) => w.isWhole);
    // Two weeks from Monday the 28th to Sunday the 10th.
    expect(weeks('2027-01-11')).toEqual([true, true]);
    expect(weeks('2027-01-10')).toEqual([true, false]);
    expect(weeks('2027-01-11', 10)).toEqual([true, false]);
    expect(lookBack(told([], '2027-02-01').slice(2), 1).weeks.map((w) => w.isWhole)).toEqual([false, true]);
  });
  it('knows what there was most, and no streaks', () => {
    const back = lookBack(
      told([ate('2026-12-28', 'a', 3, 'stew'), ate('2026-12-29', 'b', 3, 'stew'), ate('2026-12-29', 'c', 3, 'cake')]),
      1,
    );
    expect(back.most.map((m) => [m.recipeId, m.times])).toEqual([
      ['stew', 2],
      ['cake', 1],
    ]);
    expect(JSON.stringify(back)).not.toMatch(/streak|best|record|score/i);
  });
});
