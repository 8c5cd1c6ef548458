import { zodResolver } from '@hookform/resolvers/zod';
import { useDeferredValue, useState } from 'react';
import { useForm } from 'react-hook-form';
import type { z } from 'zod';
import { EaterSchema } from '../../contract/household.ts';
import type { Eater } from '../../core/table/table.ts';
import { AllergenBoxes } from '../components/allergen-boxes.tsx';
import { Modal } from '../components/modal.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useFoods } from '../data/queries.ts';
import { useFoodSearch } from '../data/use-food-search.ts';

interface EaterDialogProps {
  readonly eater: Eater;
  readonly onSave: (eater: Eater) => void;
  readonly onClose: () => void;
}

/** An eater: name, program, own exceptions from its list, allergies, things avoided. */
export function EaterDialog({ eater, onSave, onClose }: EaterDialogProps) {
  const { programs, household } = useHousehold();
  const form = useForm<z.input<typeof EaterSchema>>({
    resolver: zodResolver(EaterSchema),
    defaultValues: eater as z.input<typeof EaterSchema>,
  });
  const [search, setSearch] = useState('');
  const [avoid, setAvoid] = useState('');
  const found = (useFoodSearch(household.id, useDeferredValue(search), []) ?? []).slice(0, 5);
  const exceptions = form.watch('exceptions');
  const allergies = form.watch('allergies');
  const avoids = form.watch('avoids');
  const { data: named } = useFoods(
    household.id,
    exceptions.map((x) => x.foodId),
  );
  const nameOf = (id: string): string => named?.find((f) => f.id === id)?.name ?? id;
  const addAvoid = () => {
    const t = avoid.trim();
    if (t !== '' && !avoids.includes(t)) form.setValue('avoids', [...avoids, t]);
    setAvoid('');
  };
  const { errors } = form.formState;
  return (
    <Modal title={eater.name === '' ? 'Another eater' : eater.name} onClose={onClose}>
      <form onSubmit={form.handleSubmit(onSave)} noValidate>
        <div className="grid gap-3 sm:grid-cols-2">
          <div>
            <label className="label" htmlFor="eater-name">
              Name
            </label>
            <input
              id="eater-name"
              className="field"
              {...form.register('name')}
              aria-invalid={!!errors.name}
              aria-describedby="eater-name-wrong"
            />
            <p id="eater-name-wrong" role="alert" className="text-beet text-sm">
              {errors.name && `The name ${errors.name.message}.`}
            </p>
          </div>
          <div>
            <label className="label" htmlFor="eater-program">
              Program
            </label>
            <select
              id="eater-program"
              className="field"
              {...form.register('programId', { setValueAs: (v: string) => v || null })}
            >
              {programs.map((p) => (
                <option key={p.id} value={p.id}>
                  {p.mark} · {p.name}
                </option>
              ))}
              <option value="">does not count</option>
            </select>
          </div>
        </div>
        <fieldset className="mt-4">
          <legend className="label">Own exceptions from the list</legend>
          <ul className="space-y-1">
            {exceptions.map((x) => (
              <li key={x.foodId} className="flex items-center gap-2">
                <span className="flex-1">{nameOf(x.foodId)}</span>
                <select
                  aria-label={`How ${nameOf(x.foodId)} counts`}
                  className="field w-auto"
                  value={x.uncounted ? 'uncounted' : 'counts'}
                  onChange={(e) =>
                    form.setValue(
                      'exceptions',
                      exceptions.map((y) =>
                        y.foodId === x.foodId ? { ...y, uncounted: e.target.value === 'uncounted' } : y,
                      ),
                    )
                  }
                >
                  <option value="uncounted">uncounted</option>
                  <option value="counts">counts</option>
                </select>
                <button
                  type="button"
                  className="btn btn-plain btn-small"
                  onClick={() =>
                    form.setValue(
                      'exceptions',
                      exceptions.filter((y) => y.foodId !== x.foodId),
                    )
                  }
                  aria-label={`Remove the exception ${nameOf(x.foodId)}`}
                >
                  Remove
                </button>
              </li>
            ))}
          </ul>
          <input
            type="search"
            className="field mt-1"
            aria-label="Add a food as an exception"
            placeholder="Add a food, such as egg"
            value={search}
            onChange={(e) => setSearch(e.target.value)}
          />
          <ul className="mt-1 flex flex-wrap gap-1.5">
            {found.map((f) => (
              <li key={f.id}>
                <button
                  type="button"
                  className="chip"
                  onClick={() => {
                    if (!exceptions.some((x) => x.foodId === f.id))
                      form.setValue('exceptions', [...exceptions, { foodId: f.id, uncounted: true }]);
                    setSearch('');
                  }}
                >
                  {f.name}
                </button>
              </li>
            ))}
          </ul>
        </fieldset>
        <AllergenBoxes legend="Allergic to" chosen={allergies} onChange={(a) => form.setValue('allergies', a)} />
        <p className="text-sm text-soft">
          Imbiss warns by the pantry's allergens. The package in your hand has the last word.
        </p>
        <fieldset className="mt-4">
          <legend className="label">Avoids</legend>
          <ul className="mb-1 flex flex-wrap gap-1.5">
            {avoids.map((a) => (
              <li key={a}>
                <button
                  type="button"
                  className="chip"
                  onClick={() =>
                    form.setValue(
                      'avoids',
                      avoids.filter((x) => x !== a),
                    )
                  }
                  aria-label={`Remove ${a}`}
                >
                  {a} ×
                </button>
              </li>
            ))}
          </ul>
          <div className="flex gap-2">
            <input
              className="field"
              aria-label="Something avoided"
              placeholder="coriander leaf"
              value={avoid}
              maxLength={80}
              onChange={(e) => setAvoid(e.target.value)}
              onKeyDown={(e) => {
                if (e.key !== 'Enter') return;
                e.preventDefault();
                addAvoid();
              }}
            />
            <button type="button" className="btn" onClick={addAvoid}>
              Add
            </button>
          </div>
        </fieldset>
        <div className="mt-5 flex gap-2">
          <button type="submit" className="btn btn-main">
            Save
          </button>
          <button type="button" className="btn" onClick={onClose}>
            Cancel
          </button>
        </div>
      </form>
    </Modal>
  );
}
