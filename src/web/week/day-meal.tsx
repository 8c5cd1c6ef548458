import { Copy, Plus } from 'lucide-react';
import { useState } from 'react';
import { type CountedEntry, sumEntries, type ToldDay } from '../../core/day/eater-week.ts';
import { pointsOfDay } from '../../core/day/points-of-day.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { type Meal, mealAim } from '../../core/table/meal.ts';
import { useHousehold } from '../context/household-context.ts';
import { CopyDialog } from './copy-dialog.tsx';
import { EntryRow } from './entry-row.tsx';
import type { OpenWeek } from './use-week.ts';

interface DayMealProps {
  readonly meal: Meal;
  readonly week: OpenWeek;
  readonly told: ToldDay;
  readonly entries: readonly CountedEntry[];
  readonly onAdd: () => void;
}

/** A meal of a day: what is on it, and what that comes to. */
export function DayMeal({ meal, week, told, entries, onAdd }: DayMealProps) {
  const { eaters, household } = useHousehold();
  const [copies, setCopies] = useState(false);
  const { rules } = told;
  const sum = sumEntries(entries, rules, household.upwards);
  const aim = mealAim(meal, told.said.eaterId);
  const [points, perhaps] = pointsOfDay(sum);
  return (
    <section aria-label={meal.name} className="mb-5">
      <div className="flex flex-wrap items-baseline justify-between gap-x-3 border-ink border-b pb-1">
        <h2 className="text-xl">
          {meal.name}{' '}
          {meal.time !== null && <span className="font-normal font-sans text-base text-soft">{meal.time}</span>}
        </h2>
        {entries.length > 0 && (
          <span className="flex items-baseline gap-x-2 text-soft">
            {sum.kcal.complete ? '' : 'at least '}
            {Math.round(sum.kcal.value)}
            {aim.kcal !== null && ` of ${formatAmount(aim.kcal)}`} kcal
            {aim.protein !== null && (
              <span>{`${Math.round(sum.protein.value)} of ${formatAmount(aim.protein)} g protein`}</span>
            )}
            {rules !== null && (
              <span className="text-ink">
                <strong className="font-head text-figure">{points}</strong>
                {aim.points !== null && <span className="ml-1 text-soft">of {formatPoints(aim.points)}</span>}
                {perhaps !== '' && <span className="ml-1 text-mustard text-sm">{perhaps}</span>}
              </span>
            )}
          </span>
        )}
      </div>
      <ul>
        {entries.map((e) => (
          <EntryRow key={e.entry.id} counted={e} week={week} counts={rules !== null} />
        ))}
      </ul>
      <div className="mt-1 flex flex-wrap gap-1">
        <button
          type="button"
          className="btn btn-plain btn-small -ml-2"
          onClick={onAdd}
          aria-label={`Add to ${meal.name}`}
        >
          <Plus size={18} aria-hidden="true" /> {entries.length > 0 ? 'Anything on top?' : 'Add'}
        </button>
        {entries.length > 0 && (
          <button
            type="button"
            className="btn btn-plain btn-small"
            onClick={() => setCopies(true)}
            aria-label={`Copy ${meal.name}`}
          >
            <Copy size={16} aria-hidden="true" /> Copy
          </button>
        )}
      </div>
      {copies && (
        <CopyDialog
          title={`Copy ${meal.name.toLowerCase()}`}
          entries={entries.map((e) => e.entry)}
          week={week}
          eaters={eaters}
          onClose={() => setCopies(false)}
        />
      )}
    </section>
  );
}
