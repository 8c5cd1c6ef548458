import type { StepAtStove } from './steps-at-stove.ts';

/**
 * What of a line goes in at which step, g, by the step's id, when the scale showed so much at one of them.
 *
 * @param originLineId the line, in whichever version
 * @param at the step at which it was weighed, from 0
 * @param grams what the scale showed there
 */
export function gramsAtSteps(
  steps: readonly Pick<StepAtStove, 'step' | 'uses'>[],
  originLineId: string,
  at: number,
  grams: number,
): Record<string, number> {
  const atSteps: Record<string, number> = {};
  for (const [i, { step, uses }] of steps.entries()) {
    const there = uses.find((u) => u.originLineId === originLineId)?.grams ?? null;
    // A step that is told in two is one.
    const id = step.id.replace(/-after$/, '');
    if (there !== null) atSteps[id] = (atSteps[id] ?? 0) + (i === at ? grams : there);
  }
  return atSteps;
}
