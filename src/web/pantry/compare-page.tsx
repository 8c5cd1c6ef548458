import { useMemo } from 'react';
import { useSearchParams } from 'react-router';
import { type CompareAt, foodAt } from '../../core/program/compare-foods.ts';
import { sayIn } from '../../core/region/say-in.ts';
import { FoodChooser } from '../components/food-chooser.tsx';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { CompareTable } from './compare-table.tsx';
import { PantryHead } from './pantry-head.tsx';

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
    <main className="page">
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
      <OneOfFew
        label="Compared"
        className="mt-4"
        value={at}
        choices={(['100g', 'serving', 'point'] as const).map((x) => ({ value: x, words: words[x] }))}
        onPick={(x) => set('at', x)}
      />
      {compared.every((c) => c === null) ? (
        <p className="mt-6 text-soft">
          {sayIn(household.region, 'Choose two foods, such as soured cream and its light kin.')}
        </p>
      ) : (
        <CompareTable compared={compared} eaters={eaters} household={household} />
      )}
    </main>
  );
}
