import { hiddenWords } from '../../core/program/hidden-points.ts';
import type { Program } from '../../core/program/program.ts';
import type { Exception } from '../../core/program/uncounted.ts';
import { FoodChooser } from '../components/food-chooser.tsx';
import { useHousehold } from '../context/household-context.ts';
import { useFoods } from '../data/queries.ts';
import { Picker } from '../kit/picker.tsx';

interface ExceptionFieldsProps {
  readonly program: Program;
  readonly exceptions: readonly Exception[];
  readonly onChange: (exceptions: Exception[]) => void;
}

/** Foods that count otherwise for one eater than the program's list says. */
export function ExceptionFields({ program, exceptions, onChange }: ExceptionFieldsProps) {
  const { household } = useHousehold();
  const { data: named } = useFoods(
    household.id,
    exceptions.map((x) => x.foodId),
  );
  const nameOf = (id: string): string => named?.find((f) => f.id === id)?.name ?? id;
  /** A stretched list is the eater's own decision; what it hides is said. */
  const hiddenBy = (id: string): string | null => {
    const food = named?.find((f) => f.id === id);
    return food === undefined ? null : hiddenWords(food, program);
  };
  const without = (foodId: string) => exceptions.filter((x) => x.foodId !== foodId);
  return (
    <fieldset className="mt-4">
      <legend className="label">Own exceptions from the list</legend>
      <ul className="space-y-1">
        {exceptions.map((x) => (
          <li key={x.foodId} className="flex flex-wrap items-center gap-2">
            <span className="min-w-[min(13rem,100%)] flex-1">
              {nameOf(x.foodId)}
              {x.uncounted && <span className="block text-mustard text-sm">{hiddenBy(x.foodId)}</span>}
            </span>
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
