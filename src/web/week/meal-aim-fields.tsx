import { type Meal, mealAim, withMealAim } from '../../core/table/meal.ts';
import { useHousehold } from '../context/household-context.ts';
import { NumberField } from '../kit/number-field.tsx';

interface MealAimFieldsProps {
  readonly meal: Meal;
  readonly eaterId: string;
  readonly name: string;
  /** Whether this eater counts points. */
  readonly counts: boolean;
}

/** What somebody aims for at a meal, kept as it is typed. */
export function MealAimFields({ meal, eaterId, name, counts }: MealAimFieldsProps) {
  const { household, changeHousehold } = useHousehold();
  const aim = mealAim(meal, eaterId);
  const keep = (kind: 'points' | 'kcal' | 'protein') => (value: number | null) => {
    if (value !== null && !(value >= 0)) return;
    const changed = withMealAim(meal, { ...aim, [kind]: value });
    void changeHousehold({ meals: household.meals.map((m) => (m.id === meal.id ? changed : m)) });
  };
  return (
    <fieldset className="mt-3 border-rule border-y py-2">
      <legend className="sr-only">{`The aim of ${name} for ${meal.name.toLowerCase()}`}</legend>
      <p className="text-soft text-sm">{`${name} aims at every ${meal.name.toLowerCase()} for`}</p>
      <div className="mt-1 flex flex-wrap gap-3">
        {counts && (
          <NumberField label="no more points than" className="w-40" value={aim.points} onValue={keep('points')} />
        )}
        <NumberField label="no more kcal than" className="w-40" value={aim.kcal} onValue={keep('kcal')} />
        <NumberField label="at least g of protein" className="w-40" value={aim.protein} onValue={keep('protein')} />
      </div>
    </fieldset>
  );
}
