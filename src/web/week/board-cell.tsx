import { useDraggable, useDroppable } from '@dnd-kit/core';
import { format, parseISO } from 'date-fns';
import { Ellipsis, Plus } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import type { DayEntry } from '../../core/day/day-entry.ts';
import type { CountedEntry, ToldDay } from '../../core/day/eater-week.ts';
import { pointsOfDay } from '../../core/day/points-of-day.ts';
import { formatPoints } from '../../core/program/format-points.ts';
import { formatAmount } from '../../core/quantity/format-amount.ts';
import { useHousehold } from '../context/household-context.ts';
import { Menu } from '../kit/menu.tsx';
import { sayError } from '../kit/say-error.ts';
import type { OpenWeek } from './use-week.ts';

type MoveTo = { readonly eaterId: string; readonly day: string };

interface BoardCellProps {
  readonly week: OpenWeek;
  readonly told: ToldDay;
  readonly eaterId: string;
  readonly name: string;
  readonly onAdd: () => void;
  readonly onMove: (entry: DayEntry, to: MoveTo) => void;
}

/** A day of somebody's on the board: what is on it, what it comes to, and a place to drop on. */
export function BoardCell({ week, told, eaterId, name, onAdd, onMove }: BoardCellProps) {
  const { setNodeRef, isOver } = useDroppable({ id: `${eaterId}~${told.day}` });
  const { sum, rules, reckoned } = told;
  const [points, perhaps] = pointsOfDay(sum);
  const over = (reckoned?.left ?? 0) < 0;
  return (
    <section
      ref={setNodeRef}
      aria-label={`${name}, ${format(parseISO(told.day), 'EEEE')}`}
      className={`min-w-0 rounded-lg border-rule border-t px-1 pt-1 pb-2 ${isOver ? 'bg-beet-wash' : ''} ${told.day === week.today ? 'bg-sheet' : ''}`}
    >
      <h3 className="font-normal text-soft text-sm desk:sr-only">{format(parseISO(told.day), 'EEEE d')}</h3>
      {told.isOver ? (
        <p className="text-soft text-sm leading-snug">{told.entries.map((c) => c.entry.words).join(', ')}</p>
      ) : (
        <ul className="space-y-1">
          {told.entries.map((c) => (
            <Chip key={c.entry.id} counted={c} week={week} counts={rules !== null} onMove={onMove} />
          ))}
        </ul>
      )}
      <p className="mt-1 flex items-baseline justify-between gap-1 text-sm">
        <button
          type="button"
          className="btn btn-plain size-9 p-0"
          aria-label={`Add for ${name}, ${format(parseISO(told.day), 'EEEE')}`}
          onClick={onAdd}
        >
          <Plus size={18} aria-hidden="true" />
        </button>
        {rules !== null && told.entries.length > 0 && (
          <span className={over ? 'text-mustard' : ''}>
            <strong className="font-head text-base">{points}</strong>
            <span className="text-soft"> of {formatPoints(rules.allowance)}</span>
            {perhaps !== '' && <span className="block text-mustard leading-tight">{perhaps}</span>}
            {told.said.low && <span className="block text-soft leading-tight">low, on purpose</span>}
            {told.said.saves > 0 && (
              <span className="block text-soft leading-tight">
                {formatPoints(told.said.saves)} kept{told.said.event === '' ? '' : ` for ${told.said.event}`}
              </span>
            )}
          </span>
        )}
        {rules === null && told.entries.length > 0 && (
          <span className="text-soft">{Math.round(sum.kcal.value)} kcal</span>
        )}
      </p>
    </section>
  );
}

interface ChipProps {
  readonly counted: CountedEntry;
  readonly week: OpenWeek;
  readonly counts: boolean;
  readonly onMove: BoardCellProps['onMove'];
}

function Chip({ counted: { entry, count }, week, counts, onMove }: ChipProps) {
  const { attributes, listeners, setNodeRef, transform, isDragging } = useDraggable({ id: entry.id });
  const { eaters } = useHousehold();
  const [points] = pointsOfDay(count);
  return (
    <li
      ref={setNodeRef}
      style={transform === null ? undefined : { transform: `translate(${transform.x}px, ${transform.y}px)` }}
      className={`rounded-md border text-sm ${isDragging ? 'relative z-20 border-beet bg-sheet shadow-lg' : 'border-rule bg-sheet'} ${entry.state === 'eaten' ? 'border-l-4 border-l-beet' : ''}`}
    >
      <button
        type="button"
        {...attributes}
        {...listeners}
        aria-label={`${entry.words}: press the space bar to pick it up`}
        className="block w-full cursor-grab touch-manipulation px-1.5 pt-1 text-left leading-snug pointer-coarse:min-h-touch"
      >
        <span className="line-clamp-2" title={entry.words}>
          {entry.portion === 1 ? '' : `${formatAmount(entry.portion)} × `}
          {entry.words}
        </span>
      </button>
      {[week.notFor(entry.id), week.notSure(entry.id) ?? []].flat().map((words) => (
        <strong key={words} className="block px-1.5 text-mustard">
          {words}
        </strong>
      ))}
      <span className="flex items-center justify-between pl-1.5">
        <span className="font-head text-soft">{counts && points}</span>
        <Menu
          button={<Ellipsis size={16} aria-hidden="true" />}
          buttonClass="btn btn-plain size-8 shrink-0 p-0"
          label={`What to do with ${entry.words}`}
          align="end"
          className="w-64"
        >
          {week.days
            .filter((d) => d !== entry.day)
            .map((day) => (
              <DropdownMenu.Item
                key={day}
                className="menu-item"
                onSelect={() => onMove(entry, { eaterId: entry.eaterId, day })}
              >
                To {format(parseISO(day), 'EEEE')}
              </DropdownMenu.Item>
            ))}
          {eaters
            .filter((e) => e.id !== entry.eaterId)
            .map((e) => (
              <DropdownMenu.Item
                key={e.id}
                className="menu-item"
                onSelect={() => onMove(entry, { eaterId: e.id, day: entry.day })}
              >
                To {e.name}
              </DropdownMenu.Item>
            ))}
          <DropdownMenu.Item className="menu-item" onSelect={() => void week.remove(entry).catch(sayError)}>
            Off the plan
          </DropdownMenu.Item>
        </Menu>
      </span>
    </li>
  );
}
