import { type Stair, stairOf } from '../program/stair.ts';
import { countedAs } from './count-share.ts';
import type { Frozen } from './frozen.ts';

/** So many portions are looked at. */
const PORTIONS_SEEN = 2;

/**
 * Points against how much of a dish lies on a plate, up to two portions.
 *
 * @param portion the share of all of the dish that is a portion
 * @throws RangeError for somebody the dish was not frozen for
 */
export function stairOfCook(frozen: Frozen, key: string, portion: number): Stair {
  const { lines, as } = countedAs(frozen, key);
  return stairOf(lines, as, { servings: 1 / portion }, PORTIONS_SEEN);
}
