import { createBrowserRouter, type LoaderFunctionArgs } from 'react-router';
import { API } from '../contract/api.ts';
import { askEarly } from './data/early.ts';
import { LibraryPage } from './recipes/library-page.tsx';
import { FailedPage } from './shell/failed-page.tsx';
import { HouseholdLayout } from './shell/household-layout.tsx';
import { StartPage } from './shell/start-page.tsx';

/** A loader that asks early for what a screen needs; the screen itself waits for its answers, and says so. */
const asksFor = (needs: (h: string, params: Readonly<Record<string, string | undefined>>) => void) => {
  return ({ params }: LoaderFunctionArgs): null => {
    needs(params.household ?? '', params);
    return null;
  };
};
const pantry = (h: string) => askEarly(API.pantry, { h, query: {} });

/** The first screen comes with the application; the others load when they are opened. */
export const router = createBrowserRouter([
  { path: '/', element: <StartPage />, errorElement: <FailedPage /> },
  {
    path: '/h/:household',
    element: <HouseholdLayout />,
    loader: asksFor((h) => askEarly(API.table, { h })),
    errorElement: <FailedPage />,
    children: [
      {
        errorElement: <FailedPage />,
        children: [
          { path: 'recipes', element: <LibraryPage /> },
          {
            path: 'recipes/feasts',
            loader: asksFor((h) => askEarly(API.feasts, { h })),
            lazy: async () => ({ Component: (await import('./feast/feasts-page.tsx')).FeastsPage }),
          },
          {
            path: 'recipes/feasts/:feast',
            loader: asksFor((h, { feast = '' }) => askEarly(API.feast, { h, id: feast })),
            lazy: async () => ({ Component: (await import('./feast/feast-page.tsx')).FeastPage }),
          },
          {
            path: 'booklets',
            lazy: async () => ({ Component: (await import('./booklet/booklet-page.tsx')).BookletPage }),
          },
          {
            path: 'recipes/together',
            lazy: async () => ({ Component: (await import('./together/together-page.tsx')).TogetherPage }),
          },
          {
            path: 'week',
            lazy: async () => ({ Component: (await import('./week/day-page.tsx')).DayPage }),
          },
          {
            path: 'week/plan',
            lazy: async () => ({ Component: (await import('./week/board-page.tsx')).BoardPage }),
          },
          {
            path: 'week/propose',
            lazy: async () => ({ Component: (await import('./propose/propose-page.tsx')).ProposePage }),
          },
          {
            path: 'week/prep',
            lazy: async () => ({ Component: (await import('./prep/prep-page.tsx')).PrepPage }),
          },
          {
            path: 'week/shopping',
            lazy: async () => ({ Component: (await import('./week/shopping-page.tsx')).ShoppingPage }),
          },
          {
            path: 'week/back',
            lazy: async () => ({ Component: (await import('./week/back-page.tsx')).BackPage }),
          },
          {
            path: 'bring-in',
            loader: asksFor(pantry),
            lazy: async () => ({ Component: (await import('./bring-in/paste-page.tsx')).PastePage }),
          },
          {
            path: 'pantry',
            loader: asksFor(pantry),
            lazy: async () => ({ Component: (await import('./pantry/pantry-page.tsx')).PantryPage }),
          },
          {
            path: 'pantry/stock',
            loader: asksFor((h) => {
              pantry(h);
              askEarly(API.stock, { h });
            }),
            lazy: async () => ({ Component: (await import('./pantry/stock/stock-page.tsx')).StockPage }),
          },
          {
            path: 'pantry/plate',
            loader: asksFor(pantry),
            lazy: async () => ({ Component: (await import('./pantry/plate-page.tsx')).PlatePage }),
          },
          {
            path: 'pantry/compare',
            loader: asksFor(pantry),
            lazy: async () => ({ Component: (await import('./pantry/compare-page.tsx')).ComparePage }),
          },
          {
            path: 'pantry/boxes',
            lazy: async () => ({ Component: (await import('./pantry/boxes-page.tsx')).BoxesPage }),
          },
          {
            path: 'pantry/swaps',
            loader: asksFor((h) => {
              pantry(h);
              askEarly(API.ownSwaps, { h });
            }),
            lazy: async () => ({ Component: (await import('./swaps/swaps-page.tsx')).SwapsPage }),
          },
          {
            path: 'pantry/files',
            loader: asksFor((h) => {
              pantry(h);
              askEarly(API.ownFoods, { h });
            }),
            lazy: async () => ({ Component: (await import('./pantry/files/files-page.tsx')).FilesPage }),
          },
          {
            path: 'pantry/:food',
            loader: asksFor(pantry),
            lazy: async () => ({ Component: (await import('./pantry/food-page.tsx')).FoodPage }),
          },
          {
            path: 'programs',
            loader: asksFor((h) => askEarly(API.removedPrograms, { h })),
            lazy: async () => ({ Component: (await import('./programs/programs-page.tsx')).ProgramsPage }),
          },
          {
            path: 'programs/compare',
            loader: asksFor(pantry),
            lazy: async () => ({ Component: (await import('./programs/programs-apart-page.tsx')).ProgramsApartPage }),
          },
          {
            path: 'programs/moved',
            lazy: async () => ({ Component: (await import('./programs/moved-page.tsx')).MovedPage }),
          },
          {
            path: 'programs/:program',
            loader: asksFor(pantry),
            lazy: async () => ({ Component: (await import('./programs/program-page.tsx')).ProgramPage }),
          },
          {
            path: 'programs/:program/teach',
            loader: asksFor((h) => {
              pantry(h);
              askEarly(API.observations, { h });
              askEarly(API.foodsUsed, { h });
            }),
            lazy: async () => ({ Component: (await import('./programs/teach-page.tsx')).TeachPage }),
          },
          {
            path: 'programs/:program/change',
            loader: asksFor(pantry),
            lazy: async () => ({ Component: (await import('./programs/program-editor.tsx')).ProgramEditorPage }),
          },
          {
            path: 'scale',
            lazy: async () => ({ Component: (await import('./scale/scale-page.tsx')).ScalePage }),
          },
          {
            path: 'household',
            loader: asksFor(() => askEarly(API.households, {})),
            lazy: async () => ({ Component: (await import('./household/household-page.tsx')).HouseholdPage }),
          },
          {
            path: 'recipes/:recipe',
            loader: asksFor((h, { recipe = '' }) => {
              askEarly(API.recipe, { h, id: recipe });
              askEarly(API.ownSwaps, { h });
              askEarly(API.verdicts, { h });
            }),
            lazy: async () => ({ Component: (await import('./shell/recipe-layout.tsx')).RecipeLayout }),
            children: [
              {
                index: true,
                lazy: async () => ({ Component: (await import('./read/read-page.tsx')).ReadPage }),
              },
              {
                path: 'bring-in',
                lazy: async () => ({ Component: (await import('./bring-in/bring-in-page.tsx')).BringInPage }),
              },
              {
                path: 'lighten',
                lazy: async () => ({ Component: (await import('./lighten/lighten-page.tsx')).LightenPage }),
              },
              {
                path: 'lighten/compare',
                lazy: async () => ({
                  Component: (await import('./lighten/compare-versions-page.tsx')).CompareVersionsPage,
                }),
              },
              {
                path: 'cook',
                lazy: async () => ({ Component: (await import('./cook/before-cooking-page.tsx')).BeforeCookingPage }),
              },
              {
                path: 'cook/:cook',
                lazy: async () => ({ Component: (await import('./cook/at-stove-page.tsx')).AtStovePage }),
              },
              {
                path: 'dish-up',
                lazy: async () => ({ Component: (await import('./dish-up/dish-up-page.tsx')).DishUpPage }),
              },
              {
                path: 'dish-up/labels',
                lazy: async () => ({ Component: (await import('./dish-up/labels-page.tsx')).LabelsPage }),
              },
              {
                path: 'pass-on',
                lazy: async () => ({ Component: (await import('./pass-on/pass-on-page.tsx')).PassOnPage }),
              },
            ],
          },
        ],
      },
    ],
  },
  { path: '*', element: <FailedPage missing />, errorElement: <FailedPage /> },
]);
