import { createBrowserRouter } from 'react-router';
import { LibraryPage } from './recipes/library-page.tsx';
import { FailedPage } from './shell/failed-page.tsx';
import { HouseholdLayout } from './shell/household-layout.tsx';
import { StartPage } from './shell/start-page.tsx';

/** The first screen comes with the application; the others load when they are opened. */
export const router = createBrowserRouter([
  { path: '/', element: <StartPage />, errorElement: <FailedPage /> },
  {
    path: '/h/:household',
    element: <HouseholdLayout />,
    errorElement: <FailedPage />,
    children: [
      {
        errorElement: <FailedPage />,
        children: [
          { path: 'recipes', element: <LibraryPage /> },
          {
            path: 'recipes/feasts',
            lazy: async () => ({ Component: (await import('./feast/feasts-page.tsx')).FeastsPage }),
          },
          {
            path: 'recipes/feasts/:feast',
            lazy: async () => ({ Component: (await import('./feast/feast-page.tsx')).FeastPage }),
          },
          {
            path: 'bring-in',
            lazy: async () => ({ Component: (await import('./bring-in/paste-page.tsx')).PastePage }),
          },
          {
            path: 'pantry',
            lazy: async () => ({ Component: (await import('./pantry/pantry-page.tsx')).PantryPage }),
          },
          {
            path: 'pantry/stock',
            lazy: async () => ({ Component: (await import('./pantry/stock/stock-page.tsx')).StockPage }),
          },
          {
            path: 'pantry/plate',
            lazy: async () => ({ Component: (await import('./pantry/plate-page.tsx')).PlatePage }),
          },
          {
            path: 'pantry/compare',
            lazy: async () => ({ Component: (await import('./pantry/compare-page.tsx')).ComparePage }),
          },
          {
            path: 'pantry/swaps',
            lazy: async () => ({ Component: (await import('./swaps/swaps-page.tsx')).SwapsPage }),
          },
          {
            path: 'pantry/files',
            lazy: async () => ({ Component: (await import('./pantry/files/files-page.tsx')).FilesPage }),
          },
          {
            path: 'pantry/:food',
            lazy: async () => ({ Component: (await import('./pantry/food-page.tsx')).FoodPage }),
          },
          {
            path: 'household',
            lazy: async () => ({ Component: (await import('./household/household-page.tsx')).HouseholdPage }),
          },
          {
            path: 'recipes/:recipe',
            lazy: async () => ({ Component: (await import('./shell/recipe-layout.tsx')).RecipeLayout }),
            children: [
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
