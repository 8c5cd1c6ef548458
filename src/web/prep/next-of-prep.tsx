import { ListOrdered } from 'lucide-react';
import { Link } from 'react-router';
import type { Prep } from '../../core/prep/prep.ts';
import { minutesSaid } from '../../core/quantity/minutes-said.ts';
import { useHousehold } from '../context/household-context.ts';
import type { PrepChange } from './prep-change.ts';
import { stovePath } from './stove-path.ts';
import { useLive } from './use-live.ts';
import { usePlan } from './use-plan.ts';
import { barePrep, usePreps } from './use-preps.ts';

interface NextOfPrepProps {
  /** What is at the stove here. */
  readonly cookId: string;
}

/** At the stove of a dish that is one of several: what comes next over all of them, and the way there. */
export function NextOfPrep({ cookId }: NextOfPrepProps) {
  const { preps, change } = usePreps();
  const prep = preps.find((p) => p.begun !== null && p.dishes.some((d) => d.cookId === cookId));
  if (prep === undefined) return null;
  return (
    <OpenNext
      prep={barePrep(prep)}
      earlier={preps}
      cookId={cookId}
      change={(after, label) => change(prep.id, barePrep(prep), after, label)}
    />
  );
}

interface OpenNextProps extends NextOfPrepProps {
  readonly prep: Prep;
  readonly earlier: readonly Prep[];
  readonly change: PrepChange;
}

function OpenNext({ prep, earlier, cookId, change }: OpenNextProps) {
  const { household } = useHousehold();
  const { plan, dishes } = usePlan(prep, earlier);
  const live = useLive(prep, plan, change);
  if (live === null || live.where.isOver) return null;
  const { now, behind } = live.where;
  const titleOf = (dishId: string): string => dishes?.find((d) => d.dish.id === dishId)?.title ?? '';
  const isHere = now !== null && prep.dishes.some((d) => d.id === now.dishId && d.cookId === cookId);
  const to = now === null || isHere ? null : stovePath(household.id, prep.dishes, now);
  return (
    <aside
      aria-label="Prep day"
      className="flex flex-wrap items-center justify-between gap-x-4 gap-y-1 border-rule border-b bg-beet-wash px-edge py-2"
    >
      <p className="min-w-0 flex-1 basis-64">
        {now === null ? (
          'Prep day: nothing to do just now.'
        ) : (
          <>
            <strong className="text-beet">{isHere ? 'Now, here:' : `Now: ${titleOf(now.dishId)}.`}</strong>{' '}
            <span dir="auto">{now.words}</span>
          </>
        )}
        {behind > 0 && <span className="text-mustard"> · {minutesSaid(behind)} behind</span>}
      </p>
      <span className="flex flex-wrap gap-2">
        {to !== null && (
          <Link className="btn btn-main btn-small min-h-11" to={to}>
            Go there
          </Link>
        )}
        <Link className="btn btn-small min-h-11" to={`/h/${household.id}/week/prep?prep=${prep.id}`}>
          <ListOrdered size={18} aria-hidden="true" /> Order of work
        </Link>
      </span>
    </aside>
  );
}
