import { useMemo } from 'react';
import { type OwnSwap, type SwapShelf, shelfOf } from '../../core/swap/own-swap.ts';
import { shippedSwapsIn } from '../../core/swap/swap-in.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOwnSwaps } from '../data/queries.ts';
import { type Row, type Rows, useRows } from '../saving/use-document.ts';

const NO_SWAPS: readonly Row<OwnSwap>[] = [];
const idOf = (swap: OwnSwap): string => swap.id;

/** The swaps that a household wrote, retired ones among them, and how they are changed. */
export function useOwnSwapRows(h: string): Rows<'swaps'> & { readonly error: Error | undefined } {
  const { data = NO_SWAPS, error } = useOwnSwaps(h);
  return { ...useRows(h, 'swaps', data, idOf), error };
}

/** Everything a household can swap with; the shipped swaps alone until its own are there. */
export function useSwapShelf(h: string): SwapShelf {
  const { rows } = useOwnSwapRows(h);
  const { region } = useHousehold().household;
  return useMemo(() => shelfOf(rows, shippedSwapsIn(region)), [rows, region]);
}
