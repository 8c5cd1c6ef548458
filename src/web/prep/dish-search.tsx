import { useState } from 'react';
import type { RecipeSummary } from '../../contract/recipe.ts';
import { useRecipeSearch } from '../data/queries.ts';

interface DishSearchProps {
  readonly h: string;
  readonly label: string;
  readonly onPick: (recipe: RecipeSummary) => void;
}

/** Finds a dish by its name. */
export function DishSearch({ h, label, onPick }: DishSearchProps) {
  const [typed, setTyped] = useState('');
  const { data: found } = useRecipeSearch(h, typed, 8);
  return (
    <div>
      <label className="block max-w-md">
        <span className="label">{label}</span>
        <input className="field" value={typed} placeholder="Its name" onChange={(e) => setTyped(e.target.value)} />
      </label>
      {typed.trim() !== '' && (
        <p className="mt-2 flex flex-wrap gap-2">
          {found?.rows.map((r) => (
            <button
              key={r.id}
              type="button"
              className="chip"
              onClick={() => {
                onPick(r);
                setTyped('');
              }}
            >
              {r.title}
            </button>
          ))}
          {found?.rows.length === 0 && <span className="text-soft">No dish of that name.</span>}
        </p>
      )}
    </div>
  );
}
