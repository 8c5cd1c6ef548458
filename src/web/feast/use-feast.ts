import { useCallback, useMemo, useState } from 'react';
import { API } from '../../contract/api.ts';
import type { RecipePage } from '../../contract/recipe.ts';
import { FEAST_KIND } from '../../core/documents/document-kinds.ts';
import type { Feast } from '../../core/feast/feast.ts';
import type { Food } from '../../core/food/food.ts';
import { readRecipePage, useFoods } from '../data/queries.ts';
import { useAnswer } from '../data/use-answer.ts';
import { type OpenDocument, useDocument } from '../saving/use-document.ts';

const NONE_BOUGHT: readonly Food[] = [];

export type FeastChange = Partial<Omit<Feast, 'id' | 'revision'>>;

export interface OpenFeast extends OpenDocument<'feasts'> {
  /** Makes a change: each field of it on its own, so that what others do meanwhile stays. */
  readonly change: (label: string, change: FeastChange) => void;
  /** The recipes of its dishes. */
  readonly pages: readonly RecipePage[];
  /** The foods of what was bought for it. */
  readonly foods: readonly Food[];
  /** Reads a recipe that comes on the menu, or was changed there. */
  readonly read: (recipeId: string) => Promise<RecipePage>;
}

/**
 * A feast that is open; null while it loads.
 *
 * @param begins what is shown where the server knows none of this id: one that was begun, and nothing put on its menu
 * @throws while rendering when it cannot be loaded
 */
export function useFeast(household: string, id: string, begins: Feast | null): OpenFeast | null {
  const open = useDocument(household, 'feasts', id, begins);
  // One that is begun here is known here: the server hears of it with the first dish, and is not asked before.
  const [isBegun, setIsBegun] = useState(open?.saved.isOnlyBegun ?? false);
  if (!isBegun && open?.saved.isOnlyBegun) setIsBegun(true);
  const { data, error, mutate } = useAnswer(API.feast, open === null || isBegun ? null : { h: household, id }, {
    keepPreviousData: false,
  });
  const [begunPages, setBegunPages] = useState<readonly RecipePage[]>([]);
  const read = useCallback(
    async (recipeId: string) => {
      const page = await readRecipePage(household, recipeId);
      const others = (had: readonly RecipePage[]) => had.filter((p) => p.recipe.id !== recipeId);
      // Of a feast that is only begun the server knows nothing yet: its recipes are kept here.
      setBegunPages((had) => [...others(had), page]);
      await mutate((had) => had && { ...had, pages: [...others(had.pages), page] }, { revalidate: false });
      return page;
    },
    [household, mutate],
  );
  const saved = open?.saved;
  const change = useCallback(
    (label: string, next: FeastChange) => {
      if (saved === undefined) return;
      const before = saved.shown.document;
      void saved.do(label, FEAST_KIND.changes(before, { ...before, ...next }));
    },
    [saved],
  );
  if (error && !data) throw error;
  const bought = open?.shown.document.bought.map((b) => b.foodId) ?? [];
  const { data: newest = NONE_BOUGHT } = useFoods(household, bought);
  const foods = useMemo(() => [...(data?.foods ?? []), ...newest], [data, newest]);
  const pages = useMemo(() => {
    const known = data?.pages ?? [];
    return [...known, ...begunPages.filter((p) => !known.some((k) => k.recipe.id === p.recipe.id))];
  }, [data, begunPages]);
  return open && (data || isBegun) ? { ...open, change, pages, foods, read } : null;
}
