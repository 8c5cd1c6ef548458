import { useDeferredValue, useId, useMemo, useState } from 'react';
import { API } from '../../contract/api.ts';
import type { Food } from '../../core/food/food.ts';
import { withMeasure } from '../../core/food/food-correction.ts';
import { fold } from '../../core/food/food-words.ts';
import { matchFood, searchFoods } from '../../core/food/match-food.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { gramsOfOne, measureOfLine } from '../../core/version/measure-of-line.ts';
import { readingOfLine } from '../../core/version/reading-of-line.ts';
import { recipeWeight } from '../../core/version/recipe-weight.ts';
import type { Line } from '../../core/version/version.ts';
import type { LineFood } from '../../core/weighing/line-food.ts';
import { resolveReading } from '../../core/weighing/read-ingredient.ts';
import type { Weight } from '../../core/weighing/weigh.ts';
import { useHousehold } from '../context/household-context.ts';
import { useOpenRecipe } from '../context/recipe-context.ts';
import { ask } from '../data/api.ts';
import { readRecipePage, refresh, useRecipeSearch } from '../data/queries.ts';
import { usePantryIndex } from '../data/use-pantry-index.ts';
import { changeCorrection } from '../saving/change-correction.ts';
import { LabelForm } from './label-form.tsx';
import { Modal } from './modal.tsx';
import { PinForm } from './pin-form.tsx';
import { sayDone } from './say-done.ts';
import { sayError } from './say-error.ts';

interface FoodPickerProps {
  readonly line: Line;
  readonly onPick: (after: Line, label: string) => void;
  readonly onClose: () => void;
}

/** Says what a line is: likely foods first, a search over all, another recipe, nothing to count, or a new label. */
export function FoodPicker({ line, onPick, onClose }: FoodPickerProps) {
  const { household } = useHousehold();
  const { page, kitchen } = useOpenRecipe();
  const index = usePantryIndex(household.id);
  const [search, setSearch] = useState('');
  const [label, setLabel] = useState(false);
  const reading = useMemo(() => readingOfLine(line), [line]);
  const likely = useMemo(
    () => (index === null ? [] : matchFood(index, line.item, line.note, 5).map((m) => m.food)),
    [index, line],
  );
  const found = search.trim() === '' || index === null ? likely : searchFoods(index, search, 10);
  const words = fold(search.trim() || line.item)
    .split(/\s+/)
    .filter((w) => w.length > 2);
  const { data: recipes } = useRecipeSearch(household.id, useDeferredValue(words[words.length - 1] ?? ''), 20);
  const otherRecipes = (recipes?.rows ?? [])
    .filter((r) => r.id !== page.recipe.id && words.some((w) => fold(r.title).includes(w)))
    .slice(0, 4);

  const current = line.food.kind === 'food' ? kitchen.food(line.food.foodId, line.food.revision) : null;

  const pickFood = (food: Food) => {
    const read = resolveReading(reading, [{ food, confidence: 1 }], household.system);
    const picked = read.food.kind === 'open' ? foodLine(food) : read.food;
    onPick(
      {
        ...line,
        food: picked,
        weight: read.weight ?? line.weight,
        role: food.roles[0] ?? null,
        warnings: read.warnings,
      },
      `${line.item} is ${food.name}`,
    );
  };
  const pickRecipe = async (id: string) => {
    try {
      const other = await readRecipePage(household.id, id);
      const version = other.versions.filter((v) => v.kind === 'lightened').pop() ?? other.versions[0]!;
      onPick(
        {
          ...line,
          food: { kind: 'recipe', recipeId: id, versionId: version.id },
          weight: recipeWeight(reading, version),
          role: null,
          warnings: [],
        },
        `${line.item} is from ${other.recipe.title}`,
      );
    } catch (e) {
      sayError(e);
    }
  };
  if (label) {
    return (
      <Modal title={`"${line.item}" from its label`} onClose={onClose}>
        <LabelForm name={line.item} onDone={pickFood} onCancel={() => setLabel(false)} />
      </Modal>
    );
  }
  return (
    <Modal title="What is this line?" onClose={onClose}>
      <p className="mb-3 text-soft">“{line.text}”</p>
      <label className="sr-only" htmlFor="food-search">
        Search the pantry
      </label>
      <input
        id="food-search"
        type="search"
        className="field"
        placeholder="Search the pantry and your recipes"
        value={search}
        onChange={(e) => setSearch(e.target.value)}
      />
      <ul className="mt-3 space-y-1.5" aria-label="Foods">
        {found.map((f) => (
          <li key={f.id}>
            <button
              type="button"
              className="chip flex w-full items-baseline justify-between gap-3 text-left"
              onClick={() => pickFood(f)}
            >
              <span>
                {f.name}{' '}
                <span className="text-sm text-soft">{f.state === 'as is' ? f.group : `${f.state}, ${f.group}`}</span>
              </span>
              <span className="whitespace-nowrap text-sm text-soft">
                {f.per100g.kcal.value === null ? '' : `${Math.round(f.per100g.kcal.value)} kcal / 100 g`}
              </span>
            </button>
          </li>
        ))}
        {otherRecipes.map((r) => (
          <li key={r.id}>
            <button
              type="button"
              className="chip flex w-full items-baseline justify-between gap-3 text-left"
              onClick={() => pickRecipe(r.id)}
            >
              <span>
                {r.title} <span className="text-sm text-soft">your recipe</span>
              </span>
            </button>
          </li>
        ))}
        {found.length === 0 && otherRecipes.length === 0 && (
          <li className="text-soft">Nothing in the pantry has this name. Add it from its label.</li>
        )}
      </ul>
      <GramsField key={line.weight?.grams ?? 'none'} line={line} food={current} onPick={onPick} />
      {current && <PinForm food={current} />}
      <div className="mt-4 flex flex-wrap gap-2 border-rule border-t pt-4">
        <button type="button" className="btn" onClick={() => setLabel(true)}>
          Add from its label
        </button>
        <button
          type="button"
          className="btn"
          onClick={() =>
            onPick(
              { ...line, food: { kind: 'nothing', why: 'the cook says so' }, weight: null, warnings: [] },
              `${line.item} counts nothing`,
            )
          }
        >
          Nothing to count
        </button>
      </div>
      {line.food.kind === 'recipe' && kitchen.version(line.food.versionId) === null && (
        <p className="note mt-3">The recipe it takes from is not there any more.</p>
      )}
    </Modal>
  );
}

