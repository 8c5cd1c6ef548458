import { countShare } from './count-share.ts';
import type { Frozen } from './frozen.ts';
import { stairOfCook } from './stair-of-cook.ts';

/** How somebody's points stand while a plate or a box is filled. */
export interface Filled {
  readonly key: string;
  readonly mark: string;
  readonly points: number;
  /** Grams that may still go in at these points; null where all that is left changes nothing. */
  readonly left: number | null;
  /** The gram at which one more counts; null where there is none. */
  readonly oneMoreAt: number | null;
}

/**
 * Everybody's points while a box is filled, and how much is left to the next.
 *
 * @param grams what is in it
 * @param ofGrams what all of the dish weighs, g
 */
export function whileFilling(frozen: Frozen, grams: number, ofGrams: number): Filled[] {
  return frozen.counters.map(({ key, mark }): Filled => {
    const at = (g: number): number => countShare(frozen, key, g / ofGrams).points;
    const points = at(grams);
    // Up to all of it: the stair looks at two portions, and a half of the dish is one.
    const { edges } = stairOfCook(frozen, key, 0.5);
    const guess = edges.find((e) => e.portion * 0.5 * ofGrams > grams && e.points > points);
    if (guess === undefined) return { key, mark, points, left: null, oneMoreAt: null };
    // The stair says where the step is; which gram of the scale is the last below it is counted.
    let last = Math.floor(guess.portion * 0.5 * ofGrams);
    while (last > grams && at(last) > points) last--;
    while (last + 1 <= ofGrams && at(last + 1) <= points) last++;
    const left = Math.max(0, last - grams);
    return last + 1 > ofGrams
      ? { key, mark, points, left: null, oneMoreAt: null }
      : { key, mark, points, left, oneMoreAt: grams + left + 1 };
  });
}
