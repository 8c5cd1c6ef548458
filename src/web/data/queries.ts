import { mutate } from 'swr';
import { API } from '../../contract/api.ts';
import type { ChangeNote } from '../../contract/entry.ts';
import { addressOf } from '../../contract/route.ts';
import { ask } from './api.ts';
import { useAnswer } from './use-answer.ts';

const LOOKED_AT_AGAIN = { revalidateOnFocus: true, keepPreviousData: false };

export const useHouseholds = () => useAnswer(API.households, {});
export const useTable = (h: string) => useAnswer(API.table, { h });
export const usePantry = (h: string) => useAnswer(API.pantry, { h, query: {} });
/** The pantry, read once. */
export const pantryOnce = (h: string) => ask(API.pantry, { h, query: {} });
/** These foods only, in their newest revision. */
export const useFoods = (h: string, foodIds: readonly string[]) =>
  useAnswer(API.pantry, foodIds.length === 0 ? null : { h, query: { ids: [...foodIds].sort().join(',') } });
/** The recipes that fit some words, the first of them. */
export const useRecipeSearch = (h: string, words: string, most = 30) =>
  useAnswer(API.recipes, { h, query: { q: words.slice(0, 120), order: 'title', limit: most } });
export const useRecipe = (h: string, id: string) => useAnswer(API.recipe, { h, id });
/** Reads a recipe once. */
export const readRecipePage = (h: string, id: string) => ask(API.recipe, { h, id });
export const useFeasts = (h: string) => useAnswer(API.feasts, { h }, LOOKED_AT_AGAIN);
export const useOwnFoods = (h: string) => useAnswer(API.ownFoods, { h });
export const useObservations = (h: string) => useAnswer(API.observations, { h });
export const useRemovedPrograms = (h: string) => useAnswer(API.removedPrograms, { h });
export const useProgramRevisions = (h: string, id: string | null) =>
  useAnswer(API.programRevisions, id === null ? null : { h, id });
/** In how many recipes each food is. */
export const useFoodsUsed = (h: string) => useAnswer(API.foodsUsed, { h }, LOOKED_AT_AGAIN);
export const useCorrection = (h: string, food: string) => useAnswer(API.correction, { h, id: food });
export const useVerdicts = (h: string) => useAnswer(API.verdicts, { h });
export const useOwnSwaps = (h: string) => useAnswer(API.ownSwaps, { h });
export const useStock = (h: string) => useAnswer(API.stock, { h }, LOOKED_AT_AGAIN);
export const useBackups = () => useAnswer(API.backups, {});
export const useUnreadable = () => useAnswer(API.unreadable, {});
export const useAddresses = () => useAnswer(API.addresses, {});
export const useSession = () => useAnswer(API.session, {});

/** Reads everything anew whose address begins so; pages of a list have theirs behind a mark. */
const startingWith = (...starts: readonly string[]) =>
  mutate((key) => {
    const address: unknown = Array.isArray(key) ? key[0] : key;
    return typeof address === 'string' && starts.some((s) => address.replace(/^\$inf\$/, '').startsWith(s));
  });

/** What has to be read anew when something of a kind has changed; all of the household when nobody knows what. */
export async function refreshAfter(h: string, kind: ChangeNote['kind'] | null): Promise<void> {
  const home = addressOf(API.table, { h });
  switch (kind) {
    // Foods and swaps have other names when the household talks otherwise.
    case null:
    case 'household':
      await startingWith(home);
      return;
    case 'eaters':
    case 'pins':
      await Promise.all([mutate(home), startingWith(`${home}/week`)]);
      return;
    case 'programs':
      await Promise.all([mutate(home), startingWith(`${home}/programs`)]);
      return;
    case 'recipes':
    case 'versions':
    case 'cards':
      await startingWith(addressOf(API.recipe, { h, id: '' }), addressOf(API.version, { h, id: '' }), `${home}/week`);
      return;
    case 'listing':
      await startingWith(`${addressOf(API.recipes, { h })}?`, `${home}/drift`);
      return;
    case 'foods':
    case 'corrections':
      await startingWith(addressOf(API.pantry, { h }));
      return;
    case 'feasts':
      await startingWith(addressOf(API.feasts, { h }));
      return;
    case 'swaps':
      await mutate(addressOf(API.ownSwaps, { h }));
      return;
    case 'stock':
      await Promise.all([mutate(addressOf(API.stock, { h })), startingWith(`${home}/to-get`)]);
      return;
    case 'verdicts':
      await mutate(addressOf(API.verdicts, { h }));
      return;
    case 'observations':
      await mutate(addressOf(API.observations, { h }));
      return;
    case 'vessels':
    case 'box-kinds':
    case 'cooks':
    case 'boxes':
      await startingWith(
        `${home}/${kind}`,
        ...(kind === 'cooks' ? [`${home}/stove`] : []),
        ...(kind === 'cooks' || kind === 'boxes' ? [addressOf(API.recipe, { h, id: '' }), `${home}/week`] : []),
      );
      return;
    case 'day-entries':
    case 'days':
    case 'pots':
      await startingWith(`${home}/week`, `${home}/to-get`, `${home}/fits`, `${home}/boxes`, `${home}/eaters`);
      return;
    case 'preps':
    case 'outside-verdicts':
      await startingWith(`${home}/${kind}`);
      return;
    case 'trips':
    case 'buying':
      await startingWith(`${home}/${kind}`, `${home}/to-get`);
      return;
    case 'barcodes':
      return;
  }
}

/** Reads an address anew, where a page shows it. */
export const readAnew = (address: string) => mutate(address);

export const refresh = {
  table: (h: string) => refreshAfter(h, 'programs'),
  stock: (h: string) => refreshAfter(h, 'stock'),
  households: () => mutate(addressOf(API.households, {})),
  pantry: (h: string) => refreshAfter(h, 'foods'),
  recipe: (h: string) => refreshAfter(h, 'recipes'),
};
