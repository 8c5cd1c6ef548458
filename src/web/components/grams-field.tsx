import { useId, useState } from 'react';
import { API } from '../../contract/api.ts';
import type { Food } from '../../core/food/food.ts';
import { withMeasure } from '../../core/food/food-correction.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { gramsOfOne, measureOfLine } from '../../core/version/measure-of-line.ts';
import type { Line } from '../../core/version/version.ts';
import type { Weight } from '../../core/weighing/weight.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { refresh } from '../data/queries.ts';
import { Check } from '../kit/check.tsx';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { changeCorrection } from '../saving/change-correction.ts';

interface GramsFieldProps {
  readonly line: Line;
  readonly food: Food | null;
  readonly onPick: (after: Line, label: string) => void;
}

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
export function GramsField({ line, food, onPick }: GramsFieldProps) {
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
        <Check checked={remember} onCheck={setRemember} className="mt-1 text-sm">
          Remember what {measure.words} of {food.name} weighs here
        </Check>
      )}
      <p id={`${id}-wrong`} role="alert" className="mt-1 text-beet text-sm">
        {wrong && 'Write grams as a number, such as 85.'}
      </p>
    </div>
  );
}
