import { useState } from 'react';
import type { FeastCount } from '../../core/feast/count-feast.ts';
import type { Feast, FeastDish } from '../../core/feast/feast.ts';
import type { Eater } from '../../core/table/table.ts';
import type { CountingEater } from '../context/household-context.ts';
import { DishRow } from './dish-row.tsx';
import { PlateFeet } from './plate-feet.tsx';
import { PlateWhy } from './plate-why.tsx';
import type { Served } from './served.ts';

interface FeastMenuProps {
  readonly feast: Feast;
  readonly served: readonly Served[];
  readonly count: FeastCount;
  readonly people: readonly Eater[];
  readonly eaters: readonly CountingEater[];
  readonly onDish: (recipeId: string, change: Partial<FeastDish>) => void;
  readonly onRemove: (recipeId: string) => void;
  readonly onTarget: (eaterId: string, points: number | null) => void;
}

/** The dishes of a feast: how much of each is on everyone's plate, what it counts there, how far it may move. */
export function FeastMenu({ feast, served, count, people, eaters, onDish, onRemove, onTarget }: FeastMenuProps) {
  const [why, setWhy] = useState<number | null>(null);
  const others = people.filter((p) => !eaters.some((e) => e.eater.id === p.id));
  return (
    <>
      <table className="mt-5 block w-full text-left lg:table">
        <caption className="sr-only">The dishes, with the portions and the points on everyone's plate</caption>
        <thead className="hidden lg:table-header-group">
          <tr className="border-ink border-b text-sm text-soft">
            <th scope="col" className="py-1.5 pr-3 font-normal">
              Dish
            </th>
            {eaters.map((e) => (
              <th key={e.eater.id} scope="col" className="px-2 font-normal">
                {e.eater.name} <span className="mark">{e.program.mark}</span>
              </th>
            ))}
            {others.map((p) => (
              <th key={p.id} scope="col" className="px-2 font-normal">
                {p.name}
              </th>
            ))}
            <th scope="col" className="px-2 font-normal">
              It may move
            </th>
            <td />
          </tr>
        </thead>
        <tbody className="block lg:table-row-group">
          {served.map((s, d) => (
            <DishRow
              key={s.dish.recipeId}
              feast={feast}
              served={s}
              onPlates={count.plates.map((plate) => plate.dishes[d] ?? null)}
              eaters={eaters}
              others={others}
              onDish={(change) => onDish(s.dish.recipeId, change)}
              onRemove={() => onRemove(s.dish.recipeId)}
            />
          ))}
        </tbody>
        <PlateFeet plates={count.plates} eaters={eaters} targets={feast.targets} onTarget={onTarget} onWhy={setWhy} />
      </table>
      {why !== null && (
        <PlateWhy
          eater={eaters[why]!}
          plate={count.plates[why]!}
          titles={served.map((s) => s.title)}
          onClose={() => setWhy(null)}
        />
      )}
    </>
  );
}
