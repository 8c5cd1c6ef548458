import { Link } from 'react-router';
import { clockAt } from '../../core/prep/clock-at.ts';
import type { Prep } from '../../core/prep/prep.ts';
import type { PrepTask } from '../../core/prep/prep-task.ts';
import { minutesSaid } from '../../core/quantity/minutes-said.ts';
import { useHousehold } from '../context/household-context.ts';
import { stovePath } from './stove-path.ts';
import type { Live } from './use-live.ts';

interface LivePanelProps {
  readonly prep: Prep;
  readonly live: Live;
  readonly titles: ReadonlyMap<string, string>;
}

/** What hands are at now, what comes next, what goes on, and whether it is late. */
export function LivePanel({ prep, live, titles }: LivePanelProps) {
  const { household } = useHousehold();
  const { where } = live;
  const clock = (at: number): string => clockAt(prep.start, at).clock;
  const titleOf = (t: PrepTask): string => titles.get(t.dishId) ?? '';
  if (where.isOver) {
    return (
      <section aria-label="Now" className="panel mt-4 p-4">
        <h2 className="text-2xl">Everything is in its boxes.</h2>
        <Link className="btn btn-main mt-3" to={`/h/${household.id}/pantry/boxes`}>
          See the boxes
        </Link>
      </section>
    );
  }
  const { now, next } = where;
  const to = now === null ? null : stovePath(household.id, prep.dishes, now);
  return (
    <section aria-label="Now" className="panel sticky top-0 z-10 mt-4 border-beet p-4">
      <p className="font-bold text-beet">
        {now === null ? 'Nothing to do just now' : `Now: ${titleOf(now)}`}
        {where.behind > 0 && <span className="text-mustard"> · {minutesSaid(where.behind)} behind</span>}
        <span className="text-soft"> · done about {clock(where.doneAt)}</span>
      </p>
      {now !== null && (
        <p className="font-head text-2xl leading-tight sm:text-3xl" dir="auto">
          {now.words}
        </p>
      )}
      <p className="mt-2 flex flex-wrap gap-2.5">
        {now !== null && now.stepId !== null && (
          <button
            type="button"
            className="btn btn-main min-h-14 px-8 text-lg"
            onClick={() => live.tick(now, now.hands ? 'done' : 'begun')}
          >
            {now.hands ? 'Done' : 'It is on'}
          </button>
        )}
        {to !== null && (
          <Link className="btn min-h-14" to={to}>
            {now?.stepId === null ? 'Dish up, into boxes' : 'See it at the stove'}
          </Link>
        )}
      </p>
      {where.other !== null && (
        <p className="mt-3 flex flex-wrap items-center gap-2">
          <span className="min-w-0" dir="auto">
            <strong className="text-beet">The other cook: {titleOf(where.other)}.</strong> {where.other.words}
          </span>
          {where.other.stepId !== null && (
            <button type="button" className="btn btn-small" onClick={() => live.tick(where.other!, 'done')}>
              This is done
            </button>
          )}
        </p>
      )}
      {next !== null && (
        <p className="mt-2 text-soft">
          Then: {next.words} ({titleOf(next)})
        </p>
      )}
      {where.goingOn.length > 0 && (
        <ul aria-label="Going on" className="mt-2">
          {where.goingOn.map(({ task, until }) => (
            <li key={task.id} className="flex flex-wrap items-center gap-2">
              <span className={until <= live.minute ? 'font-semibold text-mustard' : ''}>
                {titleOf(task)}: {task.words},{' '}
                {until <= live.minute ? `over since ${clock(until)}` : `until ${clock(until)}`}
              </span>
              <button type="button" className="btn btn-small" onClick={() => live.tick(task, 'done')}>
                It is done
              </button>
            </li>
          ))}
        </ul>
      )}
    </section>
  );
}
