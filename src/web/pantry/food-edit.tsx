import { useState } from 'react';
import { useNavigate } from 'react-router';
import { v7 as uuid } from 'uuid';
import { API } from '../../contract/api.ts';
import { FoodSchema } from '../../contract/food.ts';
import { editFood, editOf, ownCopy } from '../../core/food/edit-food.ts';
import { valuesChanged } from '../../core/food/file/plan-import.ts';
import type { Allergen, Food } from '../../core/food/food.ts';
import { NUTRIENT_WORDS, type Nutrient } from '../../core/food/nutrients.ts';
import { AllergenBoxes } from '../components/allergen-boxes.tsx';
import { PRINTED } from '../components/label-fields.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { useAnswer } from '../data/use-answer.ts';
import { Modal } from '../kit/modal.tsx';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';

/** What a label prints, and what one leaves out. */
const VALUES: readonly Nutrient[] = [...PRINTED, 'alcohol'];

/** Changes an own food, with its earlier states to go back to; a shipped one is copied first. */
export function FoodEdit({ food, own }: { food: Food; own: boolean }) {
  const { household } = useHousehold();
  const [editing, setEditing] = useState(false);
  const navigate = useNavigate();
  const history = useAnswer(API.foodRevisions, own ? { h: household.id, id: food.id } : null);
  const put = async (after: Food, words: string, undoTo: Food | null) => {
    try {
      await ask(API.putFood, { h: household.id, id: after.id, body: after });
      await Promise.all([refresh.pantry(household.id), history.mutate()]);
      sayDone(words, undoTo === null ? undefined : () => put(undoTo, 'As it was before', null));
    } catch (e) {
      sayError(e);
    }
  };
  if (!own) {
    const copy = async () => {
      const mine = ownCopy(food, uuid());
      await put(mine, `${mine.name} is yours to change`, null);
      navigate(`/h/${household.id}/pantry/${mine.id}`);
    };
    return (
      <button type="button" className="btn btn-small" onClick={copy}>
        Make it your own
      </button>
    );
  }
  const before = (history.data ?? []).slice(0, -1).reverse();
  return (
    <>
      <button type="button" className="btn btn-small" onClick={() => setEditing(true)}>
        Change its values
      </button>
      {before.length > 0 && (
        <details className="basis-full">
          <summary className="cursor-pointer text-soft">Earlier states ({before.length})</summary>
          <ul>
            {before.map((r) => (
              <li key={r.food.revision} className="flex items-center gap-2 border-rule border-t py-1">
                <span className="min-w-0 flex-1 text-sm">
                  {valuesChanged(food, r.food).slice(0, 4).join('; ') || 'the same values'}
                </span>
                <button
                  type="button"
                  className="btn btn-small"
                  onClick={() => put(r.food, 'It is as it was then', food)}
                >
                  Back to this
                </button>
              </li>
            ))}
          </ul>
        </details>
      )}
      {editing && (
        <EditDialog
          food={food}
          onClose={() => setEditing(false)}
          onSave={(after) => {
            setEditing(false);
            void put(after, `${after.name} is changed; recipes keep what they counted`, food);
          }}
        />
      )}
    </>
  );
}

function EditDialog({ food, onClose, onSave }: { food: Food; onClose: () => void; onSave: (after: Food) => void }) {
  const start = editOf(food);
  const [name, setName] = useState(food.name);
  const [values, setValues] = useState<Record<string, string>>(
    Object.fromEntries(VALUES.map((n) => [n, start.per100g[n]?.toString() ?? ''])),
  );
  const [allergens, setAllergens] = useState<Allergen[]>([...food.allergens]);
  const [wrong, setWrong] = useState<string | null>(null);
  const save = () => {
    const per100g = { ...start.per100g };
    for (const n of VALUES) {
      const text = values[n]!.trim().replace(',', '.');
      const value = text === '' ? null : Number(text);
      if (value !== null && !(value >= 0 && value <= 100_000))
        return setWrong(`Write ${NUTRIENT_WORDS[n].name} as a number, or leave it empty for unknown.`);
      per100g[n] = value === null && n === 'alcohol' ? 0 : value;
    }
    if (name.trim() === '') return setWrong('Write what it is called.');
    const after = FoodSchema.safeParse(editFood(food, { name: name.trim(), per100g, allergens }));
    if (!after.success) return setWrong('These values cannot be. Check them against the label.');
    onSave(after.data);
  };
  return (
    <Modal title="Change its values" onClose={onClose}>
      <label className="label" htmlFor="edit-name">
        Name
      </label>
      <input id="edit-name" className="field" value={name} onChange={(e) => setName(e.target.value)} />
      <fieldset className="mt-4">
        <legend className="label">In 100 g; empty is unknown</legend>
        <div className="grid grid-cols-2 gap-x-4 gap-y-2 sm:grid-cols-3">
          {VALUES.map((n) => (
            <div key={n}>
              <label htmlFor={`edit-${n}`} className="text-sm text-soft">
                {NUTRIENT_WORDS[n].name}, {NUTRIENT_WORDS[n].unit}
              </label>
              <input
                id={`edit-${n}`}
                inputMode="decimal"
                className="field"
                value={values[n]}
                onChange={(e) => setValues({ ...values, [n]: e.target.value })}
              />
            </div>
          ))}
        </div>
      </fieldset>
      <AllergenBoxes legend="Contains" chosen={allergens} onChange={setAllergens} />
      <p role="alert" className="mt-3 text-beet">
        {wrong}
      </p>
      <div className="mt-4 flex gap-2">
        <button type="button" className="btn btn-main" onClick={save}>
          Save
        </button>
        <button type="button" className="btn" onClick={onClose}>
          Leave it
        </button>
      </div>
    </Modal>
  );
}
