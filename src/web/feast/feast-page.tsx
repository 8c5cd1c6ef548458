import { useState } from 'react';
import { Link, useLocation, useParams } from 'react-router';
import { feastText } from '../../core/card/feast-text.ts';
import { foodsInVersion } from '../../core/counting/foods-of.ts';
import { blankFeast } from '../../core/feast/blank-feast.ts';
import { portionOf } from '../../core/feast/feast.ts';
import type { Food } from '../../core/food/food.ts';
import { avoidedBy } from '../../core/swap/avoided.ts';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { useWorkingFoods } from '../kitchen/use-working-foods.ts';
import { AddDish } from './add-dish.tsx';
import { isBegins } from './begins.ts';
import { DishRow } from './dish-row.tsx';
import { FeastHead } from './feast-head.tsx';
import { FeastWays } from './feast-ways.tsx';
import { Plates } from './plates.tsx';
import { type OpenFeast, useFeast } from './use-feast.ts';
import { useMenu } from './use-menu.ts';

/** A feast: who, when, everyone's plate, which dishes and how much of each, and how they come to less. */
export function FeastPage() {
  const { feast: id = '' } = useParams();
  const { household, eaters } = useHousehold();
  const blank = isBegins(useLocation().state) ? blankFeast(id, eaters.length) : null;
  const open = useFeast(household.id, id, blank);
  const { foods } = useWorkingFoods(household.id, open?.pages);
  if (!open || !foods) {
    return (
      <p className="p-10 text-soft" role="status">
        Laying the table…
      </p>
    );
  }
  return <TheFeast {...open} pantry={[...open.foods, ...foods]} />;
}

/** So many places a menu has. */
const MOST_PLACES = 20;

function TheFeast({ saved, shown, change, pages, read, pantry }: OpenFeast & { readonly pantry: readonly Food[] }) {
  const { household, eaters: people } = useHousehold();
  const eaters = useCounting();
  const feast = shown.document;
  const menu = useMenu({ shown, change, pages, read }, pantry, eaters);
  const { served, count } = menu;
  const others = people.filter((p) => !eaters.some((e) => e.eater.id === p.id));
  /** Where something is added: `null` is closed, '' one more, else in the place of that dish. */
  const [adding, setAdding] = useState<string | null>(null);
  const notFor = (at: number): string[] => {
    const place = served[at]!;
    const foods = foodsInVersion(place.version, menu.kitchen);
    return [...people.filter((p) => portionOf(place, p.id) > 0), ...feast.guests].flatMap((p) =>
      avoidedBy(p, foods).map((why) => `Not for ${p.name}: ${why}.`),
    );
  };
  const text = feastText({
    name: feast.name,
    day: feast.day,
    people: feast.people,
    dishes: served.map((s, d) => ({
      title: s.title,
      version: s.dish === null || s.version.kind === 'asWritten' ? null : s.version.name,
      points: count.plates.map((p) => p.dishes[d]?.points ?? null),
    })),
    plates: count.plates,
    programs: eaters.map((e) => e.program),
  });
  return (
    <main className="page">
      <Link to={`/h/${household.id}/recipes/feasts`} className="no-print text-soft text-sm hover:text-beet">
        Feasts
      </Link>
      <FeastHead saved={saved} shown={shown} change={change} text={text} />
      {served.length === 0 ? (
        <p className="mt-6 max-w-xl text-soft">
          Nothing is on the menu yet. Add a dish; each stands here with what it counts on everyone's plate. Until then
          nothing is kept.
        </p>
      ) : (
        <>
          <Plates
            plates={count.plates}
            titles={served.map((s) => s.title)}
            eaters={eaters}
            targets={feast.targets}
            onTarget={menu.setTarget}
          />
          <ul aria-label="The menu" className="mt-1">
            {served.map((s, d) => (
              <DishRow
                key={s.id}
                feast={feast}
                served={s}
                number={d + 1}
                onPlates={count.plates.map((plate) => plate.dishes[d] ?? null)}
                eaters={eaters}
                others={others}
                notFor={notFor(d)}
                onChange={(next) => menu.change(s.id, next)}
                onInstead={() => setAdding(s.id)}
                onRemove={() => menu.takeOff(s.id)}
              />
            ))}
          </ul>
        </>
      )}
      <button
        type="button"
        className="btn no-print mt-4"
        disabled={served.length >= MOST_PLACES}
        onClick={() => setAdding('')}
      >
        Add to the menu
      </button>
      {adding !== null && (
        <AddDish
          instead={served.find((s) => s.id === adding)?.title ?? null}
          onMenu={feast.dishes.map((d) => d.recipeId)}
          onClose={() => setAdding(null)}
          onAdd={(recipeId) => {
            setAdding(null);
            void menu.add(recipeId, adding || null);
          }}
          onBought={(food) => {
            setAdding(null);
            menu.addBought(food, adding || null);
          }}
        />
      )}
      {feast.dishes.length > 0 && (
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
