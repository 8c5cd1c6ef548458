import { useMemo } from 'react';
import type { VersionCount } from '../../core/counting/count-version.ts';
import type { Role } from '../../core/food/food.ts';
import { roleOfLine } from '../../core/swap/role-of-line.ts';
import { type SwapDraft, swapOfChange } from '../../core/swap/swap-of-change.ts';
import { type LinePair, pairLines } from '../../core/version/pair-lines.ts';
import type { Line, Version } from '../../core/version/version.ts';
import { type useCount, useOpenRecipe } from '../context/recipe-context.ts';

/** What the rows of the bench show: lines in pairs, what each counts, its part, and what could be kept of a change. */
export function useLineRows(version: Version, parent: Version, now: ReturnType<typeof useCount>, was: VersionCount) {
  const { food, title } = useOpenRecipe();
  const { eaters, count } = now;
  const pairs = useMemo(() => pairLines(parent, version), [parent, version]);
  const marks = useMemo(() => eaters.map((e) => e.program.mark), [eaters]);
  const rawNow = useMemo(() => rawByLine(count), [count]);
  const rawWas = useMemo(() => rawByLine(was), [was]);
  const roles = useMemo(
    () => new Map(version.lines.map((l) => [l.id, roleOfLine(l, version, food, title)])),
    [version, food, title],
  );
  const none = useMemo(() => eaters.map(() => 0), [eaters]);
  const drafts = useMemo(() => {
    const scale = (version.servings ?? 1) / (parent.servings ?? version.servings ?? 1);
    return new Map(pairs.map((p) => [p.originLineId, draftOf(p, scale, (l) => roleOfLine(l, parent, food, title))]));
  }, [pairs, parent, version.servings, food, title]);
  const widest = barScale(Math.max(0, ...[...rawNow.values(), ...rawWas.values()].flatMap((l) => l.raw.map(Math.abs))));
  return { pairs, marks, rawNow, rawWas, roles, none, drafts, widest };
}

interface LineRaw {
  readonly raw: readonly number[];
  /** Whether nobody counts it. */
  readonly uncounted: boolean;
}

/** The largest bar's points, in steps of doubling and half between, so that the bars keep still while one is typed. */
const barScale = (most: number): number => {
  const step = 2 ** Math.ceil(Math.log2(Math.max(0.5, most)));
  return most <= step * 0.75 ? step * 0.75 : step;
};

/** Every line's unrounded points, by eater. */
function rawByLine(count: VersionCount): ReadonlyMap<string, LineRaw> {
  const lines = count.counts.map((c) => c.lines);
  return new Map(
    (lines[0] ?? []).map((l, n) => [
      l.id,
      { raw: lines.map((ls) => ls[n]!.raw), uncounted: lines.every((ls) => ls[n]!.uncounted !== null) },
    ]),
  );
}

/** What was changed by hand in a pair, as a swap; null when nothing was. */
function draftOf(pair: LinePair, scale: number, roleOf: (line: Line) => Role | null): SwapDraft | null {
  if (pair.before === null || !pair.changed || pair.after.some((l) => l.swapId !== null)) return null;
  return swapOfChange(pair.before, pair.after, roleOf(pair.before), scale);
}
