import type { Swap } from './swap.ts';

/** What of a swap does not fit together, in words that say what to do; null when all of it does. */
export function checkSwap(swap: Pick<Swap, 'kind' | 'from' | 'into' | 'share' | 'mostShare' | 'stays'>): string | null {
  const { kind, from, into, share, mostShare } = swap;
  if (from.length === 0) return 'Say which food it is for.';
  if (mostShare < share - 1e-9) return 'The most that may be swapped is less than what is swapped: raise it.';
  if (kind === 'leaveOut' || kind === 'toPlate')
    return into.length > 0 ? 'Nothing comes in when a line is left out or moved to the plate: take that out.' : null;
  if (kind === 'bulkUp') {
    const [only, ...others] = into;
    if (only === undefined || others.length > 0 || !from.includes(only.foodId))
      return 'More of it means more of the same food: let that come in, and nothing else.';
    return only.ratio > 1 ? null : 'More of it needs more than 100 g for each 100 g.';
  }
  if (into.length === 0 && (kind !== 'part' || share === 1)) return 'Say what comes in for it.';
  if (kind === 'part' && share === 1 && mostShare === 1)
    return 'A part is less than the whole: lower how much is swapped, or choose another kind.';
  return null;
}
