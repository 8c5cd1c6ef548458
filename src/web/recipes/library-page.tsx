import { useMemo, useState } from 'react';
import { Link } from 'react-router';
import type { RecipeSummary } from '../../contract/recipe.ts';
import { fold } from '../../core/food/food-words.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { OfflineError } from '../data/api.ts';
import { useRecipes } from '../data/queries.ts';
import { useHousehold } from '../shell/household-context.ts';

/** The household's recipes, each with what a serving counts for everyone. */
export function LibraryPage() {
  const { household } = useHousehold();
  const { data, error, mutate } = useRecipes(household.id);
  const [search, setSearch] = useState('');
  const shown = useMemo(() => {
    const words = fold(search).split(/\s+/).filter(Boolean);
    return data?.filter((r) => words.every((w) => fold(`${r.title} ${r.author ?? ''}`).includes(w)));
  }, [data, search]);
  return (
    <main className="mx-auto max-w-6xl px-4 py-5 md:px-8">
      <div className="flex flex-wrap items-end justify-between gap-3">
        <div>
          <h1 className="text-3xl">Recipes</h1>
          <p className="text-soft">{household.name}</p>
        </div>
        <div className="flex flex-wrap gap-2">
          <Link to={`/h/${household.id}/recipes/feasts`} className="btn">
            Feasts
          </Link>
          <Link to={`/h/${household.id}/bring-in`} className="btn btn-main">
            Bring in a recipe
          </Link>
        </div>
      </div>
      {household.demo && (
        <p className="note mt-4">
          This is the demo household; everything in it is invented. Start your own, or remove the demo, under{' '}
          <Link className="underline" to={`/h/${household.id}/household`}>
            Household
          </Link>
          .
        </p>
      )}
      {error && !data && (
        <div className="note mt-6" role="alert">
          <p>{error instanceof OfflineError ? 'Imbiss cannot be reached. Check that it is running.' : error.message}</p>
          <button type="button" className="btn btn-small mt-2" onClick={() => mutate()}>
            Try again
          </button>
        </div>
      )}
      {!data && !error && (
        <p className="mt-8 text-soft" role="status">
          Counting…
        </p>
      )}
      {data?.length === 0 && (
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
      {data && data.length > 0 && (
        <>
          {data.length > 6 && (
            <div className="mt-5 max-w-sm">
              <label className="sr-only" htmlFor="search">
                Search the recipes
              </label>
              <input
                id="search"
                type="search"
                className="field"
                placeholder="Search the recipes"
                value={search}
                onChange={(e) => setSearch(e.target.value)}
              />
            </div>
          )}
          <ul className="mt-4 border-rule border-t">
            {shown?.map((r) => (
              <RecipeRow key={r.id} recipe={r} household={household.id} />
            ))}
          </ul>
          {shown?.length === 0 && <p className="mt-6 text-soft">No recipe has these words.</p>}
        </>
      )}
    </main>
  );
}

function RecipeRow({ recipe: r, household }: { recipe: RecipeSummary; household: string }) {
  const station = r.open > 0 ? 'bring-in' : 'lighten';
  const each = r.servings === null ? 'the whole' : 'a serving';
  return (
    <li className="border-rule border-b">
      <Link
        to={`/h/${household}/recipes/${r.id}/${station}`}
        className="grid items-center gap-x-6 gap-y-1 rounded-lg px-2 py-2.5 hover:bg-sheet md:grid-cols-[1fr_auto_6.5rem]"
      >
        <span className="min-w-0">
          <span className="font-bold font-head text-lg leading-tight">{r.title}</span>
          <span className="block text-sm text-soft">
            {[
              r.servings === null ? 'no servings' : `serves ${formatAmount(r.servings)}`,
              r.versions > 1 ? r.versionName : null,
              r.author,
            ]
              .filter(Boolean)
              .join(' · ')}
            {r.open > 0 && (
              <span className="text-mustard"> · {r.open === 1 ? '1 open question' : `${r.open} open questions`}</span>
            )}
          </span>
        </span>
        <span className="flex flex-wrap gap-x-5 gap-y-1">
          {r.programs.map((p) => (
            <span key={p.mark} className="flex items-baseline gap-1.5 md:w-32">
              <span className="mark self-center">{p.mark}</span>
              {p.was !== null && p.was !== p.points && (
                <s className="text-soft">
                  <span className="sr-only">was </span>
                  {formatPoints(p.was)}
                </s>
              )}
              <strong className="min-w-7 font-head text-2xl leading-none">{formatPoints(p.points)}</strong>
            </span>
          ))}
        </span>
        <span className="text-sm text-soft md:text-right">
          {r.kcal === null ? '' : `${Math.round(r.kcal)} kcal`} <span className="md:block">{each}</span>
        </span>
      </Link>
    </li>
  );
}
