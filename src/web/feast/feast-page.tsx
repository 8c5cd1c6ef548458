import { Link, useParams } from 'react-router';
import type { Food } from '../../core/food/food.ts';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { useWorkingFoods } from '../kitchen/use-working-foods.ts';
import { AddDish } from './add-dish.tsx';
import { FeastHead } from './feast-head.tsx';
import { FeastMenu } from './feast-menu.tsx';
import { FeastWays } from './feast-ways.tsx';
import { type OpenFeast, useFeast } from './use-feast.ts';
import { useMenu } from './use-menu.ts';

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
  const eaters = useCounting();
  const feast = shown.document;
  const menu = useMenu({ shown, change, pages, read }, pantry, eaters);
  const { served, count } = menu;
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
        <FeastMenu
          feast={feast}
          served={served}
          count={count}
          people={people}
          eaters={eaters}
          onDish={menu.change}
          onRemove={menu.takeOff}
          onTarget={menu.setTarget}
        />
      )}
      <AddDish onMenu={feast.dishes.map((d) => d.recipeId)} full={served.length >= 20} onAdd={menu.add} />
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
