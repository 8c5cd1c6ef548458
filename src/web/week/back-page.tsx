import { lazy, Suspense, useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { WEEK_API } from '../../contract/week-api.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { addDays, daysOfWeek } from '../../core/quantity/calendar-day.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { saveFile } from '../kit/save-file.ts';
import { errorWords, sayError } from '../kit/say-error.ts';
import { rememberEater, useLastEater } from './last-eater.ts';
import { useToday } from './use-week.ts';
import { WeekHead } from './week-head.tsx';

const LazyCharts = lazy(() => import('./back-charts.tsx'));

const SPANS = [
  { value: '28', words: 'four weeks' },
  { value: '91', words: 'three months' },
  { value: '364', words: 'a year' },
] as const;

/** Days and weeks of somebody's that are over, as they were lived. */
export function BackPage() {
  const { household, eaters, programs } = useHousehold();
  const [params, setParams] = useSearchParams();
  const [span, setSpan] = useState<(typeof SPANS)[number]['value']>('28');
  const today = useToday();
  const last = useLastEater(household.id);
  const eater = eaters.find((e) => e.id === (params.get('eater') ?? last)) ?? eaters[0];
  // Weeks are looked at from their beginning: a cut one would look like a poor one.
  const begins = programs.find((p) => p.id === eater?.programId)?.week.begins ?? 1;
  const from = daysOfWeek(addDays(today, -Number(span)), begins)[0]!;
  const { data, error } = useAnswer(
    WEEK_API.lookBack,
    eater === undefined ? null : { h: household.id, id: eater.id, query: { from, to: addDays(today, -1) } },
  );
  const save = async () => {
    const { rowsToCsv } = await import('../pantry/files/write-csv.ts');
    saveFile(
      `days-${eater?.name ?? ''}-${from}.csv`,
      rowsToCsv((data?.days ?? []).map((d) => ({ ...d, complete: d.complete ? 'yes' : 'no' }))),
      'text/csv',
    );
  };
  const told = data?.days.filter((d) => d.points !== null || d.kcal !== null).length ?? 0;
  return (
    <main className="page">
      <WeekHead title="Looking back">
        {data && told > 0 && (
          <button type="button" className="btn" onClick={() => void save().catch(sayError)}>
            As CSV
          </button>
        )}
      </WeekHead>
      <div className="mt-4 flex flex-wrap gap-x-8 gap-y-3">
        {eaters.length > 1 && (
          <OneOfFew
            label="Whose days"
            value={eater?.id ?? ''}
            choices={eaters.map((e) => ({ value: e.id, words: e.name }))}
            onPick={(id) => {
              rememberEater(household.id, id);
              setParams({ eater: id }, { replace: true });
            }}
          />
        )}
        <OneOfFew label="How far back" value={span} choices={SPANS} onPick={setSpan} />
      </div>
      {error && !data && <p className="note mt-4">{errorWords(error)}</p>}
      {data &&
        (told === 0 ? (
          <p className="mt-6 max-w-xl text-soft">
            Nothing was told of these days. That is no day of nothing: it stays empty here until something is put on a
            day.
          </p>
        ) : (
          <>
            <p className="mt-4">
              {told} of {data.days.length} days were told
              {data.gaps > 0 && `; of the other ${data.gaps} nothing is known, and they stay empty`}.
            </p>
            <Suspense fallback={<p className="mt-4 text-soft">Drawing…</p>}>
              <LazyCharts back={data} counts={eater?.programId !== null} />
            </Suspense>
            <WeeksTable weeks={data.weeks} />
            <div className="mt-6 grid gap-x-10 gap-y-6 sm:grid-cols-3">
              <DishTimes title="Eaten most" dishes={data.most} />
              <DishTimes title="Cooked most, by all" dishes={data.cooked} />
              <DishTimes title="Liked most" dishes={data.liked} />
            </div>
          </>
        ))}
    </main>
  );
}

interface WeekTold {
  readonly from: string;
  readonly daysTold: number;
  readonly points: number | null;
  readonly allowance: number | null;
  readonly variety: number;
  readonly isWhole: boolean;
}

/** The weeks in numbers: what the charts show. */
function WeeksTable({ weeks }: { readonly weeks: readonly WeekTold[] }) {
  return (
    // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls is reached by the keyboard, too
    <section aria-label="Weeks" className="relative mt-6 overflow-x-auto" tabIndex={0}>
      <h2 className="text-xl">Weeks</h2>
      <table className="mt-1 w-full max-w-3xl text-left">
        <thead>
          <tr className="border-ink border-b">
            {['Week of', 'Days told', 'Points', 'Allowance and reserve', 'Different things'].map((t, i) => (
              <th key={t} scope="col" className={`py-1 pr-4 ${i > 0 ? 'text-right' : ''}`}>
                {t}
              </th>
            ))}
          </tr>
        </thead>
        <tbody>
          {weeks.map((w) => (
            <tr key={w.from} className="border-rule border-b">
              <th scope="row" className="whitespace-nowrap py-1 pr-4 font-normal">
                {formatDay(w.from)}
                {!w.isWhole && <span className="text-soft">, so far</span>}
              </th>
              <td className="pr-4 text-right">{w.daysTold}</td>
              <td className="pr-4 text-right">{w.points === null ? '–' : formatPoints(w.points)}</td>
              <td className="pr-4 text-right text-soft">{w.allowance === null ? '–' : formatPoints(w.allowance)}</td>
              <td className="pr-4 text-right">{w.daysTold === 0 ? '–' : w.variety}</td>
            </tr>
          ))}
        </tbody>
      </table>
    </section>
  );
}

interface DishTimesProps {
  readonly title: string;
  readonly dishes: readonly { readonly recipeId: string; readonly title: string; readonly times: number }[];
}

function DishTimes({ title, dishes }: DishTimesProps) {
  const { household } = useHousehold();
  if (dishes.length === 0) return null;
  return (
    <section aria-label={title}>
      <h2 className="text-xl">{title}</h2>
      <ol className="mt-1">
        {dishes.map((d) => (
          <li key={d.recipeId} className="flex items-center justify-between gap-4 border-rule border-b py-1">
            <Link
              to={`/h/${household.id}/recipes/${d.recipeId}`}
              className="press underline decoration-rule underline-offset-4"
            >
              {d.title}
            </Link>
            <span className="whitespace-nowrap text-soft">{d.times === 1 ? 'once' : `${d.times} times`}</span>
          </li>
        ))}
      </ol>
    </section>
  );
}
