import { applySwap } from '../swap/apply-swap.ts';
import { applyEntry, type Change, lineChange } from '../version/entry.ts';
import type { Version } from '../version/version.ts';
import { type ChoiceContext, LEAVE_OUT, type LineChoice } from './line-choices.ts';

/** The changes that make a version what a way says: one entry, to be undone at once. */
export function wayChanges(
  version: Version,
  picked: readonly LineChoice[],
  context: Pick<ChoiceContext, 'food' | 'system' | 'swaps' | 'title'>,
  newId: () => string,
): Change[] {
  const { food, system, title = '' } = context;
  let now = version;
  const all: Change[] = [];
  for (const c of picked) {
    const line = now.lines.find((l) => l.id === c.lineId);
    const swap = context.swaps.find((s) => s.id === c.swapId);
    if (line === undefined) continue;
    const changes =
      swap !== undefined
        ? applySwap(now, c.lineId, swap, { food, system, title, newId, judgedIn: version }, c.share)
        : c.swapId === LEAVE_OUT
          ? [lineChange(now, c.lineId, { ...line, leftOut: true })]
          : [];
    all.push(...changes);
    now = applyEntry(now, { id: 'part', label: 'part', changes, undoes: null });
  }
  return all;
}
