import useSWR, { mutate } from 'swr';
import { z } from 'zod';
import { FoodCorrectionSchema, FoodSchema } from '../../contract/food.ts';
import { HouseholdSchema, TableSchema } from '../../contract/household.ts';
import { RecipePageSchema, RecipeSummarySchema } from '../../contract/recipe.ts';
import { StockSchema } from '../../contract/stock.ts';
import { VerdictSchema } from '../../contract/verdict.ts';
import { getParsed } from './api.ts';

const options = { revalidateOnFocus: false, keepPreviousData: true };
const households = getParsed(HouseholdSchema.array());
const table = getParsed(TableSchema);
const pantry = getParsed(z.array(FoodSchema));
const recipes = getParsed(RecipeSummarySchema.array());
const recipe = getParsed(RecipePageSchema);
const stock = getParsed(StockSchema);
const verdicts = getParsed(z.array(VerdictSchema));
const correction = getParsed(FoodCorrectionSchema);
const ids = getParsed(z.array(z.string()));

export const useHouseholds = () => useSWR('/households', households, options);
export const useTable = (h: string) => useSWR(`/households/${h}`, table, options);
export const usePantry = (h: string) => useSWR(`/households/${h}/foods`, pantry, options);
export const useRecipes = (h: string) => useSWR(`/households/${h}/recipes`, recipes, { revalidateOnFocus: true });
export const useRecipe = (id: string) => useSWR(`/recipes/${id}`, recipe, options);

export const useOwnFoods = (h: string) => useSWR(`/households/${h}/foods/own`, ids, options);
export const useCorrection = (h: string, food: string) =>
  useSWR(`/households/${h}/foods/${food}/correction`, correction, options);
export const useVerdicts = (h: string) => useSWR(`/households/${h}/verdicts`, verdicts, options);
export const useStock = (h: string) => useSWR(`/households/${h}/stock`, stock, { revalidateOnFocus: true });

export const refresh = {
  correction: (h: string, food: string) => mutate(`/households/${h}/foods/${food}/correction`),
  verdicts: (h: string) => mutate(`/households/${h}/verdicts`),
  stock: (h: string) => mutate(`/households/${h}/stock`),
  households: () => mutate('/households'),
  table: (h: string) => mutate(`/households/${h}`),
  pantry: (h: string) => Promise.all([mutate(`/households/${h}/foods`), mutate(`/households/${h}/foods/own`)]),
  recipes: (h: string) => mutate(`/households/${h}/recipes`),
  recipe: (id: string) => mutate(`/recipes/${id}`),
};
