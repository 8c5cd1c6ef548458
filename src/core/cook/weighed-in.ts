import type { Food } from '../food/food.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { type Change, lineChange } from '../version/entry.ts';
import type { Step, Version } from '../version/version.ts';
import { withAmount } from '../version/with-amount.ts';

/**
 * The changes that put into a version what the scale showed of a line. Of none of it the line is left out. A line that is
 * divided says from then on how much of it goes in where: its words said it in another measure.
 *
 * @param originLineId the line, in whichever version
 * @param atSteps what goes in of it at which step, g, by the step's id
 * @param food a line's food by its id
 */
export function weighedIn(
  version: Version,
  originLineId: string,
  atSteps: Readonly<Record<string, number>>,
  food: (id: string) => Food | null,
  system: MeasureSystem,
): Change[] {
  const line = version.lines.find((l) => l.originLineId === originLineId);
  const grams = Object.values(atSteps).reduce((a, b) => a + b, 0);
  if (line === undefined) return [];
  if (!(grams > 0)) return [lineChange(version, line.id, { ...line, leftOut: true })];
  const of = line.food.kind === 'food' ? food(line.food.foodId) : null;
  const changed = withAmount(line, `${Math.round(grams * 10) / 10} g`, of, system);
  if ('wrong' in changed) return [];
  const toLine = lineChange(version, line.id, changed.line);
  if (Object.keys(atSteps).length < 2) return [toLine];
  const steps = version.steps.map((s): Step => {
    const others = (s.uses ?? []).filter((u) => u.originLineId !== originLineId);
    const here = atSteps[s.id] ?? 0;
    return here > 0 ? { ...s, uses: [...others, { originLineId, share: Math.min(1, here / grams) }] } : s;
  });
  return [toLine, { kind: 'steps', before: version.steps, after: steps }];
}
