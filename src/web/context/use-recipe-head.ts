import { useSyncExternalStore } from 'react';
import { recipeHeadOf } from '../../contract/recipe.ts';
import { RECIPE_KIND, type RecipeHead } from '../../core/documents/recipe-kind.ts';
import { documents } from '../saving/use-document.ts';
import { useHousehold } from './household-context.ts';
import { useOpenRecipe } from './recipe-context.ts';

/** What all versions of the open recipe share, as it is shown, and how it is changed. */
export function useRecipeHead() {
  const { household } = useHousehold();
  const { page } = useOpenRecipe();
  const { revision, id } = page.recipe;
  const seen = recipeHeadOf(page.recipe);
  const kept = { document: seen, revision, removed: false, entries: [], earlier: false };
  const saved = documents.hold({ householdId: household.id, name: 'recipes', id }, kept);
  const shown = useSyncExternalStore(saved.subscribe, saved.getShown);
  const head = shown?.document ?? seen;
  return {
    head,
    change: (label: string, change: Partial<RecipeHead>) =>
      saved.do(label, RECIPE_KIND.changes(head, { ...head, ...change })),
  };
}
