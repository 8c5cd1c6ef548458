import { useDeferredValue, useId, useState } from 'react';
import type { Food } from '../../core/food/food.ts';
import { useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { useFoodSearch } from '../data/use-food-search.ts';

interface FoodChooserProps {
  readonly label: string;
  readonly food: Food | null;
  readonly onChoose: (food: Food) => void;
}

const MOST_CHOICES = 8;

/** A field that finds one food: type, choose with the arrows and Enter, or by a press. */
export function FoodChooser({ label, food, onChoose }: FoodChooserProps) {
  const id = useId();
  const { household } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const [text, setText] = useState<string | null>(null);
  const [at, setAt] = useState(0);
  const found = (useFoodSearch(household.id, useDeferredValue(text ?? ''), pantry) ?? []).slice(0, MOST_CHOICES);
  const open = text !== null && text.trim() !== '' && found.length > 0;
  const choose = (f: Food) => {
    onChoose(f);
    setText(null);
    setAt(0);
  };
  return (
    <div className="relative">
      <label className="label" htmlFor={id}>
        {label}
      </label>
      <input
        id={id}
        role="combobox"
        aria-expanded={open}
        aria-controls={`${id}-list`}
        aria-activedescendant={open ? `${id}-${at}` : undefined}
        autoComplete="off"
        className="field"
        placeholder="any name"
        value={text ?? food?.name ?? ''}
        onFocus={(e) => e.currentTarget.select()}
        onChange={(e) => {
          setText(e.target.value);
          setAt(0);
        }}
        onBlur={() => setTimeout(() => setText(null), 150)}
        onKeyDown={(e) => {
          if (e.key === 'ArrowDown') setAt((n) => Math.min(found.length - 1, n + 1));
          else if (e.key === 'ArrowUp') setAt((n) => Math.max(0, n - 1));
          else if (e.key === 'Enter' && found[at]) choose(found[at]);
          else if (e.key === 'Escape') setText(null);
          else return;
          e.preventDefault();
        }}
      />
      <div
        id={`${id}-list`}
        role="listbox"
        aria-label={label}
        hidden={!open}
        className="panel absolute z-10 mt-1 w-full overflow-hidden"
      >
        {found.map((f, i) => (
          <button
            key={f.id}
            id={`${id}-${i}`}
            type="button"
            role="option"
            tabIndex={-1}
            aria-selected={i === at}
            className="block w-full px-3 py-1.5 text-left aria-selected:bg-beet-wash"
            onMouseDown={(e) => {
              e.preventDefault();
              choose(f);
            }}
          >
            {f.name} <span className="text-soft text-sm">{f.group}</span>
          </button>
        ))}
      </div>
    </div>
  );
}
