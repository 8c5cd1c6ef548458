import { useMemo } from 'react';
import useSWR from 'swr';
import { API } from '../../contract/api.ts';
import type { RecipePage } from '../../contract/recipe.ts';
import { addressOf } from '../../contract/route.ts';
import type { Food } from '../../core/food/food.ts';
import { dishOfPrep } from '../../core/prep/dish-of-prep.ts';
import { dishTasks } from '../../core/prep/dish-tasks.ts';
import type { Prep, PrepDish } from '../../core/prep/prep.ts';
import type { DishTasks } from '../../core/prep/prep-task.ts';
import type { Version } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { ApiError } from '../data/api.ts';
import { readRecipePage } from '../data/queries.ts';
import { useSwapShelf } from '../kitchen/use-swap-shelf.ts';

/** A dish of a prep day with what it asks for. */
export interface ShownDish {
  readonly dish: PrepDish;
  readonly title: string;
  /** null where the recipe is gone. */
  readonly version: Version | null;
  readonly tasks: DishTasks | null;
}

/**
 * The dishes of a prep day, each as its tasks; null while their recipes load.
 *
 * @param minutes what the cook said on this and earlier days that parts of steps take
 */
export function useDishes(prep: Prep, minutes: Readonly<Record<string, number>>): readonly ShownDish[] | null {
  const { household, eaters } = useHousehold();
  const h = household.id;
  const { all: swaps } = useSwapShelf(h);
  const ids = [...new Set(prep.dishes.map((d) => d.recipeId))].sort().join(',');
  const { data, error } = useSWR(
    ids === '' ? null : [addressOf(API.recipe, { h, id: '' }), ids],
    ([, list]) => Promise.all(list.split(',').map((id) => pageIfThere(h, id))),
    { revalidateOnFocus: false, keepPreviousData: true },
  );
  if (error && data === undefined) throw error;
  return useMemo(() => {
    const pages = new Map(data?.flatMap((p) => (p === null ? [] : [[p.recipe.id, p] as const])));
    const isLoaded = prep.dishes.every(
      (d) => pages.has(d.recipeId) || (data !== undefined && ids.includes(d.recipeId)),
    );
    if (ids !== '' && (data === undefined || !isLoaded)) return null;
    const mind = new Set(eaters.flatMap((e) => e.allergies));
    return prep.dishes.map((dish): ShownDish => {
      const page = pages.get(dish.recipeId);
      const version = page?.versions.find((v) => v.id === dish.versionId) ?? null;
      const asWritten = page?.versions.find((v) => v.kind === 'asWritten');
      if (page === undefined || version === null || asWritten === undefined)
        return { dish, title: page?.recipe.title ?? 'A dish that is gone', version: null, tasks: null };
      const food = newestFood(page.foods);
      const source = {
        id: dish.id,
        version,
        asWritten,
        servings: dish.servings,
        times: page.recipe.facts.times,
      };
      const tasks = dishTasks(dishOfPrep(source, food, swaps), { food, minutes, mind });
      return { dish, title: page.recipe.title, version, tasks };
    });
  }, [data, ids, prep.dishes, minutes, eaters, swaps]);
}

async function pageIfThere(h: string, id: string): Promise<RecipePage | null> {
  try {
    return await readRecipePage(h, id);
  } catch (e) {
    if (e instanceof ApiError && e.problem.status === 404) return null;
    throw e;
  }
}

function newestFood(foods: readonly Food[]): (id: string) => Food | null {
  const newest = new Map<string, Food>();
  for (const f of foods) if ((newest.get(f.id)?.revision ?? 0) < f.revision) newest.set(f.id, f);
  return (id) => newest.get(id) ?? null;
}
