import type { FoodIndex } from '../food/match-food.ts';
import type { Line, Step } from '../version/version.ts';
import type { StepDoubt } from './doubt.ts';
import { halfPackages } from './half-packages.ts';
import { impossible } from './impossible.ts';
import { moreUsed } from './more-used.ts';
import { neverUsed } from './never-used.ts';
import { notListed } from './not-listed.ts';
import { otherMeat } from './other-meat.ts';

/**
 * Compares the list with the steps: what is listed and never used, used and not listed, used more than it is listed,
 * another meat than in the list, times and heats that cannot be. Nothing is said of a recipe without steps.
 *
 * @param index the pantry, to know what the steps use and what a food is called besides; null to leave that out.
 */
export function checkSteps(
  lines: readonly Line[],
  steps: readonly Step[],
  index: FoodIndex | null = null,
): StepDoubt[] {
  if (steps.length === 0) return [];
  const text = steps.map((s) => s.text).join('\n');
  return [
    ...(index === null ? [] : notListed(lines, steps, index)),
    ...neverUsed(lines, steps, text, index),
    ...moreUsed(lines, steps),
    ...otherMeat(lines, text),
    ...halfPackages(lines, text),
    ...impossible(steps),
  ];
}
