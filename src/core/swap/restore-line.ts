import { type Change, lineChange } from '../version/entry.ts';
import type { LinePair } from '../version/pair-lines.ts';
import type { Version } from '../version/version.ts';
import type { Swap } from './swap.ts';
import { swapOfLine } from './swap-of-line.ts';

/**
 * The changes that put a line back as it was: what came in for it goes, and with it the step that its swap brought
 * along, unless another line still needs that.
 */
export function restoreLine(version: Version, pair: LinePair, swaps: readonly Swap[]): Change[] {
  const [first, ...others] = pair.after;
  if (pair.before === null || first === undefined) return [];
  const mine = new Set(pair.after.map((l) => l.id));
  const methodOf = (lines: Version['lines']): Set<string | null> =>
    new Set(lines.map((l) => swapOfLine(l, swaps)?.method ?? null));
  const needed = methodOf(version.lines.filter((l) => !mine.has(l.id)));
  const going = [...methodOf(pair.after)].filter((m) => m !== null && !needed.has(m));
  const steps = version.steps.filter((s) => !going.includes(s.text));
  return [
    lineChange(version, first.id, { ...pair.before, id: first.id }),
    ...others.map((l) => lineChange(version, l.id, null)),
    ...(steps.length < version.steps.length
      ? [{ kind: 'steps', before: version.steps, after: steps } satisfies Change]
      : []),
  ];
}
