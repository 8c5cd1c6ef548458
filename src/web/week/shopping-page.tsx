import { parseISO } from 'date-fns';
import { ShoppingBasket } from 'lucide-react';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { v7 as uuid } from 'uuid';
import { WEEK_API } from '../../contract/week-api.ts';
import { addDays } from '../../core/quantity/calendar-day.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import type { Trip } from '../../core/shopping/trip.ts';
import { useHousehold } from '../context/household-context.ts';
import { ask } from '../data/api.ts';
import { useAnswer } from '../data/use-answer.ts';
import { sayError } from '../kit/say-error.ts';
import { useRows } from '../saving/use-document.ts';
import { TripList } from './trip-list.tsx';
import { useKeptWeek } from './use-kept-week.ts';
import { useToday } from './use-week.ts';
import { WeekHead } from './week-head.tsx';

const idOfTrip = (t: Trip): string => t.id;
const NO_TRIPS: readonly (Trip & { readonly revision: number })[] = [];

/** What is to get: a list taken from the plan, ticked off in the shop, with network or without. */
export function ShoppingPage() {
  const { household } = useHousehold();
  const h = household.id;
  const today = useToday();
  const [params, setParams] = useSearchParams();
  const { data, error, isLoading } = useAnswer(WEEK_API.trips, { h }, { revalidateOnFocus: true });
  const { rows, make, change, remove, restore } = useRows(h, 'trips', data ?? NO_TRIPS, idOfTrip);
  const trips = useMemo(() => rows.toSorted((a, b) => b.made.localeCompare(a.made)), [rows]);
  const open = trips.find((t) => t.id === params.get('list')) ?? trips.find((t) => t.done === null);
  useKeptWeek();
  if (error && data === undefined) throw error;
  return (
    <main className="page">
      <WeekHead title={open?.name ?? 'To get'} />
      {data === undefined && isLoading ? (
        <p className="mt-6 text-soft" role="status">
          Looking…
        </p>
      ) : open === undefined ? (
        <>
          <p className="mt-4 max-w-xl text-soft">
            No list is open. One is taken from the plan: what its pots, dishes and foods need, less what is in the
            house, and what should always be there. It stays as it was taken; what the plan moves later is offered.
          </p>
          <NewTrip
            today={today}
            onMake={async (trip) => {
              await make(trip.id, trip);
              setParams({ list: trip.id });
            }}
          />
        </>
      ) : (
        <TripList
          key={open.id}
          trip={open}
          revision={open.revision}
          change={(after, label) => change(open.id, open, after, label)}
          onRemove={() => remove(open.id)}
          onRestore={() => restore(open.id)}
        />
      )}
      {(trips.length > 1 || (open === undefined && trips.length > 0)) && (
        <section aria-label="Other lists" className="no-print mt-8">
          <h2 className="text-xl">Other lists</h2>
          <ul className="mt-1 flex flex-wrap gap-2">
            {trips
              .filter((t) => t.id !== open?.id)
              .slice(0, 12)
              .map((t) => (
                <li key={t.id}>
                  <button type="button" className="chip" onClick={() => setParams({ list: t.id })}>
                    {t.name}
                    {t.done !== null && ', done'}
                  </button>
                </li>
              ))}
          </ul>
        </section>
      )}
      {open !== undefined && open.done !== null && (
        <div className="no-print mt-6">
          <NewTrip
            today={today}
            onMake={async (trip) => {
              await make(trip.id, trip);
              setParams({ list: trip.id });
            }}
          />
        </div>
      )}
    </main>
  );
}

interface NewTripProps {
  readonly today: string;
  readonly onMake: (trip: Trip) => Promise<void>;
}

function NewTrip({ today, onMake }: NewTripProps) {
  const { household } = useHousehold();
  const [from, setFrom] = useState(today);
  const [to, setTo] = useState(addDays(today, 6));
  const [busy, setBusy] = useState(false);
  const take = async () => {
    setBusy(true);
    try {
      const items = await ask(WEEK_API.toGet, { h: household.id, query: { from, to } });
      const name = `To get until ${formatDay(to)}`;
      await onMake({
        id: uuid(),
        name,
        from,
        to,
        made: new Date().toISOString(),
        items,
        ticks: {},
        done: null,
        home: [],
      });
    } catch (e) {
      sayError(e);
    } finally {
      setBusy(false);
    }
  };
  const isRight = parseISO(from) <= parseISO(to);
  return (
    <div className="mt-4 flex flex-wrap items-end gap-3">
      <label className="block">
        <span className="label">For what is planned from</span>
        <input type="date" className="field" value={from} onChange={(e) => e.target.value && setFrom(e.target.value)} />
      </label>
      <label className="block">
        <span className="label">to</span>
        <input type="date" className="field" value={to} onChange={(e) => e.target.value && setTo(e.target.value)} />
      </label>
      <button type="button" className="btn btn-main" disabled={busy || !isRight} onClick={() => void take()}>
        <ShoppingBasket size={20} aria-hidden="true" /> Take a list from the plan
      </button>
      {!isRight && <p className="w-full text-mustard">The second day is before the first one.</p>}
    </div>
  );
}
