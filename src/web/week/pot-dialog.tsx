import { useState } from 'react';
import { mealOf } from '../../core/table/meal.ts';
import { useHousehold } from '../context/household-context.ts';
import { useRecipeSearch } from '../data/queries.ts';
import { Check } from '../kit/check.tsx';
import { Modal } from '../kit/modal.tsx';
import { NumberField } from '../kit/number-field.tsx';
import { Picker } from '../kit/picker.tsx';
import { sayError } from '../kit/say-error.ts';
import type { NewThing, OpenWeek } from './use-week.ts';

interface PotDialogProps {
  readonly week: OpenWeek;
  readonly day: string;
  readonly onClose: () => void;
}

interface ChosenDish {
  /** The ids of those who must not or will not eat of it. */
  readonly notFor: readonly string[];
  readonly recipeId: string;
  readonly versionId: string;
  readonly title: string;
}

/** Plans a dish that is cooked on a day for some servings, and puts the first of them on plates. */
export function PotDialog({ week, day: first, onClose }: PotDialogProps) {
  const { household, eaters } = useHousehold();
  const [typed, setTyped] = useState('');
  const [dish, setDish] = useState<ChosenDish | null>(null);
  const [day, setDay] = useState(first);
  const [meal, setMeal] = useState(mealOf(household.meals, 'meal-supper').id);
  const [servings, setServings] = useState<number | null>(eaters.length || 4);
  const [plates, setPlates] = useState<ReadonlySet<string>>(new Set(eaters.map((e) => e.id)));
  const { data: found } = useRecipeSearch(household.id, typed, 10);
  const isRight = dish !== null && servings !== null && servings > 0 && servings <= 500;
  const plan = async () => {
    if (!isRight) return;
    try {
      const id = await week.makePot({ recipeId: dish.recipeId, versionId: dish.versionId, day, meal, servings });
      const things = eaters
        .filter((e) => plates.has(e.id))
        .map(
          (e): NewThing => ({
            eaterId: e.id,
            day,
            meal,
            what: { kind: 'pot', recipeId: dish.recipeId, potId: id },
            words: dish.title,
            portion: 1,
            spread: 0,
            state: 'planned',
          }),
        );
      await week.add(things);
      onClose();
    } catch (e) {
      sayError(e);
    }
  };
  return (
    <Modal title="Plan a pot" onClose={onClose}>
      <label className="block">
        <span className="label">Which dish?</span>
        <input
          className="field"
          value={dish?.title ?? typed}
          onChange={(e) => {
            setDish(null);
            setTyped(e.target.value);
          }}
        />
      </label>
      {dish === null && (
        <p className="mt-2 flex max-h-48 flex-wrap gap-2 overflow-auto">
          {found?.rows.map((r) => (
            <button
              key={r.id}
              type="button"
              className="chip"
              onClick={() => {
                setDish({ recipeId: r.id, versionId: r.versionId, title: r.title, notFor: r.notFor });
                setPlates(new Set([...plates].filter((id) => !r.notFor.includes(id))));
              }}
            >
              {r.title}
            </button>
          ))}
          {found?.rows.length === 0 && <span className="text-soft">No dish of that name.</span>}
        </p>
      )}
      <div className="mt-4 flex flex-wrap gap-3">
        <label className="block">
          <span className="label">On</span>
          <input type="date" className="field" value={day} onChange={(e) => e.target.value && setDay(e.target.value)} />
        </label>
        <Picker
          label="For"
          className="w-40"
          value={meal}
          choices={household.meals.map((m) => ({ value: m.id, words: m.name }))}
          onPick={setMeal}
        />
        <NumberField label="Servings" className="w-28" value={servings} onValue={setServings} />
      </div>
      <fieldset className="mt-4">
        <legend className="label">A portion each that day, for</legend>
        <div className="flex flex-wrap gap-x-5">
          {eaters.map((e) => (
            <Check
              key={e.id}
              checked={plates.has(e.id)}
              onCheck={(on) => setPlates(new Set(on ? [...plates, e.id] : [...plates].filter((id) => id !== e.id)))}
            >
              {e.name}
              {dish?.notFor.includes(e.id) && (
                <span className="text-mustard">, who must not or will not eat of it</span>
              )}
            </Check>
          ))}
        </div>
      </fieldset>
      <button type="button" className="btn btn-main mt-4" disabled={!isRight} onClick={() => void plan()}>
        Plan it
      </button>
    </Modal>
  );
}
