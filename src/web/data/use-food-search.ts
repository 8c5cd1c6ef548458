import { useMemo } from 'react';
import { API } from '../../contract/api.ts';
import type { Food } from '../../core/food/food.ts';
import { indexFoods, searchFoods } from '../../core/food/match-food.ts';
import { useAnswer } from './use-answer.ts';

/** Foods that fit what was typed, from the server; from the pantry at hand while it cannot be asked. */
export function useFoodSearch(household: string, text: string, pantry: readonly Food[]): readonly Food[] | null {
  const asked = text.trim();
  const { data, error } = useAnswer(API.searchFoods, asked === '' ? null : { h: household, query: { q: asked } });
  const index = useMemo(() => (error ? indexFoods(pantry) : null), [error, pantry]);
  return useMemo(() => {
    if (asked === '') return null;
    return index ? searchFoods(index, asked, 40) : (data ?? []);
  }, [asked, index, data]);
}
