import { useDeferredValue, useState } from 'react';
import { useHousehold } from '../context/household-context.ts';
import { useRecipeSearch } from '../data/queries.ts';
import { Modal } from '../kit/modal.tsx';

interface AddToSheetProps {
  readonly onAdd: (recipeId: string, title: string) => void;
  readonly onClose: () => void;
}

/** Chooses a dish for a sheet, by some of its words. */
export function AddToSheet({ onAdd, onClose }: AddToSheetProps) {
  const { household } = useHousehold();
  const [asking, setAsking] = useState('');
  const { data } = useRecipeSearch(household.id, useDeferredValue(asking), 30);
  const rows = data?.rows ?? [];
  return (
    <Modal title="Add a dish" onClose={onClose}>
      <label>
        <span className="label">A dish of yours</span>
        <input
          type="search"
          className="field"
          placeholder="its title, or what is in it"
          value={asking}
          onChange={(e) => setAsking(e.target.value)}
        />
      </label>
      <ul aria-label="Dishes" className="mt-2 max-h-[50dvh] overflow-auto border-rule border-t">
        {rows.map((r) => (
          <li key={r.id} className="border-rule border-b">
            <button
              type="button"
              className="min-h-touch w-full px-1 py-1.5 text-left hover:bg-beet-wash"
              onClick={() => onAdd(r.id, r.title)}
            >
              {r.title}
            </button>
          </li>
        ))}
      </ul>
      {data && rows.length === 0 && <p className="mt-2 text-soft">No dish of yours has these words.</p>}
    </Modal>
  );
}
