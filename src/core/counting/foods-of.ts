import type { Food } from '../food/food.ts';
import type { VersionCount } from './count-version.ts';

/** The foods that a count counted, each once: those of other recipes that it takes from, too. */
export const foodsOf = (count: VersionCount): Food[] => [
  ...new Set(count.lines.flatMap((l) => l.parts.map((p) => p.food))),
];
