import { ALLERGEN_WORDS, ALLERGENS, type Allergen } from '../../core/food/food.ts';

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
          <label key={a} className="flex items-center gap-1.5 py-1">
            <input
              type="checkbox"
              className="size-5 accent-beet"
              checked={chosen.includes(a)}
              onChange={(e) => onChange(e.target.checked ? [...chosen, a] : chosen.filter((x) => x !== a))}
            />
            {ALLERGEN_WORDS[a]}
          </label>
        ))}
      </div>
    </fieldset>
  );
}
