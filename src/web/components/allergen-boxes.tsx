import { ALLERGEN_WORDS, ALLERGENS, type Allergen } from '../../core/food/food.ts';
import { Check } from '../kit/check.tsx';

interface AllergenBoxesProps {
  readonly legend: string;
  readonly chosen: readonly Allergen[];
  readonly onChange: (chosen: Allergen[]) => void;
}

/** The major allergens to tick. */
export function AllergenBoxes({ legend, chosen, onChange }: AllergenBoxesProps) {
  return (
    <fieldset className="mt-4">
      <legend className="label">{legend}</legend>
      <div className="flex flex-wrap gap-x-4 gap-y-1">
        {ALLERGENS.map((a) => (
          <Check
            key={a}
            checked={chosen.includes(a)}
            onCheck={(is) => onChange(is ? [...chosen, a] : chosen.filter((x) => x !== a))}
          >
            {ALLERGEN_WORDS[a]}
          </Check>
        ))}
      </div>
    </fieldset>
  );
}
