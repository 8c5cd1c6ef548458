import type { FoodIndex } from '../food/match-food.ts';
import type { Version } from '../version/version.ts';
import { lossWords } from '../yield/loss-words.ts';
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
  return [
    ...checkSteps(version.lines, version.steps, index),
    ...(stated === null ? [] : [stated]),
    ...notEaten(version),
  ];
}

/** What is expected not to be eaten, until the cook says it. */
const notEaten = (version: Version): StepDoubt[] =>
  version.lines.flatMap((l) =>
    l.loss === null || l.loss.answered || l.leftOut
      ? []
      : [
          {
            kind: 'notEaten' as const,
            words: `"${l.text}": ${lossWords(l.loss)}, and is not counted. Say how much, where you know it.`,
            lossOf: l.id,
          },
        ],
  );
