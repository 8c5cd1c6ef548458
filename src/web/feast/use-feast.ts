import { useCallback, useEffect, useState, useSyncExternalStore } from 'react';
import useSWR, { mutate } from 'swr';
import { z } from 'zod';
import { FeastPageSchema, FeastSchema } from '../../contract/feast.ts';
import { type RecipePage, RecipePageSchema } from '../../contract/recipe.ts';
import { getParsed } from '../data/api.ts';
import { FeastEditor, type FeastState, feastServer } from './feast-editor.ts';

const feasts = getParsed(z.array(FeastSchema));
const feastPage = getParsed(FeastPageSchema);
const recipePage = getParsed(RecipePageSchema);

export const useFeasts = (h: string) => useSWR(`/households/${h}/feasts`, feasts, { revalidateOnFocus: true });
export const refreshFeasts = (h: string) => mutate(`/households/${h}/feasts`);

export interface OpenFeast {
  readonly editor: FeastEditor;
  readonly state: FeastState;
  /** The recipes of its dishes. */
  readonly pages: readonly RecipePage[];
  /** Reads a recipe that comes on the menu, or was changed there. */
  readonly read: (recipeId: string) => Promise<RecipePage>;
}

/** A feast that is open; null while it loads. @throws while rendering when it cannot be loaded. */
export function useFeast(household: string, id: string): OpenFeast | null {
  const [editor, setEditor] = useState<FeastEditor | null>(null);
  const [pages, setPages] = useState<readonly RecipePage[]>([]);
  const [error, setError] = useState<unknown>(null);
  useEffect(() => {
    let alive = true;
    setEditor(null);
    setError(null);
    feastPage(`/households/${household}/feasts/${id}`).then(
      (page) => {
        if (!alive) return;
        setPages(page.pages);
        setEditor(new FeastEditor(page.feast, feastServer(household, id)));
      },
      (e) => alive && setError(e),
    );
    return () => {
      alive = false;
    };
  }, [household, id]);
  // What could not be sent is sent when the connection is back, and not left behind unasked.
  useEffect(() => {
    if (editor === null) return;
    const send = () => void editor.flush();
    const hold = (e: BeforeUnloadEvent) => {
      if (editor.getState().save !== 'saved') e.preventDefault();
    };
    window.addEventListener('online', send);
    window.addEventListener('beforeunload', hold);
    return () => {
      window.removeEventListener('online', send);
      window.removeEventListener('beforeunload', hold);
    };
  }, [editor]);
  const read = useCallback(async (recipeId: string) => {
    const page = await recipePage(`/recipes/${recipeId}`);
    setPages((had) => [...had.filter((p) => p.recipe.id !== recipeId), page]);
    return page;
  }, []);
  const state = useSyncExternalStore(editor?.subscribe ?? noSubscription, editor?.getState ?? noState);
  if (error) throw error;
  return editor && state ? { editor, state, pages, read } : null;
}

const noSubscription = () => () => {};
const noState = () => null;
