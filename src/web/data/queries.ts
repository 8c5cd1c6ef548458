import useSWR, { mutate } from 'swr';
import type { Household, Table } from '../../contract/household.ts';
import type { RecipePage, RecipeSummary } from '../../contract/recipe.ts';
import type { Food } from '../../core/food/food.ts';
import { get } from './api.ts';

const options = { revalidateOnFocus: false, keepPreviousData: true };

export const useHouseholds = () => useSWR<Household[]>('/households', get, options);
export const useTable = (h: string) => useSWR<Table>(`/households/${h}`, get, options);
export const usePantry = (h: string) => useSWR<Food[]>(`/households/${h}/foods`, get, options);
export const useRecipes = (h: string) =>
  useSWR<RecipeSummary[]>(`/households/${h}/recipes`, get, { revalidateOnFocus: true });
export const useRecipe = (id: string) => useSWR<RecipePage>(`/recipes/${id}`, get, options);

export const refresh = {
  households: () => mutate('/households'),
  table: (h: string) => mutate(`/households/${h}`),
  pantry: (h: string) => mutate(`/households/${h}/foods`),
  recipes: (h: string) => mutate(`/households/${h}/recipes`),
  recipe: (id: string) => mutate(`/recipes/${id}`),
};
