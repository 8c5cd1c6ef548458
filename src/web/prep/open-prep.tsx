import { Play, Share2, Trash2 } from 'lucide-react';
import { useMemo } from 'react';
import { Link } from 'react-router';
import { orderOfWork } from '../../core/prep/order-of-work.ts';
import { planSums } from '../../core/prep/plan-sums.ts';
import type { Prep } from '../../core/prep/prep.ts';
import { closedUp, keptOrder, movedTask } from '../../core/prep/prep-plan.ts';
import { minutesSaid } from '../../core/quantity/minutes-said.ts';
import { useHousehold } from '../context/household-context.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { DishesOfPrep } from './dishes-of-prep.tsx';
import { GuessedMinutes } from './guessed-minutes.tsx';
import { LivePanel } from './live-panel.tsx';
import { OrderList } from './order-list.tsx';
import { OrderSaid } from './order-said.tsx';
import type { PrepChange, PrepChangeFrom } from './prep-change.ts';
import { useBeginPrep } from './use-begin-prep.ts';
import { useLive } from './use-live.ts';
import { usePlan } from './use-plan.ts';
import { WorkLanes } from './work-lanes.tsx';

interface OpenPrepProps {
  readonly prep: Prep;
  /** Other prep days: what was said there of a step's minutes holds here too. */
  readonly earlier: readonly Prep[];
  readonly change: PrepChange;
  readonly changeFrom: PrepChangeFrom;
  readonly onRemove: () => Promise<void>;
  readonly onRestore: () => Promise<void>;
}

/** A prep day: its order of work, its lanes, what was guessed; and, once it is begun, where one stands in it. */
export function OpenPrep({ prep, earlier, change, changeFrom, onRemove, onRestore }: OpenPrepProps) {
  const { household } = useHousehold();
  const open = usePlan(prep, earlier);
  const { dishes, plan, problem } = open;
  const begin = useBeginPrep(prep, changeFrom);
  const live = useLive(prep, plan, change);
  const titles = useMemo(() => new Map(dishes?.map((d) => [d.dish.id, d.title])), [dishes]);
  const rows = useMemo(() => (plan === null ? [] : orderOfWork(plan, prep.start)), [plan, prep.start]);
  const sums = useMemo(() => (plan === null ? null : planSums(plan)), [plan]);
  const set = (after: Partial<Prep>, label: string): void => void change({ ...prep, ...after }, label).catch(sayError);
  const move = (taskId: string, start: number): void => {
    const next = plan === null ? null : movedTask(plan, taskId, start);
    if (next === null) return;
    change({ ...prep, kept: keptOrder(next) }, 'Another time').then(
      (undo) => sayDone('Moved; the rest follows.', undo),
      sayError,
    );
  };
  // What was told of a step is another day of work: where the order was moved by hand it stays, and what needs longer pushes the rest.
  const tell = (key: string, minutes: number): void =>
    set({ minutes: { ...prep.minutes, [key]: minutes } }, 'How long it takes');
  const asides = (of: 'before' | 'after') => dishes?.flatMap((d) => d.tasks?.[of] ?? []) ?? [];
  const guesses = [...(problem?.notes ?? []), ...(dishes?.flatMap((d) => d.tasks?.guesses ?? []) ?? [])];
  return (
    <>
      {plan !== null && sums !== null && (
        <p className="mt-4 text-lg">
          <strong>
            {rows[0]?.clock} to {rows.at(-1) && endClock(rows)}
          </strong>
          : {minutesSaid(sums.minutes)}, of which hands are at work {minutesSaid(sums.hands)}. One dish after the other
          it would be {minutesSaid(sums.oneByOne)}.
        </p>
      )}
      <OrderSaid
        open={open}
        hasDishes={prep.dishes.length > 0}
        onAnew={() => set({ kept: null }, 'Worked out anew')}
        onClose={() => {
          const next = plan === null ? null : closedUp(plan);
          if (next !== null) set({ kept: keptOrder(next) }, 'Without gaps');
        }}
        isBegun={prep.begun !== null}
      />
      {prep.begun !== null && live !== null && plan !== null && <LivePanel prep={prep} live={live} titles={titles} />}
      {asides('before').length > 0 && (
        <section aria-label="The evening before" className="note mt-4">
          <h2 className="font-semibold">The evening before</h2>
          <ul className="list-disc pl-5">
            {asides('before').map((b) => (
              <li key={`${b.dishId} ${b.words}`}>
                {b.words} <span className="text-soft">({titles.get(b.dishId)})</span>
              </li>
            ))}
          </ul>
        </section>
      )}
      <div className="mt-5 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 desk:grid-cols-[minmax(0,1.7fr)_minmax(0,1fr)]">
        <section aria-label="Order of work">
          <h2 className="border-ink border-b text-xl">Order of work</h2>
          {plan === null ? (
            <p className="mt-3 text-soft" role="status">
              {prep.dishes.length === 0 ? 'No dish is on it.' : 'Working it out…'}
            </p>
          ) : (
            <OrderList
              rows={rows}
              plan={plan}
              titles={titles}
              live={live}
              onMove={move}
              onTell={tell}
              dishes={prep.dishes}
            />
          )}
          {asides('after').length > 0 && (
            <ul aria-label="Afterwards" className="mt-3 text-soft">
              {asides('after').map((a) => (
                <li key={`${a.dishId} ${a.words}`}>
                  {titles.get(a.dishId)}: {a.words}
                  {a.minutes > 0 && ` in the boxes, ${minutesSaid(a.minutes)}`}.
                </li>
              ))}
            </ul>
          )}
        </section>
        <div className="no-print space-y-6">
          {prep.begun === null && plan !== null && (
            <div>
              <button
                type="button"
                className="btn btn-main min-h-16 w-full text-xl"
                disabled={begin.isBusy}
                onClick={() => void begin.begin(plan, dishes ?? [])}
              >
                <Play size={22} aria-hidden="true" /> Begin now
              </button>
              <p className="mt-1 text-soft text-sm">
                Each dish is then at the stove, and this leads from one to the other.
              </p>
            </div>
          )}
          <GuessedMinutes plan={plan} titles={titles} guesses={guesses} onTell={tell} />
          <DishesOfPrep prep={prep} dishes={dishes} set={set} />
          {prep.dishes.length > 0 && (
            <Link className="btn" to={`/h/${household.id}/recipes/together?of=prep&id=${prep.id}`}>
              <Share2 size={18} aria-hidden="true" /> Pass it on
            </Link>
          )}
          <button
            type="button"
            className="btn"
            onClick={() => void onRemove().then(() => sayDone('The prep day is gone.', onRestore), sayError)}
          >
            <Trash2 size={18} aria-hidden="true" /> Remove this prep day
          </button>
        </div>
      </div>
      {plan !== null && (
        <WorkLanes plan={plan} start={prep.start} titles={titles} minute={live?.minute ?? null} onMove={move} />
      )}
    </>
  );
}

/** When the last line is over. */
const endClock = (
  rows: readonly { readonly clock: string; readonly at: number; readonly minutes: number; readonly endsAt: string }[],
): string => [...rows].sort((a, b) => b.at + b.minutes - (a.at + a.minutes))[0]!.endsAt;
