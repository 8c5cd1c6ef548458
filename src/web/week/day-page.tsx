import { format, parseISO } from 'date-fns';
import { ChevronLeft, ChevronRight, Copy, ListPlus, Share2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { addDays, daysOfWeek } from '../../core/quantity/calendar-day.ts';
import { mealOf } from '../../core/table/meal.ts';
import { useHousehold } from '../context/household-context.ts';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { AddThing } from './add-thing.tsx';
import { CopyDialog } from './copy-dialog.tsx';
import { DayMeal } from './day-meal.tsx';
import { DayHead, DaySumPanel } from './day-sum-panel.tsx';
import { FitsDialog } from './fits-dialog.tsx';
import { rememberEater, useLastEater } from './last-eater.ts';
import { useKeptWeek } from './use-kept-week.ts';
import { type OpenWeek, useToday, useWeek } from './use-week.ts';
import { WeekHead } from './week-head.tsx';

/** One day of one eater: its meals, what they come to, and what is left. */
export function DayPage() {
  const { household, eaters } = useHousehold();
  const [params, setParams] = useSearchParams();
  const now = useToday();
  const last = useLastEater(household.id);
  const day = /^\d{4}-\d\d-\d\d$/.test(params.get('day') ?? '') ? params.get('day')! : now;
  const eaterId =
    eaters.find((e) => e.id === params.get('eater'))?.id ?? eaters.find((e) => e.id === last)?.id ?? eaters[0]?.id;
  const eater = eaters.find((e) => e.id === eaterId);
  const program = useHousehold().programs.find((p) => p.id === eater?.programId);
  const first = daysOfWeek(day, program?.week.begins ?? 1)[0]!;
  const week = useWeek(first, 7);
  useKeptWeek();
  const go = (to: { day?: string; eater?: string }) => {
    if (to.eater !== undefined) rememberEater(household.id, to.eater);
    const next = { day: to.day ?? day, eater: to.eater ?? eaterId ?? '' };
    setParams(next.day === now ? { eater: next.eater } : next, { replace: true });
  };
  if (eater === undefined) return <NobodyYet />;
  return (
    <main className="page">
      <WeekHead title={dayTitle(day, now)}>
        <span className="flex items-center gap-1">
          <button
            type="button"
            className="btn size-11 p-0"
            aria-label="The day before"
            onClick={() => go({ day: addDays(day, -1) })}
          >
            <ChevronLeft aria-hidden="true" />
          </button>
          {day !== now && (
            <button type="button" className="btn" onClick={() => go({ day: now })}>
              Today
            </button>
          )}
          <button
            type="button"
            className="btn size-11 p-0"
            aria-label="The day after"
            onClick={() => go({ day: addDays(day, 1) })}
          >
            <ChevronRight aria-hidden="true" />
          </button>
        </span>
      </WeekHead>
      {eaters.length > 1 && (
        <OneOfFew
          label="Whose day"
          className="mt-4"
          value={eater.id}
          choices={eaters.map((e) => ({ value: e.id, words: e.name }))}
          onPick={(id) => go({ eater: id })}
        />
      )}
      {week === null ? (
        <p className="mt-6 text-soft" role="status">
          Looking at the day…
        </p>
      ) : (
        <DayOfEater key={`${eater.id} ${day}`} week={week} day={day} eaterId={eater.id} onDay={(d) => go({ day: d })} />
      )}
    </main>
  );
}

const dayTitle = (day: string, today: string): string => {
  const words = format(parseISO(day), 'EEEE d MMMM');
  if (day === today) return `Today, ${words}`;
  return day === addDays(today, 1) ? `Tomorrow, ${words}` : words;
};

function NobodyYet() {
  return (
    <main className="page">
      <WeekHead title="Week" />
      <p className="mt-4 max-w-xl text-soft">
        Nobody is at the table yet. Add those who eat under Household, each with their program: then a day has an
        allowance, and everything on it has points.
      </p>
    </main>
  );
}

interface DayProps {
  readonly week: OpenWeek;
  readonly day: string;
  readonly eaterId: string;
  readonly onDay: (day: string) => void;
}

function DayOfEater({ week, day, eaterId, onDay }: DayProps) {
  const { household, eaters } = useHousehold();
  const [adding, setAdding] = useState<string | null>(null);
  const [open, setOpen] = useState<'copy' | 'fits' | null>(null);
  const days = week.told(eaterId);
  const told = days.find((d) => d.day === day);
  if (told === undefined) return null;
  const { meals } = household;
  return (
    <div className="mt-4 grid grid-cols-[minmax(0,1fr)] gap-x-10 gap-y-6 desk:grid-cols-[minmax(0,1fr)_21rem]">
      <div className="min-w-0">
        <div className="mb-5 desk:hidden">
          <DayHead told={told} />
        </div>
        {meals.map((meal) => (
          <DayMeal
            key={meal.id}
            meal={meal}
            week={week}
            told={told}
            entries={told.entries.filter((e) => mealOf(meals, e.entry.meal).id === meal.id)}
            onAdd={() => setAdding(meal.id)}
          />
        ))}
        <div className="mt-4 flex flex-wrap gap-2">
          <button type="button" className="btn" onClick={() => setOpen('fits')}>
            <ListPlus size={18} aria-hidden="true" /> What fits
          </button>
          {told.entries.length > 0 && (
            <Link className="btn" to={`/h/${household.id}/recipes/together?of=day&day=${day}&eater=${eaterId}`}>
              <Share2 size={18} aria-hidden="true" /> Pass it on
            </Link>
          )}
          {told.entries.length > 0 && (
            <button type="button" className="btn" onClick={() => setOpen('copy')}>
              <Copy size={18} aria-hidden="true" /> Copy this day
            </button>
          )}
        </div>
      </div>
      <DaySumPanel week={week} told={told} days={days} eaterId={eaterId} onDay={onDay} />
      {adding !== null && (
        <AddThing week={week} eaterId={eaterId} day={day} meal={adding} onClose={() => setAdding(null)} />
      )}
      {open === 'copy' && (
        <CopyDialog
          title="Copy this day"
          entries={told.entries.map((e) => e.entry)}
          week={week}
          eaters={eaters}
          onClose={() => setOpen(null)}
        />
      )}
      {open === 'fits' && <FitsDialog week={week} told={told} eaterId={eaterId} onClose={() => setOpen(null)} />}
    </div>
  );
}
