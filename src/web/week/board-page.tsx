import { DndContext, type DragEndEvent, KeyboardSensor, PointerSensor, useSensor, useSensors } from '@dnd-kit/core';
import { format, parseISO } from 'date-fns';
import { CalendarDays, ChevronLeft, ChevronRight, Share2, Table2, Wand2 } from 'lucide-react';
import { useState } from 'react';
import { Link, useSearchParams } from 'react-router';
import { COOK_API } from '../../contract/cook-api.ts';
import { eventsOfWeek } from '../../core/calendar/events-of-week.ts';
import { toIcs } from '../../core/calendar/to-ics.ts';
import type { DayEntry } from '../../core/day/day-entry.ts';
import { weekRows } from '../../core/day/week-rows.ts';
import { whatRepeats } from '../../core/day/what-repeats.ts';
import { addDays, daysOfWeek } from '../../core/quantity/calendar-day.ts';
import { formatDay } from '../../core/quantity/format-day.ts';
import { useHousehold } from '../context/household-context.ts';
import { useAnswer } from '../data/use-answer.ts';
import { OneOfFew } from '../kit/one-of-few.tsx';
import { saveFile } from '../kit/save-file.ts';
import { sayDone } from '../kit/say-done.ts';
import { sayError } from '../kit/say-error.ts';
import { AddThing } from './add-thing.tsx';
import { BoardCell } from './board-cell.tsx';
import { BOARD_INSTRUCTIONS, boardSays, toNextCell } from './board-keys.ts';
import { GroupsOfWeek } from './groups-of-week.tsx';
import { useLastEater } from './last-eater.ts';
import { PotDialog } from './pot-dialog.tsx';
import { PotsRow } from './pots-row.tsx';
import { useKeptWeek } from './use-kept-week.ts';
import { type OpenWeek, useToday, useWeek } from './use-week.ts';
import { WeekHead } from './week-head.tsx';

/** A week of everybody's as a board: pots and portions, moved from day to day by hand, by keys or by menu. */
export function BoardPage() {
  const now = useToday();
  const [params, setParams] = useSearchParams();
  const asked = params.get('from') ?? '';
  const from = daysOfWeek(/^\d{4}-\d\d-\d\d$/.test(asked) ? asked : now, 1)[0]!;
  const week = useWeek(from, 7);
  useKeptWeek();
  const go = (day: string) => setParams(daysOfWeek(now, 1)[0] === day ? {} : { from: day }, { replace: true });
  return (
    <main className="page max-w-none">
      <WeekHead title={`Plan, ${formatDay(from)} to ${formatDay(addDays(from, 6))}`}>
        <span className="flex items-center gap-1">
          <button
            type="button"
            className="btn size-11 p-0"
            aria-label="The week before"
            onClick={() => go(addDays(from, -7))}
          >
            <ChevronLeft aria-hidden="true" />
          </button>
          <button
            type="button"
            className="btn size-11 p-0"
            aria-label="The week after"
            onClick={() => go(addDays(from, 7))}
          >
            <ChevronRight aria-hidden="true" />
          </button>
        </span>
        {week !== null && addDays(from, 6) >= now && (
          <Link className="btn" to={`../week/propose?from=${from}`}>
            <Wand2 size={18} aria-hidden="true" /> Propose
          </Link>
        )}
        {week !== null && <WeekOut week={week} from={from} />}
      </WeekHead>
      {week === null ? (
        <p className="mt-6 text-soft" role="status">
          Setting the week out…
        </p>
      ) : (
        <Board key={from} week={week} from={from} />
      )}
    </main>
  );
}

/** The week as a calendar and as a table. */
function WeekOut({ week, from }: { readonly week: OpenWeek; readonly from: string }) {
  const { household, eaters } = useHousehold();
  const { data: boxes } = useAnswer(COOK_API.boxes, { h: household.id, query: {} });
  const last = useLastEater(household.id);
  const whose = eaters.find((e) => e.id === last)?.id ?? eaters[0]?.id ?? '';
  const nameOf = (id: string): string => eaters.find((e) => e.id === id)?.name ?? '';
  const entries = eaters.flatMap((e) => week.told(e.id).flatMap((d) => d.entries));
  const calendar = () => {
    const events = eventsOfWeek({
      entries: entries.map((e) => e.entry),
      pots: week.pots.filter((p) => week.days.includes(p.day)),
      boxes: boxes ?? [],
      meals: household.meals,
      nameOf,
    });
    saveFile(`week-${from}.ics`, toIcs(`${household.name}: week`, events, new Date()), 'text/calendar');
  };
  const table = async () => {
    const { rowsToCsv } = await import('../pantry/files/write-csv.ts');
    saveFile(`week-${from}.csv`, rowsToCsv(weekRows(entries, household.meals, nameOf)), 'text/csv');
  };
  return (
    <>
      <button type="button" className="btn" onClick={calendar}>
        <CalendarDays size={18} aria-hidden="true" /> Calendar
      </button>
      <button type="button" className="btn" onClick={() => void table().catch(sayError)}>
        <Table2 size={18} aria-hidden="true" /> CSV
      </button>
      <Link className="btn" to={`/h/${household.id}/recipes/together?of=week&day=${from}&eater=${whose}`}>
        <Share2 size={18} aria-hidden="true" /> Pass it on
      </Link>
    </>
  );
}

interface BoardProps {
  readonly week: OpenWeek;
  readonly from: string;
}

