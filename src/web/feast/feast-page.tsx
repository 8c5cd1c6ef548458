import { useDeferredValue, useEffect, useMemo, useRef, useState } from 'react';
import { Link, useParams } from 'react-router';
import { countFeast } from '../../core/feast/count-feast.ts';
import { type FeastDish, portionOf } from '../../core/feast/feast.ts';
import type { Food } from '../../core/food/food.ts';
import { sayError } from '../components/say-error.ts';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { useRecipeSearch } from '../data/queries.ts';
import { kitchenOfPages } from '../kitchen/kitchen-of-pages.ts';
import { useWorkingFoods } from '../kitchen/use-working-foods.ts';
import { FeastHead } from './feast-head.tsx';
import { FeastWays } from './feast-ways.tsx';
import { Menu } from './menu.tsx';
import type { Served } from './served.ts';
import { type OpenFeast, useFeast } from './use-feast.ts';

/** A feast: who, when, which dishes, how much of each, what the plates come to, and how they come to less. */
export function FeastPage() {
  const { feast: id = '' } = useParams();
  const { household } = useHousehold();
  const open = useFeast(household.id, id);
  const { foods } = useWorkingFoods(household.id, open?.pages);
  if (!open || !foods) {
    return (
      <p className="p-10 text-soft" role="status">
        Laying the table…
      </p>
    );
  }
  return <TheFeast {...open} pantry={foods} />;
}

function TheFeast({ saved, shown, change, pages, read, pantry }: OpenFeast & { readonly pantry: readonly Food[] }) {
  const { household, eaters: people } = useHousehold();
  const [asking, setAsking] = useState('');
  const { data: recipes } = useRecipeSearch(household.id, useDeferredValue(asking), 100);
  const eaters = useCounting();
  const [adding, setAdding] = useState(false);
  const feast = shown.document;
  const kitchen = useMemo(() => kitchenOfPages(pages, pantry), [pages, pantry]);
  const served = useMemo(
    () =>
      feast.dishes.flatMap((dish): Served[] => {
        const page = pages.find((p) => p.recipe.id === dish.recipeId);
        const version = page?.versions.find((v) => v.id === dish.versionId);
        return page && version ? [{ dish, title: page.recipe.title, versions: page.versions, version }] : [];
      }),
    [feast.dishes, pages],
  );
  const count = useMemo(
    () =>
      countFeast(
        served.map((s) => ({ version: s.version, portions: eaters.map((e) => portionOf(s.dish, e.eater.id)) })),
        kitchen,
        eaters.map((e) => e.counter),
      ),
    [served, kitchen, eaters],
  );
  // What another device put on the menu, or made of it, is read when it shows up here.
  const asked = useRef(new Set<string>());
  useEffect(() => {
    for (const d of feast.dishes) {
      const known = pages.find((p) => p.recipe.id === d.recipeId)?.versions.some((v) => v.id === d.versionId);
      if (known || asked.current.has(d.versionId)) continue;
      asked.current.add(d.versionId);
      read(d.recipeId).catch(sayError);
    }
  }, [feast.dishes, pages, read]);
  const setDish = (recipeId: string, next: Partial<FeastDish>) =>
    change('Change a dish', { dishes: feast.dishes.map((d) => (d.recipeId === recipeId ? { ...d, ...next } : d)) });
  const add = async (recipeId: string) => {
    setAdding(true);
    try {
      const page = await read(recipeId);
      const versionId = recipes?.rows.find((r) => r.id === recipeId)?.versionId ?? page.versions[0]!.id;
      change(`Add ${page.recipe.title}`.slice(0, 200), {
        dishes: [...feast.dishes, { recipeId, versionId, portions: {}, mostDeparture: null }],
      });
    } catch (e) {
      sayError(e);
    }
    setAdding(false);
  };
  const others = (recipes?.rows ?? []).filter((r) => !feast.dishes.some((d) => d.recipeId === r.id));
  return (
    <main className="mx-auto max-w-6xl px-4 py-5 md:px-8">
      <Link to={`/h/${household.id}/recipes/feasts`} className="text-soft text-sm hover:text-beet">
        Feasts
      </Link>
      <FeastHead saved={saved} shown={shown} change={change} />
      {served.length === 0 && (
        <p className="mt-6 max-w-xl text-soft">
          Nothing is on the menu yet. Add a dish; each stands here with what it counts on everyone's plate.
        </p>
      )}
      {served.length > 0 && (
        <Menu
          feast={feast}
          served={served}
          count={count}
          people={people}
          eaters={eaters}
          onDish={setDish}
          onRemove={(recipeId) =>
            change('Take a dish off', { dishes: feast.dishes.filter((d) => d.recipeId !== recipeId) })
          }
          onTarget={(eaterId, points) => {
            const { [eaterId]: _, ...rest } = feast.targets;
            change('Change a target', { targets: points === null ? rest : { ...rest, [eaterId]: points } });
          }}
        />
      )}
      {(recipes?.total ?? 0) > 30 || asking !== '' ? (
        <input
          type="search"
          aria-label="Search a dish to add"
          placeholder="Search a dish to add"
          className="field mt-4 mr-2 w-64"
          value={asking}
          onChange={(e) => setAsking(e.target.value)}
        />
      ) : null}
      {others.length > 0 && (
        <label className="mt-4 inline-flex items-center gap-2">
          <span className="sr-only">Add a dish</span>
          <select
            className="field w-auto max-w-80"
            value=""
            disabled={adding || served.length >= 20}
            onChange={(e) => void add(e.target.value)}
          >
            <option value="">Add a dish…</option>
            {others.map((r) => (
              <option key={r.id} value={r.id}>
                {r.title}
              </option>
            ))}
          </select>
        </label>
      )}
      {served.length > 0 && (
        <FeastWays
          feast={feast}
          served={served}
          count={count}
          pages={pages}
          saved={saved}
          read={read}
          pantry={pantry}
        />
      )}
    </main>
  );
}
