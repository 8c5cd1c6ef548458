import { useMemo } from 'react';
import { Link, useSearchParams } from 'react-router';
import { describeGrams } from '../../core/food/describe-grams.ts';
import type { Food } from '../../core/food/food.ts';
import { amountWords } from '../../core/food/nutrient-words.ts';
import { NUTRIENT_WORDS, type Nutrient } from '../../core/food/nutrients.ts';
import { type CompareAt, type ComparedFood, foodAt } from '../../core/program/compare-foods.ts';
import { formatShare } from '../../core/program/format-points.ts';
import { sayIn } from '../../core/region/say-in.ts';
import { FoodChooser } from '../components/food-chooser.tsx';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { PantryHead } from './pantry-head.tsx';

const ROWS: readonly Nutrient[] = ['kcal', 'protein', 'fat', 'satFat', 'carbs', 'sugars', 'fibre', 'sodium'];

/** Two foods side by side: in a serving, in 100 g, in what makes one point. */
export function ComparePage() {
  const { household } = useHousehold();
  const { data: pantry = [] } = usePantry(household.id);
  const eaters = useCounting();
  const [params, setParams] = useSearchParams();
  const at = (['serving', '100g', 'point'] as const).find((x) => x === params.get('at')) ?? '100g';
  const chosen = ['a', 'b'].map((k) => pantry.find((f) => f.id === params.get(k)) ?? null);
  const set = (key: string, value: string) => {
    const next = new URLSearchParams(params);
    next.set(key, value);
    setParams(next, { replace: true });
  };
  const first = eaters[0];
  const compared = useMemo(
    () =>
      chosen.map((f) =>
        f === null
          ? null
          : foodAt(
              f,
              at,
              eaters.map((e) => e.counter),
            ),
      ),
    [chosen, at, eaters],
  );
  const words: Record<CompareAt, string> = {
    serving: 'in a serving',
    '100g': 'in 100 g',
    point: first ? `for 1 point of ${first.program.mark}` : 'for 1 point',
  };
  return (
    <main className="mx-auto max-w-6xl px-4 py-5 md:px-8">
      <PantryHead title="Side by side" about="Two foods, to see what the lighter one gives and takes." />
      <div className="mt-4 grid gap-4 sm:grid-cols-2">
        {(['a', 'b'] as const).map((k, i) => (
          <FoodChooser
            key={k}
            label={i === 0 ? 'One food' : 'Another food'}
            food={chosen[i]!}
            onChoose={(f) => set(k, f.id)}
          />
        ))}
      </div>
      <fieldset className="mt-4 flex flex-wrap gap-2">
        <legend className="sr-only">Compared</legend>
        {(['100g', 'serving', 'point'] as const).map((x) => (
          <label
            key={x}
            className="chip flex cursor-pointer items-center gap-2 has-checked:border-ink has-checked:font-semibold"
          >
            <input type="radio" name="at" checked={x === at} onChange={() => set('at', x)} /> {words[x]}
          </label>
        ))}
      </fieldset>
      {compared.every((c) => c === null) ? (
        <p className="mt-6 text-soft">
          {sayIn(household.region, 'Choose two foods, such as soured cream and its light kin.')}
        </p>
      ) : (
        <table className="mt-4 w-full max-w-3xl text-left">
          <thead>
            <tr className="border-ink border-b">
              <td />
              {compared.map((c, i) => (
                <th key={i === 0 ? 'a' : 'b'} scope="col" className="px-2 py-1.5 text-right">
                  {c && (
                    <>
                      <Link to={`/h/${household.id}/pantry/${c.food.id}`} className="hover:text-beet">
                        {c.food.name}
                      </Link>
                      <span className="block font-normal text-soft text-sm">{amountOf(c, household.system)}</span>
                    </>
                  )}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {eaters.map((e, n) => (
              <tr key={e.eater.id} className="border-rule border-b">
                <th scope="row" className="py-1.5 font-normal">
                  points, {e.eater.name} <span className="mark">{e.program.mark}</span>
                </th>
                {compared.map((c, i) => (
                  <td key={i === 0 ? 'a' : 'b'} className="px-2 text-right font-bold font-head text-lg">
                    {c?.raw ? formatShare(c.raw[n]!) : ''}
                  </td>
                ))}
              </tr>
            ))}
            {ROWS.map((n) => (
              <tr key={n} className="border-rule border-b">
                <th scope="row" className="py-1.5 font-normal">
                  {NUTRIENT_WORDS[n].name}
                </th>
                {compared.map((c, i) => (
                  <td key={i === 0 ? 'a' : 'b'} className="px-2 text-right">
                    {c?.profile ? amountWords(c.profile[n].value, n) : ''}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      )}
    </main>
  );
}

function amountOf(c: ComparedFood, system: Parameters<typeof describeGrams>[2]): string {
  if (c.grams === null) return noAmount(c.food);
  return describeGrams(c.food, c.grams, system);
}

const noAmount = (food: Food): string =>
  food.measures.length === 0 ? 'no household measure is known' : 'any amount counts nothing';
