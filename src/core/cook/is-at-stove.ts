import type { Cook } from './cook.ts';

/** Whether a dish was begun and not dished up. */
export const isBegun = (cook: Pick<Cook, 'begun' | 'out'>): boolean => cook.begun !== null && cook.out === null;

/** Whether something goes on at the stove: a dish that rests is dished up, and its timer runs all the same. */
export const isAtStove = (cook: Pick<Cook, 'begun' | 'out' | 'timers'>): boolean =>
  isBegun(cook) || Object.keys(cook.timers).length > 0;

/** So long one stands at the stove: what is longer was left and come back to, min. */
const LONGEST_MIN = 12 * 60;

/**
 * How long a dish took, from its first step on, min; null where nobody was led, or where it took longer than one cooks.
 *
 * @param now when it is dished up, ms
 */
export function minutesAtStove(cook: Pick<Cook, 'begun'>, now: number): number | null {
  if (cook.begun === null) return null;
  const minutes = Math.round((now - Date.parse(cook.begun)) / 60_000);
  return minutes >= 1 && minutes <= LONGEST_MIN ? minutes : null;
}
