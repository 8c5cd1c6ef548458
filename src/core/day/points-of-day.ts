import { formatPoints } from '../program/format-points.ts';

/** Points with what they may be besides, in words; "?" where nobody can say. @example pointsOfDay({ points: 21, low: 21, high: 22 }) // ['21', 'perhaps 22'] */
export function pointsOfDay(of: {
  readonly points: number | null;
  readonly low: number | null;
  readonly high: number | null;
  readonly complete: boolean;
}): readonly [string, string] {
  const { points, low, high } = of;
  if (points === null) return ['?', 'not counted yet'];
  const span =
    low === null || high === null || low === high
      ? ''
      : low === points
        ? `perhaps ${formatPoints(high)}`
        : high === points
          ? `perhaps ${formatPoints(low)}`
          : `${formatPoints(low)} to ${formatPoints(high)}`;
  return [formatPoints(points), [span, of.complete ? '' : 'so far'].filter(Boolean).join(', ')];
}

/**
 * What is left of a day in words.
 *
 * @example leftWords({ left: -3, fromCarried: 0, fromReserve: 3, beyond: 0 }) // '3 over: 3 from the reserve'
 */
export function leftWords(day: {
  readonly left: number | null;
  readonly fromCarried: number;
  readonly fromReserve: number;
  readonly beyond: number;
  readonly allowance: number;
}): string {
  const { left, fromCarried, fromReserve, beyond } = day;
  if (left === null) return `${formatPoints(day.allowance)} left`;
  if (left > 0) return `${formatPoints(left)} left`;
  if (left === 0) return 'nothing left';
  const parts = [
    fromCarried > 0 ? `${formatPoints(fromCarried)} from what earlier days left` : '',
    fromReserve > 0 ? `${formatPoints(fromReserve)} from the reserve` : '',
    beyond > 0 ? `${formatPoints(beyond)} beyond it` : '',
  ].filter(Boolean);
  return `${formatPoints(-left)} over: ${parts.join(', ')}`;
}
