import { useState } from 'react';
import { Link } from 'react-router';
import { WEEK_API } from '../../contract/week-api.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount, formatGrams } from '../../core/quantity/format-amount.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import type { Meal } from '../../core/table/meal.ts';
import { useHousehold } from '../context/household-context.ts';
import { useRecipeSearch } from '../data/queries.ts';
import { useAnswer } from '../data/use-answer.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { NotToBeEaten } from './not-to-be-eaten.tsx';
import type { OpenWeek } from './use-week.ts';

interface TreatPanelProps {
  readonly eaterId: string;
  readonly day: string;
  readonly meal: Meal;
  readonly points: number;
  readonly week: OpenWeek;
  readonly onDone: () => void;
}

/** A dish that eats the day: lightened, smaller, another day, beside what is bought of that kind. */
export function TreatPanel({ eaterId, day, meal, points, week, onDone }: TreatPanelProps) {
  const { household } = useHousehold();
  const [typed, setTyped] = useState('');
  const [recipeId, setRecipeId] = useState<string | null>(null);
  const { data: found } = useRecipeSearch(household.id, typed, 6);
  const { data: treat } = useAnswer(
    WEEK_API.treat,
    recipeId === null ? null : { h: household.id, id: recipeId, query: { eater: eaterId, points, day } },
    { keepPreviousData: false },
  );
  const put = async (versionId: string, portion: number, onDay: string) => {
    try {
      const what = { kind: 'version', recipeId: recipeId!, versionId } as const;
      const made = await week.add([
        { eaterId, day: onDay, meal: meal.id, what, words: treat!.title, portion, spread: 0, state: 'planned' },
      ]);
      onDone();
      sayDone(`${treat!.title} is on the day, ${meal.name.toLowerCase()}.`, () => week.takeBack(made));
    } catch (e) {
      sayError(e);
    }
  };
  // What the other days have room for is the one of the fewest points.
  const lightest = treat?.versions
    .filter((v) => v.notFor.length === 0 && !v.unread)
    .toSorted((a, b) => (a.points ?? 1e9) - (b.points ?? 1e9))[0];
  return (
    <section aria-label="A treat" className="mt-5 border-ink border-t pt-3">
      <h2 className="text-xl">A treat that eats the day</h2>
      <label className="mt-1 block max-w-sm">
        <span className="label">Which dish?</span>
        <input
          className="field"
          value={typed}
          onChange={(e) => {
            setTyped(e.target.value);
            setRecipeId(null);
          }}
        />
      </label>
      {typed.trim() !== '' && recipeId === null && (
        <p className="mt-2 flex flex-wrap gap-2">
          {found?.rows.map((r) => (
            <button key={r.id} type="button" className="chip" onClick={() => setRecipeId(r.id)}>
              {r.title}
            </button>
          ))}
        </p>
      )}
      {treat && (
        <div className="mt-3" role="status">
          <table className="w-full max-w-2xl text-left">
            <thead>
              <tr className="border-ink border-b">
                <th scope="col" className="py-1 pr-3">
                  {treat.title}
                </th>
                <th scope="col" className="pr-3 text-right">
                  A serving
                </th>
                <th scope="col" className="text-right">
                  What fits
                </th>
              </tr>
            </thead>
            <tbody>
              {treat.versions.map((v) => (
                <tr key={v.versionId} className="border-rule border-b">
                  <th scope="row" className="py-1.5 pr-3 font-normal">
                    {v.name}
                    <span className="block text-soft text-sm">{v.grams === null ? '' : formatGrams(v.grams)}</span>
                    <NotToBeEaten things={v.notFor} />
                  </th>
                  <td className="pr-3 text-right">
                    {v.unread && <span className="text-soft text-sm">at least </span>}
                    <strong className="font-head text-figure">
                      {v.points === null ? '?' : formatPoints(v.points)}
                    </strong>
                  </td>
                  <td className="text-right">
                    {v.notFor.length > 0 ? null : v.unread ? (
                      <Link className="underline" to={`/h/${household.id}/recipes/${recipeId}/bring-in`}>
                        a line is not read
                      </Link>
                    ) : v.portion === null ? (
                      <span className="text-soft">not even a quarter</span>
                    ) : (
                      <button
                        type="button"
                        className="btn btn-small whitespace-nowrap"
                        onClick={() => void put(v.versionId, v.portion!, day)}
                      >
                        {formatAmount(v.portion)} for {formatPoints(v.portionPoints ?? 0)}
                      </button>
                    )}
                  </td>
                </tr>
              ))}
              {treat.bought.map((b) => (
                <tr key={b.foodId} className="border-rule border-b text-soft">
                  <th scope="row" className="py-1.5 pr-3 font-normal">
                    {b.name}, bought
                    <span className="block text-sm">{formatGrams(b.grams)}</span>
                  </th>
                  <td className="pr-3 text-right">{b.points === null ? '?' : formatPoints(b.points)}</td>
                  <td />
                </tr>
              ))}
            </tbody>
          </table>
          {treat.days.length > 0 && lightest !== undefined && (
            <p className="mt-2 flex flex-wrap items-center gap-2">
              <span>All of it on another day:</span>
              {treat.days.map((d) => (
                <button
                  key={d.day}
                  type="button"
                  className="chip"
                  onClick={() => void put(lightest.versionId, 1, d.day)}
                >
                  {formatDay(d.day)}, {formatPoints(d.mayTake)} free
                </button>
              ))}
            </p>
          )}
        </div>
      )}
    </section>
  );
}
