import { applyEntry, type Change } from '../version/entry.ts';
import type { Version } from '../version/version.ts';
import { applySwap, type SwapContext, whyNot } from './apply-swap.ts';
import { swapsFitting } from './fits-line.ts';
import { roleOfLine } from './role-of-line.ts';
import type { Swap } from './swap.ts';
import { readSwapRef } from './swap-ref.ts';

/** What became of one recipe's swaps on another. */
export interface Transferred {
  readonly changes: readonly Change[];
  /** Names of the swaps that fitted a line. */
  readonly fitted: readonly string[];
  /** Names of those that fitted none. */
  readonly unfitted: readonly string[];
}

/** Applies the swaps of one version to another, each to every line that it fits in its dish, in the shares they were made with. */
export function transferSwaps(from: Version, to: Version, swaps: readonly Swap[], context: SwapContext): Transferred {
  const marks = [
    ...new Set(from.lines.flatMap((l) => (l.swapId === null || readSwapRef(l.swapId)?.along ? [] : [l.swapId]))),
  ].map(readSwapRef);
  const fitted: string[] = [];
  const unfitted: string[] = [];
  const changes: Change[] = [];
  const { food, title = '' } = context;
  let now = to;
  for (const mark of marks) {
    const swap = swaps.find((s) => s.id === mark?.swapId);
    if (!swap) continue;
    const share = mark?.share ?? swap.share;
    const lines = to.lines.filter((l) => {
      const line = now.lines.find((x) => x.id === l.id);
      if (line === undefined || line.swapId !== null) return false;
      // What fitted there need not fit here: no purée out of a cake into a pan.
      const role = roleOfLine(line, to, food, title);
      const fits = swapsFitting([swap], line, { version: to, title, role, food }).length > 0;
      return fits && whyNot(swap, line, share, now.servings) === null;
    });
    for (const line of lines) {
      const own = applySwap(now, line.id, swap, context, share);
      changes.push(...own);
      now = applyEntry(now, { id: 'transfer', label: 'transfer', changes: own, undoes: null });
    }
    (lines.length > 0 ? fitted : unfitted).push(swap.name);
  }
  return { changes, fitted, unfitted };
}
