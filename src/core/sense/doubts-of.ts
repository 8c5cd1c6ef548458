import type { FoodIndex } from '../food/match-food.ts';
import type { Version } from '../version/version.ts';
import { checkSteps } from './check-steps.ts';
import type { StepDoubt } from './doubt.ts';
import { statedYield } from './stated-yield.ts';

/**
 * All that cannot both be in a recipe: list, steps, and what its source says it makes.
 *
 * @param makes the words of the source, null where it says nothing
 */
export function doubtsOf(version: Version, makes: string | null, index: FoodIndex | null): StepDoubt[] {
  const stated = statedYield(makes, version);
  return [...checkSteps(version.lines, version.steps, index), ...(stated === null ? [] : [stated])];
}
