import useSWRInfinite from 'swr/infinite';
import { API } from '../../contract/api.ts';
import type { RecipeList } from '../../contract/recipe.ts';
import { addressOf } from '../../contract/route.ts';
import { askAt } from '../data/api.ts';
import { queryOf, type RecipeWish } from './recipe-wish.ts';

const PAGE = 50;

const questionOf = (h: string, wish: RecipeWish, after: string | null) => ({
  h,
  query: { ...queryOf(wish), limit: PAGE, after: after ?? undefined },
});

/** The recipes of a household, page by page as the list is scrolled. */
export function useRecipeList(h: string, wish: RecipeWish) {
  const { data, error, size, setSize, mutate, isLoading } = useSWRInfinite<RecipeList, Error>(
    (_, previous) =>
      previous !== null && previous.next === null
        ? null
        : addressOf(API.recipes, questionOf(h, wish, previous?.next ?? null)),
    (address: string) => askAt(API.recipes, address),
    { revalidateOnFocus: true, keepPreviousData: true, revalidateFirstPage: true },
  );
  const first = data?.[0];
  const last = data?.[data.length - 1];
  return {
    rows: data?.flatMap((p) => p.rows),
    total: first?.total ?? null,
    counting: first?.counting ?? 0,
    hasMore: last !== undefined && last.next !== null,
    isComing: isLoading || (data !== undefined && size > data.length),
    more: () => void setSize(size + 1),
    error,
    again: () => void mutate(),
  };
}
