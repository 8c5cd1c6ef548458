import { X } from 'lucide-react';
import { v7 as uuid } from 'uuid';
import { MOST_PREP_DISHES, type Prep, type PrepKitchen } from '../../core/prep/prep.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { useHousehold } from '../context/household-context.ts';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { DishSearch } from './dish-search.tsx';
import type { ShownDish } from './use-dishes.ts';

const KITCHEN_THINGS: readonly {
  readonly of: keyof PrepKitchen;
  readonly words: string;
  readonly one: string;
  readonly least: number;
  readonly most: number;
}[] = [
  { of: 'burners', words: 'burners', one: 'burner', least: 1, most: 8 },
  { of: 'trays', words: 'trays in the oven', one: 'tray in the oven', least: 1, most: 4 },
  { of: 'bowls', words: 'mixing bowls', one: 'mixing bowl', least: 1, most: 9 },
  { of: 'boards', words: 'cutting boards', one: 'cutting board', least: 1, most: 5 },
  { of: 'blenders', words: 'blenders', one: 'blender', least: 0, most: 2 },
];

interface DishesOfPrepProps {
  readonly prep: Prep;
  readonly dishes: readonly ShownDish[] | null;
  readonly set: (after: Partial<Prep>, label: string) => void;
}

/** What is cooked on a prep day, by whom, from when, and in which kitchen. */
export function DishesOfPrep({ prep, dishes, set }: DishesOfPrepProps) {
  const { household } = useHousehold();
  const isBegun = prep.begun !== null;
  return (
    <>
      <section aria-label="Dishes">
        <h2 className="border-ink border-b text-xl">Dishes</h2>
        <ul>
          {(dishes ?? []).map(({ dish, title, version }) => (
            <li key={dish.id} className="flex items-center justify-between gap-2 border-rule border-b py-1.5">
              <span className="min-w-0" dir="auto">
                {title}
                {dish.servings !== null && <span className="text-soft">, for {formatAmount(dish.servings)}</span>}
                {version === null && <span className="text-mustard"> is not there any more: take it off</span>}
              </span>
              {!isBegun && (
                <button
                  type="button"
                  className="btn btn-plain size-11 shrink-0 p-0"
                  aria-label={`Take ${title} off this day`}
                  onClick={() =>
                    set({ dishes: prep.dishes.filter((d) => d.id !== dish.id), kept: null }, 'A dish less')
                  }
                >
                  <X size={18} aria-hidden="true" />
                </button>
              )}
            </li>
          ))}
        </ul>
        {!isBegun && prep.dishes.length < MOST_PREP_DISHES && (
          <div className="mt-3">
            <DishSearch
              h={household.id}
              label="One more dish"
              onPick={(r) =>
                set(
                  {
                    dishes: [
                      ...prep.dishes,
                      {
                        id: uuid().slice(-12),
                        recipeId: r.id,
                        versionId: r.versionId,
                        servings: r.servings,
                        cookId: null,
                      },
                    ],
                    kept: null,
                  },
                  'One more dish',
                )
              }
            />
          </div>
        )}
      </section>
      {!isBegun && (
        <section aria-label="Kitchen">
          <h2 className="border-ink border-b text-xl">In this kitchen</h2>
          <div className="mt-2 flex flex-wrap items-end gap-3">
            <label className="block">
              <span className="label">On</span>
              <input
                type="date"
                className="field"
                value={prep.day}
                onChange={(e) => e.target.value && set({ day: e.target.value }, 'Another day')}
              />
            </label>
            <label className="block">
              <span className="label">Beginning at</span>
              <input
                type="time"
                className="field"
                value={prep.start}
                onChange={(e) => e.target.value && set({ start: e.target.value }, 'Another time')}
              />
            </label>
          </div>
          <OneOfFew
            label="How many cook"
            className="mt-3"
            value={String(prep.cooks) as '1' | '2'}
            choices={[
              { value: '1', words: 'One cook' },
              { value: '2', words: 'Two cooks' },
            ]}
            onPick={(n) => set({ cooks: n === '2' ? 2 : 1, kept: null }, 'How many cook')}
          />
          <ul className="mt-2">
            {KITCHEN_THINGS.map(({ of, words, one, least, most }) => (
              <li key={of} className="flex items-center justify-between gap-3">
                <span>
                  {prep.kitchen[of]} {prep.kitchen[of] === 1 ? one : words}
                </span>
                <span className="flex">
                  <StepButton
                    words={`One less: ${words}`}
                    sign="−"
                    isOff={prep.kitchen[of] <= least}
                    onPress={() => step(of, -1)}
                  />
                  <StepButton
                    words={`One more: ${words}`}
                    sign="+"
                    isOff={prep.kitchen[of] >= most}
                    onPress={() => step(of, 1)}
                  />
                </span>
              </li>
            ))}
          </ul>
        </section>
      )}
    </>
  );
  function step(of: keyof PrepKitchen, by: number): void {
    set({ kitchen: { ...prep.kitchen, [of]: prep.kitchen[of] + by }, kept: null }, 'What the kitchen has');
  }
}

interface StepProps {
  readonly words: string;
  readonly sign: string;
  readonly isOff: boolean;
  readonly onPress: () => void;
}

const StepButton = ({ words, sign, isOff, onPress }: StepProps) => (
  <button
    type="button"
    className="btn btn-plain size-11 p-0 text-xl"
    aria-label={words}
    disabled={isOff}
    onClick={onPress}
  >
    {sign}
  </button>
);
