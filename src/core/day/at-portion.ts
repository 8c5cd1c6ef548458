import type { Program } from '../program/program.ts';
import { hasCaps, roundPoints } from '../program/rule.ts';
import type { DayCount } from './day-count.ts';

/**
 * A count of another portion of the same, by the revisions that it was counted by: raw points and nutrition go with the
 * amount. Where a program rounds item by item, or caps what a portion may count, they do not quite, and the count is in
 * doubt by a step.
 *
 * @param from the portion that was counted, above 0
 * @param program in the revision that counted it; null for somebody who does not count
 */
export function atPortion(
  count: DayCount,
  from: number,
  to: number,
  program: Pick<Program, 'rule' | 'by'> | null,
): DayCount {
  const factor = to / from;
  const times = (n: number | null): number | null => (n === null ? null : n * factor);
  const nutrition = {
    kcal: times(count.kcal),
    protein: times(count.protein),
    fibre: times(count.fibre),
    sodium: times(count.sodium),
  };
  if (count.raw === null || program === null) return { ...count, ...nutrition };
  const { rule } = program;
  const [raw, rawLow, rawHigh] = [count.raw * factor, count.rawLow! * factor, count.rawHigh! * factor];
  const points = roundPoints(raw, rule);
  const off = program.by === 'items' || hasCaps(rule) ? rule.step : 0;
  return {
    ...count,
    ...nutrition,
    raw,
    rawLow,
    rawHigh,
    points,
    low: Math.max(0, Math.min(points, roundPoints(rawLow, rule)) - off),
    high: Math.max(points, roundPoints(rawHigh, rule)) + off,
  };
}
