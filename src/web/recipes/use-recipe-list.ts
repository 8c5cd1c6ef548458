import useSWRInfinite from 'swr/infinite';
import type { RecipeList, RecipeOrder, RecipeSummary } from '../../contract/recipe.ts';
import { recipeList } from '../data/queries.ts';

/** What part of the recipes is looked at. */
export interface RecipeWish {
  readonly words: string;
  readonly order: RecipeOrder;
  /** Whose points the order and the limit are of. */
  readonly counter: string | null;
  readonly pointsAtMost: number | null;
  readonly kcalAtMost: number | null;
  readonly whose: RecipeSummary['whose'] | null;
}

const PAGE = 50;

function pathOf(h: string, wish: RecipeWish, after: string | null): string {
  const query = new URLSearchParams({ q: wish.words.slice(0, 120), order: wish.order, limit: String(PAGE) });
  if (wish.counter !== null) query.set('counter', wish.counter);
  if (wish.pointsAtMost !== null) query.set('pointsAtMost', String(wish.pointsAtMost));
  if (wish.kcalAtMost !== null) query.set('kcalAtMost', String(wish.kcalAtMost));
  if (wish.whose !== null) query.set('whose', wish.whose);
  if (after !== null) query.set('after', after);
  return `/households/${h}/recipes?${query}`;
}

/** The recipes of a household, page by page as the list is scrolled. */
export function useRecipeList(h: string, wish: RecipeWish) {
  const { data, error, size, setSize, mutate, isLoading } = useSWRInfinite<RecipeList, Error>(
    (_, previous) =>
      previous === null ? pathOf(h, wish, null) : previous.next === null ? null : pathOf(h, wish, previous.next),
    recipeList,
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
