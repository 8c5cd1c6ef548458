import { describe, expect, it } from 'vitest';
import { faultsOf, leastByTrying, smallSchedules } from '../../../tests/support/small-schedules.ts';
import { prepare } from './moves.ts';
import { placeInOrder } from './place-in-order.ts';
import type { Job, ScheduleProblem } from './problem.ts';
import { solveSchedule } from './solve-schedule.ts';

const job = (minutes: number, rest: Partial<Job> = {}): Job => ({
  minutes,
  hands: false,
  after: [],
  heat: null,
  notBefore: 0,
  ...rest,
});
const kitchen = (jobs: readonly Job[], rest: Partial<ScheduleProblem> = {}): ScheduleProblem => ({
  jobs,
  pools: [],
  holds: [],
  cooks: 1,
  oven: { trays: 2, change: 10 },
  ...rest,
});

describe('the shortest schedule', () => {
  it('does with hands what hands can do while something waits', () => {
    // Cut (5), then it simmers (40); meanwhile another is cut (10) and bakes (30) in an oven that was hot by then.
    const solved = solveSchedule(
      kitchen([
        job(5, { hands: true }),
        job(40, { after: [0] }),
        job(10, { hands: true }),
        job(30, { after: [2], heat: 180 }),
      ]),
    )!;
    expect(solved).toMatchObject({ least: 45, proved: true });
    expect(solved.schedule.starts).toEqual([0, 5, 5, 15]);
  });

  it('bakes at one heat at a time, two trays at once', () => {
    const bake = (heat: number) => job(30, { heat });
    expect(solveSchedule(kitchen([bake(180), bake(180)]))!.schedule.minutes).toBe(40);
    expect(solveSchedule(kitchen([bake(180), bake(180), bake(180)]))!.schedule.minutes).toBe(70);
    // 10 to get hot, 30, 10 to another heat, 30.
    expect(solveSchedule(kitchen([bake(180), bake(220)]))!.schedule.minutes).toBe(80);
  });

  it('washes where the order does not spare it', () => {
    const board = (from: number, bears: number, soils: number) => ({ pool: 0, from, to: from, bears, soils });
    const pools = [{ count: 1, wash: 3 }];
    const cut = job(5, { hands: true });
    // What is cut first does not matter to what is cut afterwards: leeks, then meat.
    const spared = solveSchedule(kitchen([cut, cut], { pools, holds: [board(0, 2, 3), board(1, 2, 1)] }))!;
    expect(spared.schedule).toMatchObject({ minutes: 10, washes: [] });
    expect(spared.schedule.starts).toEqual([5, 0]);
    // Meat, and then what waits for it.
    const meatFirst = kitchen([cut, { ...cut, after: [0] }], { pools, holds: [board(0, 2, 3), board(1, 2, 1)] });
    expect(solveSchedule(meatFirst)!.schedule).toMatchObject({
      minutes: 13,
      washes: [{ pool: 0, start: 5, minutes: 3 }],
    });
  });

  it('keeps a bowl until what is in it goes on', () => {
    const pools = [{ count: 1, wash: 2 }];
    const stir = job(5, { hands: true });
    // A batter that rests 30 minutes in the only bowl, and a salad that is stirred in it.
    const problem = kitchen([stir, job(30, { after: [0] }), { ...stir, after: [1] }, stir], {
      pools,
      holds: [
        { pool: 0, from: 0, to: 2, bears: 1, soils: 1 },
        { pool: 0, from: 3, to: 3, bears: 1, soils: 1 },
      ],
    });
    expect(solveSchedule(problem)!.schedule.minutes).toBe(45);
  });

  it('says that nothing works out, rather than something that does not', () => {
    const pools = [{ count: 1, wash: 1 }];
    const hold = (from: number) => ({ pool: 0, from, to: 2, bears: 0, soils: 0 });
    const both = kitchen([job(1), job(1), job(1, { after: [0, 1] })], { pools, holds: [hold(0), hold(1)] });
    expect(solveSchedule(both)).toBeNull();
    expect(() => solveSchedule(kitchen([job(1, { after: [1] }), job(1, { after: [0] })]))).toThrow(RangeError);
    expect(() => solveSchedule(kitchen([job(1, { hands: true })], { cooks: 0 }))).toThrow(RangeError);
  });

  it('is what trying everything at every minute finds, over 200 small cases', () => {
    let none = 0;
    let washed = 0;
    for (const problem of smallSchedules(7, 200)) {
      const solved = solveSchedule(problem);
      const tried = leastByTrying(problem, (solved?.schedule.minutes ?? 12) + 1);
      expect(solved?.schedule.minutes ?? null, JSON.stringify(problem)).toBe(tried);
      if (solved === null) {
        none++;
        continue;
      }
      expect(solved.proved).toBe(true);
      if (solved.schedule.washes.length > 0) washed++;
      expect(faultsOf(problem, solved.schedule)).toEqual([]);
    }
    // The cases are worth it: few cannot be, and in some something is washed on the way.
    expect(none).toBeLessThan(20);
    expect(washed).toBeGreaterThan(10);
  });
});

describe('jobs that are placed one after the other', () => {
  it('use nothing that is not free, in any order', () => {
    for (const problem of smallSchedules(8, 200)) {
      const p = prepare(problem);
      const jobs = problem.jobs.map((_, i) => i);
      for (const order of [jobs, jobs.toReversed()]) {
        for (const eager of [false, true]) {
          const placed = placeInOrder(p, order, eager);
          if (placed !== null) expect(faultsOf(problem, placed)).toEqual([]);
        }
      }
    }
  });
});
