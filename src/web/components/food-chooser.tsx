import { useCombobox } from 'downshift';
import { useDeferredValue, useState } from 'react';
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
const nameOfFood = (food: Food | null): string => food?.name ?? '';

/** A field that finds one food: type, choose with the arrows and Enter, or by a press. */
export function FoodChooser({ label, food, onChoose }: FoodChooserProps) {
  const { household } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const [text, setText] = useState('');
  const found = (useFoodSearch(household.id, useDeferredValue(text), pantry) ?? []).slice(0, MOST_CHOICES);
  const box = useCombobox<Food>({
    items: found,
    itemToString: nameOfFood,
    selectedItem: food,
    defaultHighlightedIndex: 0,
    // What is typed is a search until something is chosen; leaving the field, the food that was there stands again.
    onInputValueChange: ({ inputValue, type }) =>
      setText(type === useCombobox.stateChangeTypes.InputChange ? inputValue : ''),
    onSelectedItemChange: ({ selectedItem }) => selectedItem && onChoose(selectedItem),
    stateReducer: (_, { type, changes }) =>
      type === useCombobox.stateChangeTypes.InputBlur
        ? { ...changes, selectedItem: food, inputValue: nameOfFood(food) }
        : changes,
  });
  const { htmlFor, ...labelProps } = box.getLabelProps();
  const open = box.isOpen && text.trim() !== '' && found.length > 0;
  return (
    <div className="relative">
      <label className="label" htmlFor={htmlFor} {...labelProps}>
        {label}
      </label>
      <input
        className="field"
        placeholder="any name"
        {...box.getInputProps({ onFocus: (e) => e.currentTarget.select(), 'aria-expanded': open })}
      />
      <ul {...box.getMenuProps()} hidden={!open} className="panel absolute z-10 mt-1 w-full overflow-hidden">
        {open &&
          found.map((f, index) => (
            <li
              key={f.id}
              className="cursor-pointer px-3 py-2.5 aria-selected:bg-beet-wash"
              {...box.getItemProps({ item: f, index })}
            >
              {f.name} <span className="text-soft text-sm">{f.group}</span>
            </li>
          ))}
      </ul>
    </div>
  );
}
