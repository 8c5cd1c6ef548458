import type { Food } from '../food/food.ts';
import type { Kitchen } from '../version/kitchen.ts';
import type { Version } from '../version/version.ts';
import type { VersionCount } from './count-version.ts';
import { resolveLines } from './resolve-lines.ts';

/**
 * The foods that are in what was counted, each once: those of other recipes that it takes from, and those of which nobody
 * knows how much there is, "walnuts, to decorate", "soy sauce to taste".
 */
export const foodsOf = (count: Pick<VersionCount, 'lines'>): Food[] => [
  ...new Set(count.lines.flatMap((l) => [...l.parts.map((p) => p.food), ...(l.besides ?? [])])),
];

/** The foods that are in a version, as `foodsOf`, without counting it. */
export const foodsInVersion = (version: Version, kitchen: Kitchen): Food[] =>
  foodsOf({ lines: resolveLines(version, kitchen) });
