import type { Exception } from '../../core/program/uncounted.ts';
import { FoodChooser } from '../components/food-chooser.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useFoods } from '../data/queries.ts';
import { Picker } from '../kit/picker.tsx';

interface ExceptionFieldsProps {
  readonly exceptions: readonly Exception[];
  readonly onChange: (exceptions: Exception[]) => void;
}

/** Foods that count otherwise for one eater than the program's list says. */
export function ExceptionFields({ exceptions, onChange }: ExceptionFieldsProps) {
  const { household } = useHousehold();
  const { data: named } = useFoods(
    household.id,
    exceptions.map((x) => x.foodId),
  );
  const nameOf = (id: string): string => named?.find((f) => f.id === id)?.name ?? id;
  const without = (foodId: string) => exceptions.filter((x) => x.foodId !== foodId);
  return (
    <fieldset className="mt-4">
      <legend className="label">Own exceptions from the list</legend>
      <ul className="space-y-1">
        {exceptions.map((x) => (
          <li key={x.foodId} className="flex items-center gap-2">
            <span className="flex-1">{nameOf(x.foodId)}</span>
            <Picker
              label={`How ${nameOf(x.foodId)} counts`}
              labelled="unseen"
              className="w-40"
              value={x.uncounted ? 'uncounted' : 'counts'}
              choices={[
                { value: 'uncounted', words: 'uncounted' },
                { value: 'counts', words: 'counts' },
              ]}
              onPick={(how) =>
                onChange(exceptions.map((y) => (y === x ? { ...y, uncounted: how === 'uncounted' } : y)))
              }
            />
            <button
              type="button"
              className="btn btn-plain btn-small"
              onClick={() => onChange(without(x.foodId))}
              aria-label={`Remove the exception ${nameOf(x.foodId)}`}
            >
              Remove
            </button>
          </li>
        ))}
      </ul>
      <FoodChooser
        label="Add a food as an exception"
        food={null}
        onChoose={(f) => onChange([...without(f.id), { foodId: f.id, uncounted: true }])}
      />
    </fieldset>
  );
}
