import useSWR, { mutate } from 'swr';
import { z } from 'zod';
import type { ChangeNote } from '../../contract/entry.ts';
import { Revision } from '../../contract/entry.ts';
import { FeastSchema } from '../../contract/feast.ts';
import { FoodCorrectionSchema, FoodSchema } from '../../contract/food.ts';
import { HouseholdSchema, TableSchema } from '../../contract/household.ts';
import { RecipeListSchema, RecipePageSchema } from '../../contract/recipe.ts';
import { StockSchema } from '../../contract/stock.ts';
import { OwnSwapsSchema } from '../../contract/swap.ts';
import { VerdictsSchema } from '../../contract/verdict.ts';
import { getParsed } from './api.ts';

const options = { revalidateOnFocus: false, keepPreviousData: true };
const households = getParsed(HouseholdSchema.array());
const table = getParsed(TableSchema);
const pantry = getParsed(z.array(FoodSchema));
export const recipeList = getParsed(RecipeListSchema);
const recipe = getParsed(RecipePageSchema);
const stock = getParsed(StockSchema);
const verdicts = getParsed(VerdictsSchema);
const swaps = getParsed(OwnSwapsSchema);
const feasts = getParsed(z.array(FeastSchema.and(z.object({ titles: z.array(z.string()) }))));
const correction = getParsed(FoodCorrectionSchema.extend({ revision: Revision }));
const ids = getParsed(z.array(z.string()));
const backups = getParsed(z.array(z.object({ at: z.string(), bytes: z.number() })));
const addresses = getParsed(z.array(z.string()));
const session = getParsed(z.object({ passphrase: z.boolean() }));

const home = (h: string): string => `/households/${h}`;

export const useHouseholds = () => useSWR('/households', households, options);
export const useTable = (h: string) => useSWR(home(h), table, options);
export const usePantry = (h: string) => useSWR(`${home(h)}/foods`, pantry, options);
/** The pantry, read once. */
export const pantryOnce = (h: string) => pantry(`${home(h)}/foods`);
/** These foods only, in their newest revision. */
export const useFoods = (h: string, foodIds: readonly string[]) =>
  useSWR(foodIds.length === 0 ? null : `${home(h)}/foods?ids=${[...foodIds].sort().join(',')}`, pantry, options);
/** The recipes that fit some words, the first of them. */
export const useRecipeSearch = (h: string, words: string, most = 30) =>
  useSWR(
    `${home(h)}/recipes?${new URLSearchParams({ q: words.slice(0, 120), order: 'title', limit: String(most) })}`,
    recipeList,
    options,
  );
export const useRecipe = (h: string, id: string) => useSWR(`${home(h)}/recipes/${id}`, recipe, options);
export const useFeasts = (h: string) => useSWR(`${home(h)}/feasts`, feasts, { revalidateOnFocus: true });

export const useOwnFoods = (h: string) => useSWR(`${home(h)}/foods/own`, ids, options);
export const useCorrection = (h: string, food: string) =>
  useSWR(`${home(h)}/foods/${food}/correction`, correction, options);
export const useVerdicts = (h: string) => useSWR(`${home(h)}/verdicts`, verdicts, options);
export const useOwnSwaps = (h: string) => useSWR(`${home(h)}/swaps`, swaps, options);
export const useStock = (h: string) => useSWR(`${home(h)}/stock`, stock, { revalidateOnFocus: true });
export const useBackups = () => useSWR('/backups', backups, options);
export const useAddresses = () => useSWR('/addresses', addresses, options);
export const useSession = () => useSWR('/session', session, options);

/** Reads a recipe once. */
export const readRecipePage = (h: string, id: string) => recipe(`${home(h)}/recipes/${id}`);

/** Reads everything anew whose address begins so; pages of a list have theirs behind a mark. */
const startingWith = (...starts: readonly string[]) =>
  mutate((key) => {
    const address: unknown = Array.isArray(key) ? key[0] : key;
    return typeof address === 'string' && starts.some((s) => address.replace(/^\$inf\$/, '').startsWith(s));
  });

/** What has to be read anew when something of a kind has changed; all of the household when nobody knows what. */
export async function refreshAfter(h: string, kind: ChangeNote['kind'] | null): Promise<void> {
  switch (kind) {
    case null:
      await startingWith(home(h));
      return;
    case 'household':
    case 'eaters':
    case 'pins':
      await mutate(home(h));
      return;
    case 'recipes':
    case 'versions':
    case 'cards':
      await startingWith(`${home(h)}/recipes/`);
      return;
    case 'listing':
      await startingWith(`${home(h)}/recipes?`);
      return;
    case 'foods':
    case 'corrections':
      await startingWith(`${home(h)}/foods`);
      return;
    case 'barcodes':
      return;
    default:
      await startingWith(`${home(h)}/${kind}`);
  }
}

export const refresh = {
  stock: (h: string) => mutate(`${home(h)}/stock`),
  households: () => mutate('/households'),
  pantry: (h: string) => refreshAfter(h, 'foods'),
  recipe: (h: string) => refreshAfter(h, 'recipes'),
  feasts: (h: string) => mutate(`${home(h)}/feasts`),
};
