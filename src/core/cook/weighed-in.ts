import type { Food } from '../food/food.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { type Change, lineChange } from '../version/entry.ts';
import type { Version } from '../version/version.ts';
import { withAmount } from '../version/with-amount.ts';

/**
 * The changes that put into a version what the scale showed of a line. Of none of it the line is left out.
 *
 * @param originLineId the line, in whichever version
 * @param grams all that went in of it
 * @param food a line's food by its id
 */
export function weighedIn(
  version: Version,
  originLineId: string,
  grams: number,
  food: (id: string) => Food | null,
  system: MeasureSystem,
): Change[] {
  const line = version.lines.find((l) => l.originLineId === originLineId);
  if (line === undefined) return [];
  if (!(grams > 0)) return [lineChange(version, line.id, { ...line, leftOut: true })];
  const of = line.food.kind === 'food' ? food(line.food.foodId) : null;
  const changed = withAmount(line, `${Math.round(grams * 10) / 10} g`, of, system);
  return 'wrong' in changed ? [] : [lineChange(version, line.id, changed.line)];
}