const foodLine = (food: Food): LineFood => ({ kind: 'food', foodId: food.id, revision: food.revision });

/** Keeps what one of a line's measures weighs in this kitchen, for every line read from now on. */
async function rememberMeasure(household: string, food: Food, unit: string, grams: number): Promise<void> {
  try {
    const { revision, ...known } = await ask(API.correction, { h: household, id: food.id });
    const undo = await changeCorrection(
      household,
      { known, revision },
      withMeasure(known, { unit, form: null, grams }),
    );
    await refresh.pantry(household);
    sayDone(`1 ${unit} of ${food.name} weighs ${trimmed(grams, 1)} g from now on`, undo);
  } catch (e) {
    sayError(e);
  }
}

/** Corrects what a line weighs; the cook's own grams are certain. */
function GramsField({ line, food, onPick }: { line: Line; food: Food | null; onPick: FoodPickerProps['onPick'] }) {
  const id = useId();
  const { household } = useHousehold();
  const measure = measureOfLine(line);
  const [remember, setRemember] = useState(line.weight?.from === 'estimate');
  const [text, setText] = useState(line.weight ? trimmed(line.weight.grams, 1) : '');
  const [wrong, setWrong] = useState(false);
  const apply = () => {
    const grams = Number(text.trim().replace(',', '.').replace(/\s*g$/, ''));
    if (text.trim() === '' || !(grams >= 0) || grams > 100_000) return setWrong(true);
    const weight: Weight = { grams, low: grams, high: grams, from: 'weight' };
    if (remember && measure && food)
      void rememberMeasure(household.id, food, measure.unit, gramsOfOne(measure, grams, household.system));
    onPick({ ...line, weight, warnings: [] }, `${line.item} weighs ${trimmed(grams, 1)} g`);
  };
  if (line.food.kind !== 'food' && line.food.kind !== 'recipe') return null;
  return (
    <div className="mt-4">
      <label className="label" htmlFor={id}>
        It weighs, in grams
      </label>
      <div className="flex gap-2">
        <input
          id={id}
          inputMode="decimal"
          className="field max-w-32"
          value={text}
          aria-invalid={wrong}
          aria-describedby={`${id}-wrong`}
          onChange={(e) => setText(e.target.value)}
          onKeyDown={(e) => e.key === 'Enter' && apply()}
        />
        <button type="button" className="btn" onClick={apply}>
          Take these grams
        </button>
      </div>
      {measure && food && (
        <label className="mt-2 flex items-center gap-2 text-sm">
          <input type="checkbox" checked={remember} onChange={(e) => setRemember(e.target.checked)} />
          Remember what {measure.words} of {food.name} weighs here
        </label>
      )}
      <p id={`${id}-wrong`} role="alert" className="mt-1 text-beet text-sm">
        {wrong && 'Write grams as a number, such as 85.'}
      </p>
    </div>
  );
}
