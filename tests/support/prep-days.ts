import type { Hold, Job, ScheduleProblem } from '../../src/core/schedule/problem.ts';
import { seeded } from './hard-choices.ts';

/**
 * Prep days from a seed, the same in every run: two to four dishes, 12 to 25 tasks in all, as dishes are: something is
 * cut, something is stirred in a bowl and waits there, something simmers or bakes, it cools, it is blended, it is packed.
 */
export function prepDays(
  seed: number,
  count: number,
): { readonly problem: ScheduleProblem; readonly dishes: readonly (readonly number[])[] }[] {
  const random = seeded(seed);
  const between = (low: number, high: number): number => low + Math.floor(random() * (high - low + 1));
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const [BURNERS, BOWLS, BOARDS, BLENDERS] = [0, 1, 2, 3];
  return Array.from({ length: count }, () => {
    const wanted = between(12, 25);
    const jobs: Job[] = [];
    const holds: Hold[] = [];
    const dishes: number[][] = [];
    const many = between(2, 4);
    for (let d = 0; d < many; d++) {
      const dish: number[] = [];
      const raw = random() < 0.4;
      const add = (minutes: number, hands: boolean, rest: Partial<Job> = {}): number => {
        const after = rest.after ?? (dish.length > 0 ? [dish.at(-1)!] : []);
        jobs.push({ minutes, hands, heat: null, notBefore: 0, ...rest, after });
        dish.push(jobs.length - 1);
        return jobs.length - 1;
      };
      const hold = (pool: number, from: number, to: number, bears: number, soils: number) =>
        holds.push({ pool, from, to, bears, soils });
      const most = Math.max(4, Math.floor((wanted - jobs.length) / (many - d)));
      const cut = add(between(3, 15), true);
      hold(BOARDS, cut, cut, 2, raw ? 3 : pick([1, 2]));
      // Something apart that is cut or stirred, and goes in later.
      const apart = random() < 0.6 ? add(between(3, 10), true, { after: [] }) : null;
      const tips = apart === null ? [cut] : [cut, apart];
      if (apart !== null && random() < 0.7) {
        const joined = add(between(2, 6), true, { after: tips });
        hold(BOWLS, apart, joined, 2, raw ? 3 : 1);
      } else if (apart !== null) add(between(2, 6), true, { after: tips });
      while (dish.length < most - 1) {
        const kind = random();
        const two = dish.length < most - 2;
        if (kind < 0.3 && two) {
          const fry = add(between(5, 15), true);
          const simmer = add(between(10, 90), false);
          hold(BURNERS, fry, simmer, 0, 0);
        } else if (kind < 0.6) add(between(20, 60), false, { heat: pick([180, 180, 200, 220]) });
        else if (kind < 0.75) add(between(10, 40), false);
        else if (kind < 0.85 && two) {
          add(15, false);
          const blend = add(between(3, 6), true);
          hold(BLENDERS, blend, blend, 1, pick([1, 2]));
        } else add(between(2, 10), true);
      }
      add(between(3, 8), true);
      dishes.push(dish);
    }
    return {
      problem: {
        jobs,
        holds,
        pools: [
          { count: pick([2, 4]), wash: 1 },
          { count: 2, wash: 2 },
          { count: pick([1, 2]), wash: 2 },
          { count: 1, wash: 3 },
        ],
        cooks: pick([1, 1, 1, 2]),
        oven: { trays: 2, change: 12 },
      },
      dishes,
    };
  });
}
