import type { Role } from '../food/food.ts';
import type { Line } from '../version/version.ts';
import type { Swap } from './swap.ts';

/** A swap as a change made by hand says it; what only the cook knows is left to ask. */
export type SwapDraft = Pick<Swap, 'kind' | 'role' | 'from' | 'into' | 'share' | 'mostShare'>;

const tenths = (n: number): number => Math.round(n * 1000) / 1000;
const gramsOf = (lines: readonly Line[]): number => lines.reduce((g, l) => g + (l.weight?.grams ?? 0), 0);

/**
 * Reads a change that was made by hand as a swap for next time: a line as it was, and what stands in its place.
 *
 * @param scale how many times the servings of the line as it was the new version makes
 * @returns null when nothing was changed, or when a line of it is no weighed food
 */
export function swapOfChange(before: Line, after: readonly Line[], role: Role | null, scale = 1): SwapDraft | null {
  if (before.food.kind !== 'food' || before.weight === null || !(before.weight.grams > 0)) return null;
  const { foodId } = before.food;
  const was = before.weight.grams * scale;
  const here = after.filter((l) => !l.leftOut);
  if (here.some((l) => l.food.kind !== 'food' || l.weight === null)) return null;
  const base = { role: role ?? 'flavour', from: [foodId] } as const;
  if (here.length === 0) return { ...base, kind: 'leaveOut', into: [], share: 1, mostShare: 1 };
  const same = here.filter((l) => l.food.kind === 'food' && l.food.foodId === foodId);
  const others = here.filter((l) => !same.includes(l));
  const left = gramsOf(same) / was;
  if (others.length === 0) {
    if (Math.abs(left - 1) < 1e-6) return null;
    if (left > 1) return { ...base, kind: 'bulkUp', into: [{ foodId, ratio: tenths(left) }], share: 1, mostShare: 1 };
    const share = tenths(1 - left);
    return { ...base, kind: 'part', into: [], share, mostShare: share };
  }
  const share = tenths(1 - left);
  if (!(share > 0)) return null;
  const into = others.map((l) => ({
    foodId: l.food.kind === 'food' ? l.food.foodId : '',
    ratio: tenths((l.weight?.grams ?? 0) / (was * share)),
  }));
  return { ...base, kind: share < 1 ? 'part' : 'standIn', into, share, mostShare: share };
}
