import { lazy, Suspense, useCallback, useDeferredValue, useState } from 'react';
import { Link } from 'react-router';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { OfflineError } from '../data/api.ts';
import { Page } from '../kit/page.tsx';
import { RecipeRows } from './recipe-rows.tsx';
import { isNarrowed, NO_WISH } from './recipe-wish.ts';
import { useRecipeList } from './use-recipe-list.ts';

const LazyListWishes = lazy(() => import('./list-wishes.tsx'));

/** So few recipes are looked over without a search. */
const FEW = 6;

/** The household's recipes, each with what a serving counts for everyone. */
export function LibraryPage() {
  const { household, eaters: people } = useHousehold();
  const eaters = useCounting();
  const [wish, setWish] = useState(NO_WISH);
  const { rows, total, counting, hasMore, isComing, more, error, again } = useRecipeList(
    household.id,
    useDeferredValue(wish),
  );
  const onEnd = useCallback(() => {
    if (hasMore && !isComing) more();
  }, [hasMore, isComing, more]);
  const narrowed = wish.words !== '' || isNarrowed(wish);
  return (
    <Page
      heading="Recipes"
      about={household.name}
      actions={
        <>
          <Link to={`/h/${household.id}/recipes/feasts`} className="btn">
            Feasts
          </Link>
          <Link to={`/h/${household.id}/bring-in`} className="btn btn-main">
            Bring in a recipe
          </Link>
        </>
      }
    >
      {household.demo && (
        <p className="note mt-4">
          This is the demo household; everything in it is invented. Start your own, or remove the demo, under{' '}
          <Link className="underline" to={`/h/${household.id}/household`}>
            Household
          </Link>
          .
        </p>
      )}
      {error && !rows && (
        <div className="note mt-6" role="alert">
          <p>{error instanceof OfflineError ? 'Imbiss cannot be reached. Check that it is running.' : error.message}</p>
          <button type="button" className="btn btn-small mt-2" onClick={again}>
            Try again
          </button>
        </div>
      )}
      {!rows && !error && (
        <p className="mt-8 text-soft" role="status">
          Looking…
        </p>
      )}
      {total === 0 && !narrowed && (
        <div className="panel mt-8 max-w-xl p-6">
          <h2 className="text-xl">No recipes yet</h2>
          <p className="mt-1 mb-4 text-soft">
            Paste one as it is written: title, ingredients, steps. Imbiss reads, weighs and counts it.
          </p>
          <Link to={`/h/${household.id}/bring-in`} className="btn btn-main">
            Bring in the first
          </Link>
        </div>
      )}
      {(narrowed || (total ?? 0) > FEW) && (
        <Suspense fallback={<p className="mt-5 h-10" />}>
          <LazyListWishes
            wish={wish}
            eaters={eaters}
            people={people}
            onWish={(change) => setWish((had) => ({ ...had, ...change }))}
          />
        </Suspense>
      )}
      {counting > 0 && (
        <p className="mt-3 text-mustard text-sm" role="status">
          {counting === 1 ? 'One recipe is' : `${counting} recipes are`} being counted anew.
        </p>
      )}
      {rows && rows.length > 0 && <RecipeRows rows={rows} total={total} household={household.id} onEnd={onEnd} />}
      {rows?.length === 0 && narrowed && <p className="mt-6 text-soft">No recipe is like that.</p>}
      {hasMore && (
        <p className="mt-3 text-soft text-sm" role="status">
          More are coming…
        </p>
      )}
    </Page>
  );
}
