import type { Food } from '../food/food.ts';
import type { Kitchen } from '../version/kitchen.ts';
import type { Version } from '../version/version.ts';
import type { VersionCount } from './count-version.ts';
import { resolveLines } from './resolve-lines.ts';

/** The foods that a count counted, each once: those of other recipes that it takes from, too. */
export const foodsOf = (count: Pick<VersionCount, 'lines'>): Food[] => [
  ...new Set(count.lines.flatMap((l) => l.parts.map((p) => p.food))),
];

/** The foods that are in a version, as `foodsOf`, without counting it. */
export const foodsInVersion = (version: Version, kitchen: Kitchen): Food[] =>
  foodsOf({ lines: resolveLines(version, kitchen) });
