import { trimmed } from '../quantity/format-amount.ts';
import type { Count } from './count.ts';

/** Points as people say them: whole, or with ½ where a program counts in halves. */
export function formatPoints(points: number): string {
  const whole = Math.floor(points);
  return points === whole ? String(whole) : `${whole === 0 ? '' : whole}½`;
}

/** A line's share of raw points: one decimal, a plain 0 for nothing. */
export function formatShare(raw: number): string {
  return Math.abs(raw) < 0.05 ? '0' : trimmed(raw, 1).replace('-', '−');
}

/** How sure a count is, in words beside the number; null when it is exact. */
export function certaintyWords(c: Pick<Count, 'points' | 'pointsRange' | 'certainty' | 'complete'>): string | null {
  const soFar = c.complete ? null : 'so far';
  const { low, high } = c.pointsRange;
  const range =
    c.certainty === 'exact'
      ? null
      : c.certainty === 'atMost'
        ? `maybe ${formatPoints(low)}`
        : c.certainty === 'atLeast'
          ? `maybe ${formatPoints(high)}`
          : `${formatPoints(low)} to ${formatPoints(high)}`;
  return [range, soFar].filter((x) => x !== null).join(', ') || null;
}

/** Points as a field shows them that the cook types a target into. */
export const formatTarget = (points: number): string => trimmed(points, 1);

/**
 * What a change gains in points: fewer is a gain. Where the points stay, what of a point goes or comes, as a decimal.
 *
 * @example gainWords({ points: 8, raw: 8.2 }, { points: 6, raw: 6.1 }) // '−2'
 */
export function gainWords(
  before: { readonly points: number; readonly raw: number },
  after: { readonly points: number; readonly raw: number },
): string {
  const points = after.points - before.points;
  if (points !== 0) return `${points < 0 ? '−' : '+'}${formatPoints(Math.abs(points))}`;
  const raw = after.raw - before.raw;
  if (Math.abs(raw) < 0.05) return 'same';
  return `${raw < 0 ? '−' : '+'}${trimmed(Math.abs(raw), 1)}`;
}
