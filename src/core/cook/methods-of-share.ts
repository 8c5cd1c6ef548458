import { COUNTING_METHODS, type CountingMethod } from '../program/rule.ts';
import { countShare } from './count-share.ts';
import type { Frozen } from './frozen.ts';

/** What a share counts by one method. */
export interface MethodOfShare {
  readonly by: CountingMethod;
  readonly points: number;
  /** Whether it is the one that is counted by. */
  readonly own: boolean;
}

/**
 * What a share of a dish counts by each method.
 *
 * @throws RangeError for somebody it was not frozen for
 */
export const methodsOfShare = (frozen: Frozen, key: string, share: number): MethodOfShare[] =>
  COUNTING_METHODS.map((by) => ({
    by,
    points: countShare(
      { ...frozen, counters: frozen.counters.map((c) => (c.key === key ? { ...c, by } : c)) },
      key,
      share,
    ).points,
    own: frozen.counters.some((c) => c.key === key && c.by === by),
  }));
