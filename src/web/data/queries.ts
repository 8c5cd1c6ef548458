import useSWR, { mutate } from 'swr';
import { z } from 'zod';
import { FoodSchema } from '../../contract/food.ts';
import { HouseholdSchema, TableSchema } from '../../contract/household.ts';
import { RecipePageSchema, RecipeSummarySchema } from '../../contract/recipe.ts';
import { getParsed } from './api.ts';

const options = { revalidateOnFocus: false, keepPreviousData: true };
const households = getParsed(HouseholdSchema.array());
const table = getParsed(TableSchema);
const pantry = getParsed(z.array(FoodSchema));
const recipes = getParsed(RecipeSummarySchema.array());
const recipe = getParsed(RecipePageSchema);

export const useHouseholds = () => useSWR('/households', households, options);
export const useTable = (h: string) => useSWR(`/households/${h}`, table, options);
export const usePantry = (h: string) => useSWR(`/households/${h}/foods`, pantry, options);
export const useRecipes = (h: string) => useSWR(`/households/${h}/recipes`, recipes, { revalidateOnFocus: true });
export const useRecipe = (id: string) => useSWR(`/recipes/${id}`, recipe, options);

export const refresh = {
  households: () => mutate('/households'),
  table: (h: string) => mutate(`/households/${h}`),
  pantry: (h: string) => mutate(`/households/${h}/foods`),
  recipes: (h: string) => mutate(`/households/${h}/recipes`),
  recipe: (id: string) => mutate(`/recipes/${id}`),
};
