import { format, parseISO } from 'date-fns';
import { useSearchParams } from 'react-router';
import { WeekHead } from '../week/week-head.tsx';
import { NewPrep } from './new-prep.tsx';
import { OpenPrep } from './open-prep.tsx';
import { barePrep, usePreps } from './use-preps.ts';

const prepDayWords = (day: string): string => format(parseISO(day), 'EEE d MMM');

/** Several dishes in one go: what is done when, in one order of work. */
export function PrepPage() {
  const [params, setParams] = useSearchParams();
  const { preps, make, change, remove, restore, isLoading } = usePreps();
  const open = preps.find((p) => p.id === params.get('prep'));
  const others = preps.filter((p) => p.id !== open?.id);
  return (
    <main className="page">
      <WeekHead
        title={open === undefined ? 'Prep day' : `Prep day, ${prepDayWords(open.day)}`}
        about="Several dishes in one go, in an order that works out."
      />
      {isLoading ? (
        <p className="mt-6 text-soft" role="status">
          Looking…
        </p>
      ) : open === undefined ? (
        <NewPrep
          day={params.get('day')}
          onMake={async (prep) => {
            await make(prep.id, prep);
            setParams({ prep: prep.id });
          }}
        />
      ) : (
        <OpenPrep
          key={open.id}
          prep={barePrep(open)}
          earlier={others}
          change={(after, label) => change(open.id, barePrep(open), after, label)}
          changeFrom={(seen, after, label) => change(open.id, seen, after, label)}
          onRemove={async () => {
            await remove(open.id);
            setParams({});
          }}
          onRestore={() => restore(open.id)}
        />
      )}
      {others.length > 0 && (
        <section aria-label="Other prep days" className="no-print mt-8">
          <h2 className="text-xl">Other prep days</h2>
          <ul className="mt-1 flex flex-wrap gap-2">
            {others.slice(0, 12).map((p) => (
              <li key={p.id}>
                <button type="button" className="chip" onClick={() => setParams({ prep: p.id })}>
                  {prepDayWords(p.day)}, {p.dishes.length} {p.dishes.length === 1 ? 'dish' : 'dishes'}
                </button>
              </li>
            ))}
            {open !== undefined && (
              <li>
                <button type="button" className="chip" onClick={() => setParams({})}>
                  A new one
                </button>
              </li>
            )}
          </ul>
        </section>
      )}
    </main>
  );
}
