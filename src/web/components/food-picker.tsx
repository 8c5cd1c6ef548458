import { useCombobox } from 'downshift';
import { useState } from 'react';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import type { Line } from '../../core/version/version.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { Modal } from '../kit/modal.tsx';
import { GramsField } from './grams-field.tsx';
import { LabelForm } from './label-form.tsx';
import { PinForm } from './pin-form.tsx';
import { type Pickable, useFoodPicker } from './use-food-picker.ts';

interface FoodPickerProps {
  readonly line: Line;
  readonly onPick: (after: Line, label: string) => void;
  readonly onClose: () => void;
}

/** Says what a line is: likely foods first, a search over all, another recipe, nothing to count, or a new label. */
export function FoodPicker({ line, onPick, onClose }: FoodPickerProps) {
  const { kitchen } = useOpenRecipe();
  const picker = useFoodPicker(line, onPick);
  const [label, setLabel] = useState(false);
  const current = line.food.kind === 'food' ? kitchen.food(line.food.foodId, line.food.revision) : null;
  if (label) {
    return (
      <Modal title={`"${line.item}" from its label`} onClose={onClose}>
        <LabelForm name={line.item} onDone={picker.pickFood} onCancel={() => setLabel(false)} />
      </Modal>
    );
  }
  return (
    <Modal title="What is this line?" onClose={onClose}>
      <p className="mb-3 text-soft">“{line.text}”</p>
      <Choices picker={picker} />
      <GramsField key={line.weight?.grams ?? 'none'} line={line} food={current} onPick={onPick} />
      {current && <PinForm food={current} />}
      <div className="mt-4 flex flex-wrap gap-2 border-rule border-t pt-4">
        <button type="button" className="btn" onClick={() => setLabel(true)}>
          Add from its label
        </button>
        <button type="button" className="btn" onClick={picker.pickNothing}>
          Nothing to count
        </button>
      </div>
      {line.food.kind === 'recipe' && kitchen.version(line.food.versionId) === null && (
        <p className="note mt-3">The recipe it takes from is not there any more.</p>
      )}
    </Modal>
  );
}

const nameOfPickable = (p: Pickable | null): string =>
  p === null ? '' : p.kind === 'food' ? p.food.name : p.kind === 'base' ? p.base.title : p.recipe.title;
const keyOfPickable = (p: Pickable): string =>
  p.kind === 'food' ? p.food.id : p.kind === 'base' ? p.base.cookId : p.recipe.id;

/** A field to search in, and the list under it, which is always open: the arrows go through it, Enter picks. */
function Choices({ picker }: { readonly picker: ReturnType<typeof useFoodPicker> }) {
  const { found, search } = picker;
  const box = useCombobox<Pickable>({
    items: found,
    isOpen: true,
    inputValue: search,
    selectedItem: null,
    defaultHighlightedIndex: 0,
    itemToString: nameOfPickable,
    onInputValueChange: ({ inputValue, type }) => {
      if (type === useCombobox.stateChangeTypes.InputChange) picker.setSearch(inputValue);
    },
    // Leaving the field picks nothing, and keeps what was searched for.
    stateReducer: (state, { type, changes }) =>
      type === useCombobox.stateChangeTypes.InputBlur ? { ...state, highlightedIndex: -1 } : changes,
    onSelectedItemChange: ({ selectedItem }) => {
      if (selectedItem !== null) picker.pick(selectedItem);
    },
  });
  const { htmlFor, ...labelProps } = box.getLabelProps();
  return (
    <>
      <label className="sr-only" htmlFor={htmlFor} {...labelProps}>
        Search the pantry
      </label>
      <input
        type="search"
        className="field"
        placeholder="Search the pantry and your recipes"
        {...box.getInputProps()}
      />
      <ul className="mt-3 space-y-1.5" {...box.getMenuProps({ 'aria-label': 'Foods' })}>
        {found.map((p, index) => (
          <li
            key={keyOfPickable(p)}
            className="chip flex w-full cursor-pointer items-baseline justify-between gap-3 text-left aria-selected:bg-beet-wash"
            {...box.getItemProps({ item: p, index })}
          >
            <PickableWords pickable={p} />
          </li>
        ))}
      </ul>
      {found.length === 0 && (
        <p className="text-soft" role="status">
          Nothing in the pantry has this name. Add it from its label.
        </p>
      )}
    </>
  );
}

function PickableWords({ pickable }: { readonly pickable: Pickable }) {
  if (pickable.kind === 'recipe') {
    return (
      <span>
        {pickable.recipe.title} <span className="text-sm text-soft">your recipe</span>
      </span>
    );
  }
  if (pickable.kind === 'base') {
    const { base } = pickable;
    return (
      <span>
        {base.title}{' '}
        <span className="text-sm text-soft">
          cooked {formatDay(base.packed)}, {formatGrams(base.grams)} in boxes
        </span>
      </span>
    );
  }
  const { food } = pickable;
  const { value: kcal } = food.per100g.kcal;
  return (
    <>
      <span>
        {food.name}{' '}
        <span className="text-sm text-soft">
          {food.state === 'as is' ? food.group : `${food.state}, ${food.group}`}
        </span>
      </span>
      {kcal !== null && <span className="whitespace-nowrap text-sm text-soft">{Math.round(kcal)} kcal / 100 g</span>}
    </>
  );
}
