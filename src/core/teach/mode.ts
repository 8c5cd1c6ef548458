import { EPSILON, type Rounding, type Rule } from '../program/rule.ts';
import type { Interval } from '../quantity/interval.ts';

/** How a rule comes to its points: what a table of known points may leave open. */
export type Mode = Pick<Rule, 'rounding' | 'step'>;

const ROUNDINGS: readonly Rounding[] = ['nearest', 'up', 'down'];

/** Every way of coming to points. */
export const MODES: readonly Mode[] = ([1, 0.5] as const).flatMap((step) =>
  ROUNDINGS.map((rounding) => ({ rounding, step })),
);

/**
 * The raw points that are rounded to these, as a closed interval. The end that is open to the engine is pulled in by
 * more than its tolerance, the closed one let out by less: what the engine says of either end are these very points.
 *
 * @returns null where no raw count comes to these points, as half a point in whole steps; from minus infinity for 0
 */
export function rawIntervalOf(points: number, { rounding, step }: Mode): Interval | null {
  const steps = Math.round(points / step);
  if (points < 0 || Math.abs(points - steps * step) > EPSILON) return null;
  // In steps: where the first raw count lies that is rounded so, and where the first lies that is not any more.
  const [from, to] =
    rounding === 'nearest'
      ? [steps - 0.5 - EPSILON / 2, steps + 0.5 - 3 * EPSILON]
      : rounding === 'up'
        ? [steps - 1 + 3 * EPSILON, steps + EPSILON / 2]
        : [steps - EPSILON / 2, steps + 1 - 3 * EPSILON];
  return { low: steps === 0 ? Number.NEGATIVE_INFINITY : from * step, high: to * step };
}
