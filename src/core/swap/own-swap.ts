import { RETIRED_SWAPS } from './library.ts';
import type { Swap, WrittenSwap } from './swap.ts';

/** A swap that a household wrote. */
export interface OwnSwap extends WrittenSwap {
  /** Not offered any more; versions that were made with it still know it. */
  readonly retired: boolean;
}

/** The swaps of a household: what comes with Imbiss and what was written here. */
export interface SwapShelf {
  /** What can be applied. */
  readonly offered: readonly Swap[];
  /** What versions may have been made with, retired ones among them. */
  readonly all: readonly Swap[];
}

/** Own swaps beside the shipped ones; own ones first, for they are the family's. */
export const shelfOf = (own: readonly OwnSwap[], shipped: readonly Swap[]): SwapShelf => ({
  offered: [...own.filter((s) => !s.retired), ...shipped],
  all: [...own, ...shipped, ...RETIRED_SWAPS],
});
