import { type ReactNode, useDeferredValue, useState } from 'react';
import { useHousehold } from '../context/household-context.ts';
import { useRecipeSearch } from '../data/queries.ts';

type FoundDish = NonNullable<ReturnType<typeof useRecipeSearch>['data']>['rows'][number];

interface FindDishProps {
  readonly label: string;
  /** So many are offered at once. */
  readonly most?: number;
  /** Dishes that are chosen already, and not offered. */
  readonly without?: readonly string[];
  /** A dish in the list, as what is pressed. */
  readonly children: (dish: FoundDish) => ReactNode;
}

/** Finds dishes of the household by some of their words. */
export function FindDish({ label, most = 30, without = [], children }: FindDishProps) {
  const { household } = useHousehold();
  const [asking, setAsking] = useState('');
  const { data } = useRecipeSearch(household.id, useDeferredValue(asking), most);
  const dishes = (data?.rows ?? []).filter((r) => !without.includes(r.id));
  return (
    <>
      <label className="block">
        <span className="label">{label}</span>
        <input
          type="search"
          className="field"
          placeholder="its title, or what is in it"
          value={asking}
          onChange={(e) => setAsking(e.target.value)}
        />
      </label>
      <ul aria-label="Dishes" className="mt-2 max-h-[min(40dvh,24rem)] overflow-auto border-rule border-t">
        {dishes.map((dish) => (
          <li key={dish.id} className="border-rule border-b">
            {children(dish)}
          </li>
        ))}
        {data !== undefined && dishes.length === 0 && <li className="py-2 text-soft">No dish has these words.</li>}
      </ul>
    </>
  );
}
