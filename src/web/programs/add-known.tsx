import { useState } from 'react';
import type { Food } from '../../core/food/food.ts';
import { servingOr100 } from '../../core/food/serving-grams.ts';
import { FoodChooser } from '../components/food-chooser.tsx';
import { NumberField } from '../kit/number-field.tsx';

interface AddKnownProps {
  readonly onAdd: (food: Food, grams: number, points: number) => void;
}

/** A food whose points are known: which, how much of it, and what the program says. */
export function AddKnown({ onAdd }: AddKnownProps) {
  const [food, setFood] = useState<Food | null>(null);
  const [grams, setGrams] = useState<number | null>(null);
  const [points, setPoints] = useState<number | null>(null);
  const [added, setAdded] = useState(0);
  const [asked, setAsked] = useState(false);
  const wrong =
    food === null
      ? 'Choose a food.'
      : !(grams !== null && grams > 0)
        ? 'Say how much of it, in grams.'
        : !(points !== null && points >= 0)
          ? 'Say how many points the program gives it.'
          : null;
  return (
    <form
      className="grid grid-cols-2 items-end gap-3 sm:grid-cols-[minmax(0,1fr)_6rem_6rem_auto]"
      onSubmit={(e) => {
        e.preventDefault();
        setAsked(true);
        if (wrong !== null || food === null) return;
        onAdd(food, grams!, points!);
        setFood(null);
        setGrams(null);
        setPoints(null);
        setAsked(false);
        setAdded(added + 1);
      }}
    >
      <div className="col-span-2 sm:col-span-1">
        <FoodChooser
          key={added}
          label="A food whose points you know"
          food={food}
          onChoose={(f) => {
            setFood(f);
            setGrams(servingOr100(f));
          }}
        />
      </div>
      <NumberField key={`g ${food?.id ?? added}`} label="Grams" value={grams} onValue={setGrams} />
      <NumberField key={`p ${food?.id ?? added}`} label="Points" value={points} onValue={setPoints} />
      <button type="submit" className="btn btn-main">
        Add it
      </button>
      {asked && wrong && (
        <p className="col-span-full text-beet text-sm" role="alert">
          {wrong}
        </p>
      )}
    </form>
  );
}