function Board({ week, from }: BoardProps) {
  const { eaters, household } = useHousehold();
  const [adding, setAdding] = useState<{ readonly eaterId: string; readonly day: string } | null>(null);
  const [pot, setPot] = useState<string | null>(null);
  const last = useLastEater(household.id);
  const [chosen, setChosen] = useState(eaters.find((e) => e.id === last)?.id ?? eaters[0]?.id ?? '');
  // A tap is a tap: a drag begins after a few pixels, and with a finger after a moment.
  const sensors = useSensors(
    useSensor(PointerSensor, { activationConstraint: { delay: 180, tolerance: 8 } }),
    useSensor(KeyboardSensor, { coordinateGetter: toNextCell }),
  );
  const all = eaters.flatMap((e) => week.told(e.id).flatMap((d) => d.entries.map((c) => c.entry)));
  const move = (entry: DayEntry, to: { readonly eaterId: string; readonly day: string }) => {
    if (entry.eaterId === to.eaterId && entry.day === to.day) return;
    week
      .change(entry, to, 'Move')
      .then((back) => sayDone(`${entry.words} is on ${format(parseISO(to.day), 'EEEE')}.`, back), sayError);
  };
  const onDragEnd = ({ active, over }: DragEndEvent) => {
    if (over === null) return;
    const [eaterId, day] = String(over.id).split('~') as [string, string];
    const id = String(active.id);
    if (id.startsWith('pot ')) {
      const from = week.pots.find((p) => p.id === id.slice(4));
      if (from === undefined) return;
      const portion = Math.min(1, Math.max(0.25, from.left));
      const what = { kind: 'pot', recipeId: from.recipeId, potId: from.id } as const;
      week
        .add([{ eaterId, day, meal: from.meal, what, words: from.title, portion, spread: 0, state: 'planned' }])
        .then((made) => sayDone(`${from.title} is on the plate.`, () => week.takeBack(made)), sayError);
      return;
    }
    const entry = all.find((e) => e.id === id);
    if (entry !== undefined) move(entry, { eaterId, day });
  };
  const wordsOf = (id: string): string =>
    id.startsWith('pot ')
      ? `A portion of ${week.pots.find((p) => p.id === id.slice(4))?.title ?? ''}`
      : (all.find((e) => e.id === id)?.words ?? '');
  const announcements = boardSays(wordsOf, (id) => eaters.find((e) => e.id === id)?.name ?? '');
  const repeats = whatRepeats(all);
  return (
    <DndContext
      sensors={sensors}
      onDragEnd={onDragEnd}
      accessibility={{ announcements, screenReaderInstructions: BOARD_INSTRUCTIONS }}
    >
      <PotsRow week={week} onMake={() => setPot(week.days.find((d) => d >= week.today) ?? week.days[0]!)} />
      {eaters.length > 1 && (
        <OneOfFew
          label="Whose week"
          className="mt-4 desk:hidden"
          value={chosen}
          choices={eaters.map((e) => ({ value: e.id, words: e.name }))}
          onPick={setChosen}
        />
      )}
      <div className="relative mt-4 overflow-x-auto">
        <div className="grid grid-cols-[minmax(0,1fr)] gap-x-2 gap-y-4 desk:min-w-[60rem] desk:grid-cols-[6.5rem_repeat(7,minmax(0,1fr))]">
          <span className="max-desk:hidden" />
          {week.days.map((day) => (
            <p key={day} className={`font-bold font-head max-desk:hidden ${day === week.today ? 'text-beet' : ''}`}>
              {format(parseISO(day), 'EEE d')}
            </p>
          ))}
          {eaters.map((e) => (
            <EaterOnBoard
              key={e.id}
              isChosen={e.id === chosen}
              week={week}
              eaterId={e.id}
              name={e.name}
              onAdd={(day) => setAdding({ eaterId: e.id, day })}
              onMove={move}
            />
          ))}
        </div>
      </div>
      {repeats.length > 0 && (
        <p className="mt-4 text-soft">
          {repeats
            .map((r) => `${r.words} on ${r.days} days for ${eaters.find((e) => e.id === r.eaterId)?.name ?? ''}`)
            .join('; ')}
          .
        </p>
      )}
      <GroupsOfWeek from={from} week={week} />
      {adding !== null && (
        <AddThing
          week={week}
          eaterId={adding.eaterId}
          day={adding.day}
          meal={(household.meals.find((m) => m.id === 'meal-supper') ?? household.meals[0]!).id}
          onClose={() => setAdding(null)}
        />
      )}
      {pot !== null && <PotDialog week={week} day={pot} onClose={() => setPot(null)} />}
    </DndContext>
  );
}

interface EaterOnBoardProps {
  /** Whether they are the one who is shown where there is no room for all. */
  readonly isChosen: boolean;
  readonly week: OpenWeek;
  readonly eaterId: string;
  readonly name: string;
  readonly onAdd: (day: string) => void;
  readonly onMove: (entry: DayEntry, to: { readonly eaterId: string; readonly day: string }) => void;
}

/** Somebody's week in a row; on a phone their days under one another. */
function EaterOnBoard({ isChosen, week, eaterId, name, onAdd, onMove }: EaterOnBoardProps) {
  const told = week.told(eaterId);
  const last = told.at(-1)?.reckoned;
  return (
    <div className={`contents ${isChosen ? '' : 'max-desk:hidden'}`}>
      <div className="border-ink border-t pt-1 max-desk:mt-2">
        <h2 className="text-lg">{name}</h2>
        {last != null && <p className="text-soft text-sm">{last.reserveLeft} in reserve</p>}
      </div>
      {told.map((d) => (
        <BoardCell
          key={d.day}
          week={week}
          told={d}
          eaterId={eaterId}
          name={name}
          onAdd={() => onAdd(d.day)}
          onMove={onMove}
        />
      ))}
    </div>
  );
}
