import { lazy, Suspense, useMemo } from 'react';
import { Link } from 'react-router';
import { describeGrams } from '../../core/food/describe-grams.ts';
import type { Food } from '../../core/food/food.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { ladderOf } from '../../core/program/ladder.ts';
import { plainCounter } from '../../core/program/program.ts';
import { isUncounted } from '../../core/program/uncounted.ts';
import { useCounting, useHousehold } from '../context/household-context.ts';

const LazyLadderChart = lazy(() => import('./ladder-chart.tsx'));
const RUNGS = 6;

/** The most of a food that counts 0, 1, 2 … for everyone at the table and under the other programs. */
export function Ladders({ food }: { food: Food }) {
  const { programs, pins, household } = useHousehold();
  const eaters = useCounting();
  const columns = useMemo(() => {
    const own = eaters.map((e) => ({ id: e.eater.id, mark: e.program.mark, name: e.eater.name, counter: e.counter }));
    const others = programs
      .filter((p) => !eaters.some((e) => e.program.id === p.id))
      .map((p) => ({ id: p.id, mark: p.mark, name: p.name, counter: plainCounter(p, pins) }));
    return [...own, ...others].map((c) => ({
      ...c,
      // Half-point steps take twice the rungs to come as far.
      rungs: ladderOf(food, c.counter, Math.round(RUNGS / c.counter.program.rule.step)),
      verdict: isUncounted(food, c.counter.program.list, c.counter.exceptions),
    }));
  }, [food, eaters, programs, pins]);
  return (
    <section aria-label="Ladders">
      <h2 className="text-xl">The most that counts</h2>
      <div className="mt-2 grid gap-4 sm:grid-cols-2">
        {columns.map((c) => (
          <div key={c.id} className="border-rule border-t pt-2">
            <h3 className="flex items-center gap-2 text-base">
              <span className="mark">{c.mark}</span> {c.name}
            </h3>
            {c.rungs.length === 1 && !Number.isFinite(c.rungs[0]!.mostGrams) ? (
              <p className="text-soft">
                Any amount counts 0{c.verdict.uncounted && c.verdict.words ? `: ${c.verdict.words}` : ''}.
              </p>
            ) : (
              <ol className="mt-1">
                {c.rungs.slice(0, RUNGS).map((r) => (
                  <li key={r.points} className="flex items-baseline gap-3">
                    <strong className="w-8 text-right font-head text-lg">{formatPoints(r.points)}</strong>
                    <span>
                      {Number.isFinite(r.mostGrams)
                        ? `up to ${describeGrams(food, r.mostGrams, household.system, 'atMost')}`
                        : 'any more'}
                    </span>
                  </li>
                ))}
              </ol>
            )}
            {c.verdict.words && !c.verdict.uncounted && <p className="text-soft text-sm">{c.verdict.words}</p>}
          </div>
        ))}
      </div>
      {columns.some((c) => c.rungs.length > 1) && (
        <div className="mt-3">
          <Suspense fallback={<p className="h-56 text-soft">Drawing…</p>}>
            <LazyLadderChart ladders={columns} />
          </Suspense>
        </div>
      )}
      <p className="mt-2 text-soft text-sm">
        Each for this food alone: several zeros on{' '}
        <Link className="underline" to={`/h/${household.id}/pantry/plate`}>
          one plate
        </Link>{' '}
        can add up to a point.
      </p>
    </section>
  );
}
