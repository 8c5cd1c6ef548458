import { useState } from 'react';
import { amountWords } from '../../core/food/nutrient-words.ts';
import { NUTRIENT_WORDS } from '../../core/food/nutrients.ts';
import { servingOr100 } from '../../core/food/serving-grams.ts';
import { exampleOf } from '../../core/program/food-example.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { type Program, plainCounter } from '../../core/program/program.ts';
import { roundingWords } from '../../core/program/rounding-words.ts';
import { trimmed } from '../../core/quantity/format-amount.ts';
import { FoodChooser } from '../components/food-chooser.tsx';
import { useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { NumberField } from '../kit/number-field.tsx';

const FIRST = 'gouda';

/** A food of the cook's choice, worked out term by term under a program, and whether its list counts it. */
export function WorkedExample({ program }: { readonly program: Program }) {
  const { household, pins } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const [chosen, setChosen] = useState<string | null>(null);
  const [typed, setTyped] = useState<number | null>(null);
  const food = pantry.find((f) => f.id === (chosen ?? FIRST)) ?? pantry[0];
  if (food === undefined) return null;
  const usual = servingOr100(food);
  const grams = typed !== null && typed > 0 ? typed : usual;
  const example = exampleOf(food, grams, plainCounter(program, pins));
  return (
    <section aria-label="A food worked out" className="panel p-4">
      <h2 className="text-lg">A food, worked out</h2>
      <div className="mt-2 grid grid-cols-[minmax(0,1fr)_6rem] items-end gap-3">
        <FoodChooser
          label="Food"
          food={food}
          onChoose={(f) => {
            setChosen(f.id);
            setTyped(null);
          }}
        />
        <NumberField key={food.id} label="Grams" value={grams} onValue={setTyped} />
      </div>
      <table className="mt-3 w-full text-left">
        <caption className="sr-only">What each nutrient adds</caption>
        <tbody>
          {example.terms.map((t) => (
            <tr key={t.nutrient} className="border-rule border-b">
              <th scope="row" className="py-1.5 font-normal">
                {NUTRIENT_WORDS[t.nutrient].name}
              </th>
              <td className="px-2 text-right text-soft">
                {amountWords(t.amount, t.nutrient)}
                {t.capped && ' at most'} × {trimmed(t.coefficient, 4).replace('-', '−')}
                {program.rule.per !== 1 && ` ÷ ${trimmed(program.rule.per, 4)}`}
              </td>
              <td className="text-right font-bold font-head">
                {t.amount === null ? '?' : t.points.toFixed(2).replace('-', '−')}
              </td>
            </tr>
          ))}
        </tbody>
      </table>
      <p className="mt-2 flex items-baseline justify-between gap-3" role="status">
        <span>
          {example.listing.uncounted ? (
            <>
              <strong>Not counted</strong>: {example.listing.words}
            </>
          ) : (
            <>
              {example.raw.toFixed(2).replace('-', '−')}, {roundingWords(program.rule)}
              {example.listing.words && `; ${example.listing.words}`}
            </>
          )}
        </span>
        <strong className="font-head text-3xl">{formatPoints(example.points)}</strong>
      </p>
    </section>
  );
}
