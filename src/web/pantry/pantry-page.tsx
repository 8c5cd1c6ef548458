import { useDeferredValue, useMemo, useState } from 'react';
import { useNavigate, useSearchParams } from 'react-router';
import type { Food } from '../../core/food/food.ts';
import { sayIn } from '../../core/region/say-in.ts';
import { LabelForm } from '../components/label-form.tsx';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { useFoodSearch } from '../data/use-food-search.ts';
import { Modal } from '../kit/modal.tsx';
import { BarcodeField } from './barcode-field.tsx';
import { FoodTable } from './food-table.tsx';
import { PantryHead } from './pantry-head.tsx';

const NONE_YET: readonly Food[] = [];

/** Every food the household counts with: by group, or by any of its names. */
export function PantryPage() {
  const { household } = useHousehold();
  const { data: pantry, error, mutate } = usePantry(household.id);
  const [params, setParams] = useSearchParams();
  const [search, setSearch] = useState(params.get('q') ?? '');
  const [adding, setAdding] = useState(false);
  const navigate = useNavigate();
  const eaters = useCounting();
  const asked = useDeferredValue(search.trim());
  const found = useFoodSearch(household.id, asked, pantry ?? NONE_YET);
  const groups = useMemo(() => [...new Set((pantry ?? []).map((f) => f.group))], [pantry]);
  const group = params.get('group') ?? groups[0] ?? '';
  const shown = useMemo(() => {
    if (found !== null) return found;
    return (pantry ?? []).filter((f) => f.group === group).sort((a, b) => a.name.localeCompare(b.name));
  }, [pantry, found, group]);
  return (
    <main className="page">
      <PantryHead title="Pantry" about={pantry ? `${pantry.length} foods` : 'Opening the cupboards…'}>
        <button type="button" className="btn btn-main" onClick={() => setAdding(true)}>
          Add a food from its label
        </button>
      </PantryHead>
      {error && !pantry && (
        <div className="note mt-4" role="alert">
          <p>{error.message}</p>
          <button type="button" className="btn btn-small mt-2" onClick={() => mutate()}>
            Try again
          </button>
        </div>
      )}
      <div className="mt-4 flex flex-wrap items-start gap-x-8 gap-y-2">
        <div className="w-full max-w-md">
          <label className="label" htmlFor="pantry-search">
            Search the pantry
          </label>
          <input
            id="pantry-search"
            type="search"
            className="field"
            placeholder={sayIn(household.region, 'Any name: scallion, oleo, minced beef')}
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
        </div>
        <BarcodeField onFood={(id) => navigate(`/h/${household.id}/pantry/${id}`)} />
      </div>
      {asked === '' && (
        <nav aria-label="Groups" className="mt-3 flex flex-wrap gap-1.5">
          {groups.map((g) => (
            <button
              key={g}
              type="button"
              className="chip aria-[current=true]:border-ink aria-[current=true]:bg-ink aria-[current=true]:text-paper"
              aria-current={g === group}
              onClick={() => setParams({ group: g }, { replace: true })}
            >
              {g}
            </button>
          ))}
        </nav>
      )}
      {pantry && (
        <FoodTable foods={shown} eaters={eaters} household={household.id} nothing={`Nothing is called "${asked}".`} />
      )}
      {adding && (
        <Modal title="A food from its label" onClose={() => setAdding(false)}>
          <LabelForm
            name={asked}
            onDone={(food) => navigate(`/h/${household.id}/pantry/${food.id}`)}
            onCancel={() => setAdding(false)}
          />
        </Modal>
      )}
    </main>
  );
}
