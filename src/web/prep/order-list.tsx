import { Check, MoreHorizontal } from 'lucide-react';
import { DropdownMenu } from 'radix-ui';
import { useState } from 'react';
import { Link } from 'react-router';
import type { WorkRow } from '../../core/prep/order-of-work.ts';
import type { PrepDish } from '../../core/prep/prep.ts';
import type { PrepPlan } from '../../core/prep/prep-plan.ts';
import type { PrepTask } from '../../core/prep/prep-task.ts';
import { minutesSaid } from '../../core/quantity/minutes-said.ts';
import { useHousehold } from '../context/household-context.ts';
import { Menu } from '../kit/menu.tsx';
import { MinutesDialog } from './minutes-dialog.tsx';
import type { Live } from './use-live.ts';

/** So far a task goes at a press, min. */
export const A_MOVE_MIN = 5;

interface OrderListProps {
  readonly rows: readonly WorkRow[];
  readonly plan: PrepPlan;
  readonly titles: ReadonlyMap<string, string>;
  readonly dishes: readonly PrepDish[];
  /** null before the day is begun. */
  readonly live: Live | null;
  readonly onMove: (taskId: string, start: number) => void;
  readonly onTell: (key: string, minutes: number) => void;
}

/** The plain order of work: what is done when. */
export function OrderList({ rows, titles, dishes, live, onMove, onTell }: OrderListProps) {
  const [told, setTold] = useState<PrepTask | null>(null);
  const isNext = rows.some((r) => r.isNextDay);
  return (
    <>
      <ol>
        {rows.map((row) => (
          <WorkLine
            key={row.key}
            row={row}
            title={row.dishId === null ? null : (titles.get(row.dishId) ?? null)}
            dish={dishes.find((d) => d.id === row.dishId) ?? null}
            live={live}
            onMove={onMove}
            onTell={setTold}
          />
        ))}
      </ol>
      {isNext && <p className="mt-2 text-mustard">It goes on past midnight: begin sooner.</p>}
      {told !== null && (
        <MinutesDialog
          task={told}
          onTell={(minutes) => {
            onTell(told.key, minutes);
            setTold(null);
          }}
          onClose={() => setTold(null)}
        />
      )}
    </>
  );
}

interface WorkLineProps {
  readonly row: WorkRow;
  readonly title: string | null;
  readonly dish: PrepDish | null;
  readonly live: Live | null;
  readonly onMove: (taskId: string, start: number) => void;
  readonly onTell: (task: PrepTask) => void;
}

function WorkLine({ row, title, dish, live, onMove, onTell }: WorkLineProps) {
  const { task } = row;
  const isTask = row.kind === 'task' && task !== null;
  const isDone = isTask && (live?.isDone(task) ?? false);
  const isOn = isTask && !isDone && (live?.isBegun(task) ?? false);
  const isNow = isTask && live?.where.now?.id === task.id;
  const byItself = task !== null && !task.hands && row.kind === 'task';
  return (
    <li
      className={`flex items-start gap-3 border-rule border-b py-1.5 ${isDone ? 'text-soft' : ''} ${isNow ? 'bg-beet-wash' : ''}`}
      aria-current={isNow ? 'step' : undefined}
    >
      <span className="w-13 shrink-0 pt-2 font-semibold tabular-nums">{row.clock}</span>
      <span className="min-w-0 flex-1 py-1">
        <span
          className={`text-lg leading-snug ${isDone ? 'line-through' : ''} ${isTask ? '' : 'text-soft'}`}
          dir="auto"
        >
          {row.words}
          {row.heat !== null && row.kind === 'task' && ` at ${row.heat} °C`}
        </span>
        {isTask &&
          !isDone &&
          task.hints.map((h) => (
            <span key={h.stepId} className="block" dir="auto">
              {h.words}
            </span>
          ))}
        <span className="block text-soft text-sm">
          {[
            title,
            row.kind === 'task' &&
              row.minutes > 0 &&
              (byItself ? `by itself, until ${row.endsAt}` : minutesSaid(row.minutes)),
            task?.from === 'guessed' && row.kind === 'task' && 'guessed',
          ]
            .filter(Boolean)
            .join(' · ')}
        </span>
      </span>
      {isTask && live !== null && <TickButton task={task} isDone={isDone} isOn={isOn} live={live} dish={dish} />}
      {isTask && live === null && (
        <Menu
          button={<MoreHorizontal size={20} aria-hidden="true" />}
          buttonClass="btn btn-plain size-11 p-0"
          label={`${row.clock} ${row.words}: move it, say how long it takes`}
          align="end"
        >
          <DropdownMenu.Item className="menu-item" onSelect={() => onMove(task.id, row.at - A_MOVE_MIN)}>
            {A_MOVE_MIN} minutes sooner
          </DropdownMenu.Item>
          <DropdownMenu.Item className="menu-item" onSelect={() => onMove(task.id, row.at + A_MOVE_MIN)}>
            {A_MOVE_MIN} minutes later
          </DropdownMenu.Item>
          <DropdownMenu.Item className="menu-item" onSelect={() => onMove(task.id, row.at + 6 * A_MOVE_MIN)}>
            Half an hour later
          </DropdownMenu.Item>
          <DropdownMenu.Item className="menu-item" onSelect={() => onMove(task.id, 0)}>
            As soon as it can be
          </DropdownMenu.Item>
          <DropdownMenu.Item className="menu-item" onSelect={() => onTell(task)}>
            How long it takes…
          </DropdownMenu.Item>
        </Menu>
      )}
    </li>
  );
}

interface TickButtonProps {
  readonly task: PrepTask;
  readonly isDone: boolean;
  readonly isOn: boolean;
  readonly live: Live;
  readonly dish: PrepDish | null;
}

/** One press when it is done; what goes on by itself, one when it is on and one when it is over. */
function TickButton({ task, isDone, isOn, live, dish }: TickButtonProps) {
  const { household } = useHousehold();
  if (task.stepId === null && dish?.cookId != null && !isDone) {
    return (
      <Link
        className="btn btn-small shrink-0 self-center"
        to={`/h/${household.id}/recipes/${dish.recipeId}/dish-up?cook=${dish.cookId}`}
      >
        Dish up
      </Link>
    );
  }
  if (!task.hands && !isDone && !isOn) {
    return (
      <button
        type="button"
        className="btn btn-small min-h-12 shrink-0 self-center"
        aria-label={`${task.words}: it is on`}
        onClick={() => live.tick(task, 'begun')}
      >
        It is on
      </button>
    );
  }
  return (
    <button
      type="button"
      aria-pressed={isDone}
      aria-label={`${task.words}: done`}
      onClick={() => live.tick(task, isDone ? null : 'done')}
      className={`grid size-12 shrink-0 place-items-center self-center rounded-lg border-2 ${isDone ? 'border-beet bg-beet text-on-beet' : 'border-ink text-transparent'}`}
    >
      <Check size={26} strokeWidth={3} aria-hidden="true" />
    </button>
  );
}
