import { type Change, lineChange } from '../version/entry.ts';
import { scaledStep } from '../version/scale-step.ts';
import { scaledLine } from '../version/scale-version.ts';
import { isPerServing } from '../version/tie-lines.ts';
import type { Line, Version } from '../version/version.ts';

/**
 * The changes that make so many times a dish of which something is in already: what is in stays as it is, and is counted
 * as it went in. None where all is in.
 *
 * @param isIn whether a line is in the pot
 */
export function scaleTheRest(version: Version, isIn: (line: Line) => boolean, factor: number): Change[] {
  if (!(factor > 0) || Math.abs(factor - 1) < 1e-9) return [];
  const rest = version.lines.filter((l) => !l.leftOut && !isIn(l) && !isPerServing(l));
  const changes = rest.flatMap((l): Change[] => {
    const scaled = scaledLine(l, factor);
    return scaled === l ? [] : [lineChange(version, l.id, scaled)];
  });
  if (changes.length === 0) return [];
  const steps = version.steps.map((s) => ({ ...s, text: scaledStep(s.text, factor) }));
  const all: Change[] = [...changes, { kind: 'steps', before: version.steps, after: steps }];
  if (version.servings === null) return all;
  return [{ kind: 'servings', before: version.servings, after: version.servings * factor }, ...all];
}
