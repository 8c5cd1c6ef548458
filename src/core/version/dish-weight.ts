import { DEEPEST, wholeShare } from './inner-recipes.ts';
import type { Kitchen } from './kitchen.ts';
import { lossGrams } from './line-loss.ts';
import type { Line, Version } from './version.ts';

/**
 * What is eaten of what goes into the pot, g: the sum of all weighed lines, raw, without what is left behind. What cooks
 * away is not taken out.
 *
 * @param kitchen where the recipes are that it takes from: whole ones weigh what they weigh now.
 */
export function dishWeight(version: Version, kitchen: Kitchen | null = null): number {
  return weightOf(version, kitchen, 0, new Map());
}

/** What of a line is eaten, g. */
export const eatenOf = (line: Line): number => Math.max(0, (line.weight?.grams ?? 0) - lossGrams(line.loss));

function weightOf(version: Version, kitchen: Kitchen | null, depth: number, known: Map<string, number>): number {
  const key = `${version.id} ${depth}`;
  const have = known.get(key);
  if (have !== undefined) return have;
  const sum = version.lines.reduce((s, l) => s + (l.leftOut ? 0 : lineWeight(l, kitchen, depth, known)), 0);
  known.set(key, sum);
  return sum;
}

function lineWeight(line: Line, kitchen: Kitchen | null, depth: number, known: Map<string, number>): number {
  const grams = eatenOf(line);
  if (line.food.kind !== 'recipe' || kitchen === null || depth >= DEEPEST) return grams;
  const inner = kitchen.version(line.food.versionId);
  const share = inner === null ? null : wholeShare(line, inner);
  return inner === null || share === null ? grams : share * weightOf(inner, kitchen, depth + 1, known);
}
