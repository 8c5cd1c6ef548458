import type { SaidUse, Step, Version } from '../version/version.ts';

/**
 * The steps with a line put into these of them, in equal shares; into none, it goes in at no step.
 *
 * @param stepIds steps of the version
 * @example correctedUses(stew, 'salt', ['s1', 's2']) // half of the salt in each
 */
export function correctedUses(
  version: Pick<Version, 'steps'>,
  originLineId: string,
  stepIds: readonly string[],
): Step[] {
  const share = stepIds.length === 0 ? 0 : 1 / stepIds.length;
  return version.steps.map((s, i): Step => {
    const { uses = [], ...step } = s;
    const others = uses.filter((u) => u.originLineId !== originLineId);
    // That it goes in nowhere has to stand somewhere, or the words would decide again.
    const here = stepIds.includes(s.id) || (stepIds.length === 0 && i === 0);
    const all: SaidUse[] = here ? [...others, { originLineId, share }] : others;
    return all.length === 0 ? step : { ...step, uses: all };
  });
}
