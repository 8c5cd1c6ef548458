import { useMemo } from 'react';
import useSWR, { mutate } from 'swr';
import { z } from 'zod';
import { OwnSwapSchema } from '../../contract/swap.ts';
import { SWAPS } from '../../core/swap/library.ts';
import { type OwnSwap, type SwapShelf, shelfOf } from '../../core/swap/own-swap.ts';
import { getParsed } from './api.ts';

const ownSwaps = getParsed(z.array(OwnSwapSchema));
const NONE: readonly OwnSwap[] = [];

/** The swaps that a household wrote, retired ones among them. */
export const useOwnSwaps = (h: string) =>
  useSWR(`/households/${h}/swaps`, ownSwaps, { revalidateOnFocus: false, keepPreviousData: true });

/** Everything a household can swap with; the shipped swaps alone until its own are there. */
export function useSwapShelf(h: string): SwapShelf {
  const { data = NONE } = useOwnSwaps(h);
  return useMemo(() => shelfOf(data, SWAPS), [data]);
}

export const refreshSwaps = (h: string) => mutate(`/households/${h}/swaps`);
