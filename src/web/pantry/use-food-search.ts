import { useMemo } from 'react';
import useSWR from 'swr';
import { z } from 'zod';
import { FoodSchema } from '../../contract/food.ts';
import type { Food } from '../../core/food/food.ts';
import { indexFoods, searchFoods } from '../../core/food/match-food.ts';
import { getParsed } from '../data/api.ts';

const found = getParsed(z.array(FoodSchema));

/** Foods that fit what was typed, from the server; from the pantry at hand while it cannot be asked. */
export function useFoodSearch(household: string, text: string, pantry: readonly Food[]): readonly Food[] | null {
  const asked = text.trim();
  const { data, error } = useSWR(
    asked === '' ? null : `/households/${household}/foods/search?q=${encodeURIComponent(asked)}`,
    found,
    { keepPreviousData: true, revalidateOnFocus: false },
  );
  const index = useMemo(() => (error ? indexFoods(pantry) : null), [error, pantry]);
  return useMemo(() => {
    if (asked === '') return null;
    return index ? searchFoods(index, asked, 40) : (data ?? []);
  }, [asked, index, data]);
}
