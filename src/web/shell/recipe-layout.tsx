import { useMemo } from 'react';
import { Link, NavLink, Outlet, useLocation, useParams } from 'react-router';
import { lastNote } from '../../core/cook/learned-weight.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { isOpen } from '../../core/version/version.ts';
import { useHousehold } from '../context/household-context.ts';
import { type OpenRecipe, RecipeContext } from '../context/recipe-context.ts';
import { newestLearntFood } from '../data/learnt-foods.ts';
import { useRecipe } from '../data/queries.ts';
import { PageTitle } from '../kit/page-title.tsx';
import { kitchenOfPages } from '../kitchen/kitchen-of-pages.ts';
import { useWorkingFoods } from '../kitchen/use-working-foods.ts';

const STATIONS = [
  { to: 'bring-in', name: 'Bring in' },
  { to: 'lighten', name: 'Lighten' },
  { to: 'cook', name: 'Cook' },
  { to: 'dish-up', name: 'Dish up' },
  { to: 'pass-on', name: 'Pass on' },
] as const;

/** A recipe with its stations on a descending stair. */
export function RecipeLayout() {
  const { recipe: id = '' } = useParams();
  const { household } = useHousehold();
  const { data: page, error } = useRecipe(household.id, id);
  const pages = useMemo(() => (page === undefined ? undefined : [page]), [page]);
  const { foods, error: foodsError } = useWorkingFoods(household.id, pages);
  const location = useLocation();
  const open = useMemo((): OpenRecipe | null => {
    if (!page || !foods || page.recipe.id !== id) return null;
    const newest = new Map(foods.map((f) => [f.id, f]));
    return {
      page,
      title: page.recipe.title,
      foods,
      food: (foodId) => newest.get(foodId) ?? newestLearntFood(foodId),
      kitchen: kitchenOfPages([page], foods),
      asWritten: page.versions.find((v) => v.kind === 'asWritten')!,
    };
  }, [page, foods, id]);
  if (error && !page) throw error;
  if (foodsError && !foods) throw foodsError;
  if (!open) {
    return (
      <p className="p-10 text-soft" role="status">
        Opening the recipe…
      </p>
    );
  }
  const { recipe } = open.page;
  // Led step by step: nothing else is on the page.
  const atStove = /\/cook\/[^/]+$/.test(location.pathname);
  const note = lastNote(open.page.cooked);
  const questions = open.asWritten.lines.filter(isOpen).length;
  const current = STATIONS.findIndex((s) => `${location.pathname}/`.includes(`/${id}/${s.to}/`));
  return (
    <RecipeContext value={open}>
      <div
        className={`print:block! print:min-h-0 ${atStove ? '' : 'desk:grid desk:min-h-dvh desk:grid-cols-[minmax(0,76rem)_minmax(19.5rem,1fr)] desk:grid-rows-[auto_1fr]'}`}
      >
        <section
          aria-label="The recipe"
          className={`px-edge pt-5 ${location.pathname.endsWith('/pass-on') ? 'no-print' : ''} ${atStove ? 'hidden' : ''}`}
        >
          <div className="flex flex-wrap items-baseline gap-x-4">
            <PageTitle
              of={[
                recipe.title,
                location.pathname.endsWith('/compare')
                  ? 'Side by side'
                  : location.pathname.endsWith('/labels')
                    ? 'Labels'
                    : STATIONS[current]?.name,
              ]}
            />
            <h1 className="text-2xl leading-tight sm:text-3xl" dir="auto">
              <Link
                to={`/h/${household.id}/recipes/${id}`}
                className="press hover:text-beet"
                title={current < 0 ? undefined : 'Read it'}
              >
                {recipe.title}
              </Link>
            </h1>
            <p className="text-soft">
              {[
                recipe.credit.author,
                open.asWritten.servings === null
                  ? 'no servings yet'
                  : `serves ${formatAmount(open.asWritten.servings)}`,
              ]
                .filter(Boolean)
                .join(' · ')}
            </p>
          </div>
          {note !== null && (
            <p className="no-print mt-1 text-mustard">
              Last time, {formatDay(note.day)}: {note.note}
            </p>
          )}
          {open.page.learnt !== null && (
            <p className="no-print mt-1 text-soft">In the fridge, by your own boxes: {open.page.learnt}</p>
          )}
          <nav aria-label="Stations" className="no-print mt-3 grid grid-cols-5">
            {STATIONS.map((s, i) => (
              <NavLink
                key={s.to}
                to={`/h/${household.id}/recipes/${id}/${s.to}`}
                style={{ marginTop: `${i * 0.35}rem` }}
                className={`self-start border-b-4 pb-1 hover:text-beet aria-[current=page]:border-beet aria-[current=page]:font-bold aria-[current=page]:text-beet ${i < current ? 'border-ink' : 'border-rule text-soft'}`}
              >
                {s.name}
                {s.to === 'bring-in' && questions > 0 && <span className="text-mustard"> · {questions} open</span>}
              </NavLink>
            ))}
          </nav>
        </section>
        <Outlet />
      </div>
    </RecipeContext>
  );
}
