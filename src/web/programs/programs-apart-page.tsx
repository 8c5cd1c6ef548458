import { lazy, Suspense, useMemo } from 'react';
import { Link, useNavigate, useSearchParams } from 'react-router';
import { describeGrams } from '../../core/food/describe-grams.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { plainCounter } from '../../core/program/program.ts';
import { programsApart } from '../../core/program/programs-apart.ts';
import { useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { Page } from '../kit/page.tsx';
import { Picker } from '../kit/picker.tsx';

const LazyApartChart = lazy(() => import('./apart-chart.tsx'));
/** So many of the foods that part furthest stand beside the picture. */
const MOST_APART = 40;

/** Two programs over the whole pantry: where they count alike, and which foods part them furthest. */
export function ProgramsApartPage() {
  const { household, programs, pins } = useHousehold();
  const { data: pantry } = usePantry(household.id);
  const [params, setParams] = useSearchParams();
  const navigate = useNavigate();
  const [one, other] = (['a', 'b'] as const).map(
    (k, i) => programs.find((p) => p.id === params.get(k)) ?? programs[Math.min(i, programs.length - 1)]!,
  ) as [(typeof programs)[number], (typeof programs)[number]];
  const apart = useMemo(
    () => programsApart(pantry ?? [], plainCounter(one, pins), plainCounter(other, pins)),
    [pantry, one, other, pins],
  );
  const differ = apart.filter((a) => a.points[0] !== a.points[1]);
  const pick = (key: 'a' | 'b', id: string) => {
    const next = new URLSearchParams(params);
    next.set(key, id);
    setParams(next, { replace: true });
  };
  const toFood = (id: string) => `/h/${household.id}/pantry/${id}`;
  return (
    <Page heading="Two programs side by side" of="Programs" about="A serving of every food of the pantry, under both.">
      <div className="mt-4 grid max-w-2xl gap-3 sm:grid-cols-2">
        {(
          [
            ['a', 'One program', one],
            ['b', 'The other', other],
          ] as const
        ).map(([key, label, program]) => (
          <Picker
            key={key}
            label={label}
            value={program.id}
            choices={programs.map((p) => ({ value: p.id, words: `${p.mark} · ${p.name}` }))}
            onPick={(id) => pick(key, id)}
          />
        ))}
      </div>
      {pantry === undefined ? (
        <p className="mt-6 text-soft" role="status">
          Counting the pantry…
        </p>
      ) : (
        <>
          <p className="mt-4" role="status">
            {differ.length === 0
              ? `A serving of each of ${apart.length} foods counts the same under both.`
              : `${differ.length} of ${apart.length} foods count otherwise. A food below the line costs less under ${other.mark}.`}
          </p>
          <div className="mt-3 grid gap-x-8 gap-y-4 desk:grid-cols-[minmax(0,1fr)_24rem]">
            <Suspense fallback={<div className="h-96" />}>
              <LazyApartChart apart={apart} marks={[one.mark, other.mark]} onFood={(id) => navigate(toFood(id))} />
            </Suspense>
            {differ.length > 0 && (
              <table className="h-fit w-full text-left">
                <caption className="mb-1 text-left font-bold font-head text-lg">Furthest apart</caption>
                <thead className="text-sm text-soft">
                  <tr>
                    <th scope="col" className="font-normal">
                      a serving
                    </th>
                    <th scope="col" className="px-2 text-right font-normal">
                      {one.mark}
                    </th>
                    <th scope="col" className="text-right font-normal">
                      {other.mark}
                    </th>
                  </tr>
                </thead>
                <tbody>
                  {differ.slice(0, MOST_APART).map((a) => (
                    <tr key={a.food.id} className="border-rule border-t">
                      <th scope="row" className="py-1 font-normal">
                        <Link to={toFood(a.food.id)} className="press hover:text-beet">
                          {a.food.name}
                        </Link>{' '}
                        <span className="text-sm text-soft">{describeGrams(a.food, a.grams, household.system)}</span>
                      </th>
                      <td className="px-2 text-right font-bold font-head">{formatPoints(a.points[0])}</td>
                      <td className="text-right font-bold font-head">{formatPoints(a.points[1])}</td>
                    </tr>
                  ))}
                </tbody>
              </table>
            )}
          </div>
        </>
      )}
    </Page>
  );
}
