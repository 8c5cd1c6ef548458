import { useMemo } from 'react';
import useSWR from 'swr';
import { API } from '../../contract/api.ts';
import type { RecipePage } from '../../contract/recipe.ts';
import { addressOf } from '../../contract/route.ts';
import type { Food } from '../../core/food/food.ts';
import { ask, OfflineError } from '../data/api.ts';
import { useStock } from '../data/queries.ts';
import { useSwapShelf } from './use-swap-shelf.ts';

/** The foods of the lines themselves: all that is needed at the stove, where there is no network. */
function newestOf(pages: readonly RecipePage[]): Food[] {
  const newest = new Map<string, Food>();
  for (const f of pages.flatMap((p) => p.foods))
    if ((newest.get(f.id)?.revision ?? 0) < f.revision) newest.set(f.id, f);
  return [...newest.values()];
}

const NO_FOODS: readonly Food[] = [];

/**
 * The newest revisions of the foods that recipes are worked on with: those of their lines, of the swaps on the shelf,
 * and of what is in the house. A fraction of the pantry, whatever that holds.
 *
 * @returns null while they load
 */
export function useWorkingFoods(
  h: string,
  pages: readonly RecipePage[] | undefined,
): { readonly foods: readonly Food[] | null; readonly error: unknown } {
  const { offered } = useSwapShelf(h);
  const { data: stock } = useStock(h);
  const ids = useMemo(() => {
    if (pages === undefined) return null;
    const all = new Set(pages.flatMap((p) => p.foods.map((f) => f.id)));
    for (const s of offered) for (const id of [...s.from, ...s.into.map((t) => t.foodId)]) all.add(id);
    for (const i of stock ?? []) if (i.foodId !== null) all.add(i.foodId);
    return [...all].sort();
  }, [pages, offered, stock]);
  // The address is that of the pantry, so that what renews the pantry renews these.
  const { data, error } = useSWR(
    ids === null ? null : [addressOf(API.newestFoods, { h }), ids.join(',')],
    ([, list]) => ask(API.newestFoods, { h, body: { ids: list.split(',').filter(Boolean) } }),
    { revalidateOnFocus: false, keepPreviousData: true },
  );
  const offline = error instanceof OfflineError && data === undefined;
  const ofLines = useMemo(() => (offline && pages !== undefined ? newestOf(pages) : null), [offline, pages]);
  return { foods: data ?? ofLines ?? (ids?.length === 0 ? NO_FOODS : null), error };
}
