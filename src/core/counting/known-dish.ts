import { NUTRIENTS, scaleProfile, sumProfiles } from '../food/nutrients.ts';
import type { Counter } from '../program/program.ts';
import { isUncounted } from '../program/uncounted.ts';
import type { Observation } from '../teach/observation.ts';
import type { VersionCount } from './count-version.ts';

/**
 * What a serving of a dish holds of each nutrient where its program counts: with points that are known of it, it teaches
 * the rule as a food does. What nobody knows of any part is not there.
 */
export function nutrientsOfDish(
  counted: Pick<VersionCount, 'lines' | 'servings'>,
  { program, exceptions }: Counter,
): Observation['nutrients'] {
  const parts = counted.lines
    .flatMap((l) => l.parts)
    .filter((p) => program.by === 'serving' || !isUncounted(p.food, program.list, exceptions).uncounted);
  const sum = sumProfiles(parts.map((p) => scaleProfile(p.food.per100g, p.grams / 100 / counted.servings)));
  return Object.fromEntries(
    NUTRIENTS.flatMap((n) =>
      sum[n].value === null || parts.some((p) => p.food.per100g[n].value === null) ? [] : [[n, sum[n].value]],
    ),
  );
}
