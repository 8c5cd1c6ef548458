import { useDeferredValue, useState } from 'react';
import { useHousehold } from '../context/household-context.ts';
import { useRecipeSearch } from '../data/queries.ts';

interface AddDishProps {
  /** The recipes that are on the menu already. */
  readonly onMenu: readonly string[];
  readonly full: boolean;
  readonly onAdd: (recipeId: string, versionId: string | null) => Promise<void>;
}

/** Chooses a recipe for the menu; of many, by some of its words. */
export function AddDish({ onMenu, full, onAdd }: AddDishProps) {
  const { household } = useHousehold();
  const [asking, setAsking] = useState('');
  const { data: recipes } = useRecipeSearch(household.id, useDeferredValue(asking), 100);
  const [adding, setAdding] = useState(false);
  const add = async (recipeId: string) => {
    setAdding(true);
    await onAdd(recipeId, recipes?.rows.find((r) => r.id === recipeId)?.versionId ?? null);
    setAdding(false);
  };
  const others = (recipes?.rows ?? []).filter((r) => !onMenu.includes(r.id));
  return (
    <>
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
            disabled={adding || full}
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
    </>
  );
}
