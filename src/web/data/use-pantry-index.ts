import { useCallback, useMemo } from 'react';
import { mutate } from 'swr';
import { API } from '../../contract/api.ts';
import { addressOf } from '../../contract/route.ts';
import type { Food } from '../../core/food/food.ts';
import { type FoodIndex, indexFoods } from '../../core/food/match-food.ts';
import { OfflineError } from './api.ts';
import { learnFoods } from './learnt-foods.ts';
import { pantryOnce, usePantry } from './queries.ts';

/** The last pantry that was indexed: reading the next line begins at once. */
let lastIndexed: { readonly foods: readonly Food[]; readonly index: FoodIndex } | null = null;

function indexOf(foods: readonly Food[]): FoodIndex {
  if (lastIndexed?.foods !== foods) {
    lastIndexed = { foods, index: indexFoods(foods) };
    learnFoods(foods);
  }
  return lastIndexed.index;
}

/** The pantry by its words, for a page that reads lines all the time; null while it loads. */
export function usePantryIndex(h: string): FoodIndex | null {
  const { data } = usePantry(h);
  return useMemo(() => (data === undefined ? null : indexOf(data)), [data]);
}

/**
 * The pantry by its words, fetched when a line is read: for a page that seldom does.
 *
 * @param atHand what is read by while Imbiss cannot be reached; a food beyond it makes an open line, which asks
 * @throws ApiError
 */
export function useReadingIndex(h: string, atHand: readonly Food[]): () => Promise<FoodIndex> {
  return useCallback(async () => {
    try {
      const read = (had: Food[] | undefined) => had ?? pantryOnce(h);
      const foods = await mutate(addressOf(API.pantry, { h }), read, { revalidate: false });
      return indexOf(foods ?? []);
    } catch (e) {
      if (e instanceof OfflineError) return indexFoods(atHand);
      throw e;
    }
  }, [h, atHand]);
}
