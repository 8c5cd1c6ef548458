import { useEffect, useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { plateLines } from '../../core/counting/plate-lines.ts';
import { indexFoods } from '../../core/food/match-food.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { platePoints } from '../../core/program/plate.ts';
import { formatGrams } from '../../core/quantity/format-amount.ts';
import { sayIn } from '../../core/region/say-in.ts';
import { AddLine } from '../components/add-line.tsx';
import { useCounting, useHousehold } from '../context/household-context.ts';
import { usePantry } from '../data/queries.ts';
import { PantryHead } from './pantry-head.tsx';

/** Several small things on one plate: each rounded alone, and all of it together. */
export function PlatePage() {
  const { household } = useHousehold();
  const eaters = useCounting();
  const { data: pantry } = usePantry(household.id);
  const [params, setParams] = useSearchParams();
  const [texts, setTexts] = useState(() => params.getAll('with'));
  const index = useMemo(() => indexFoods(pantry ?? []), [pantry]);
  const lines = useMemo(() => plateLines(texts, index, household.system), [texts, index, household.system]);
  const counted = useMemo(
    () =>
      eaters.map((e) =>
        platePoints(
          lines.map((l) => l.line),
          e.counter,
        ),
      ),
    [lines, eaters],
  );
  // The address carries the plate, so that it can be kept and sent.
  useEffect(() => {
    setParams(
      texts.map((t) => ['with', t] as [string, string]),
      { replace: true },
    );
  }, [texts, setParams]);
  return (
    <main className="mx-auto max-w-6xl px-4 py-5 md:px-8">
      <PantryHead title="A plate" about="Several zeros on one plate can add up to a point: here is when they do." />
      <AddLine
        label="Something on the plate"
        placeholder="such as 1 tbsp light mayonnaise"
        onAdd={(t) => setTexts((before) => [...before, t])}
      />
      {texts.length === 0 ? (
        <p className="text-soft">
          {sayIn(
            household.region,
            'Nothing on it yet. Write what lies on it, such as 2 tsp ketchup, 1 tbsp fat-free soured cream, 10 g jam.',
          )}
        </p>
      ) : (
        <table className="w-full text-left">
          <thead>
            <tr className="border-rule border-b text-soft text-sm">
              <th scope="col" className="py-1.5 font-normal">
                On the plate
              </th>
              {eaters.map((e) => (
                <th key={e.eater.id} scope="col" className="px-2 text-right font-normal">
                  <span className="mark">{e.program.mark}</span> <span className="sr-only">{e.eater.name}</span>
                </th>
              ))}
              <td />
            </tr>
          </thead>
          <tbody>
            {lines.map((l, i) => (
              <tr key={`${i}-${l.text}`} className="border-rule border-b">
                <th scope="row" className="py-1.5 font-normal">
                  {l.text}{' '}
                  <span className="text-soft text-sm">
                    {l.food === null
                      ? 'not in the pantry'
                      : l.grams === null
                        ? `${l.food.name}: how much?`
                        : `${l.food.name}, ${formatGrams(l.grams)}`}
                  </span>
                </th>
                {counted.map((c, e) => (
                  <td key={eaters[e]!.eater.id} className="px-2 text-right">
                    {l.grams === null ? '?' : formatPoints(c.each[i]!)}
                  </td>
                ))}
                <td className="text-right">
                  <button
                    type="button"
                    className="btn btn-plain btn-small"
                    aria-label={`Take ${l.text} off`}
                    onClick={() => setTexts((before) => before.filter((_, n) => n !== i))}
                  >
                    Take off
                  </button>
                </td>
              </tr>
            ))}
          </tbody>
          <tfoot>
            <tr className="border-rule border-b">
              <th scope="row" className="py-2 font-normal">
                each rounded, then added
              </th>
              {counted.map((c, e) => (
                <td key={eaters[e]!.eater.id} className="px-2 text-right">
                  {formatPoints(c.apart)}
                </td>
              ))}
              <td />
            </tr>
            <tr>
              <th scope="row" className="py-2 font-semibold text-lg">
                the whole plate
              </th>
              {counted.map((c, e) => (
                <td key={eaters[e]!.eater.id} className="px-2 text-right font-bold font-head text-2xl">
                  {formatPoints(c.together)}
                </td>
              ))}
              <td />
            </tr>
          </tfoot>
        </table>
      )}
      <ul className="mt-4 space-y-1" aria-live="polite">
        {counted.map((c, e) =>
          c.words === null ? null : (
            <li key={eaters[e]!.eater.id} className="note">
              <span className="mark mr-2">{eaters[e]!.program.mark}</span>
              {c.words}
            </li>
          ),
        )}
      </ul>
    </main>
  );
}
