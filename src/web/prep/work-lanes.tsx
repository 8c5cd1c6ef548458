import { DndContext, type DragEndEvent, PointerSensor, useDraggable, useSensor, useSensors } from '@dnd-kit/core';
import { useMemo } from 'react';
import { clockAt } from '../../core/prep/clock-at.ts';
import { type LaneKind, lanesOfWork, type WorkBar } from '../../core/prep/lanes-of-work.ts';
import type { PrepPlan } from '../../core/prep/prep-plan.ts';
import { A_MOVE_MIN } from './order-list.tsx';

/** A minute is so wide, px. */
const PX_A_MIN = 5;
const LANE_WORDS: Readonly<Record<LaneKind, string>> = {
  hands: 'Hands',
  oven: 'Oven',
  hob: 'Hob',
  waits: 'By itself',
};
const DISH_LOOKS = [
  'bg-beet-wash border-beet',
  'bg-mustard-wash border-mustard',
  'bg-sheet border-ink',
  'bg-paper border-soft',
] as const;

interface WorkLanesProps {
  readonly plan: PrepPlan;
  /** HH:MM */
  readonly start: string;
  readonly titles: ReadonlyMap<string, string>;
  /** Where the clock stands, min from the start; null before it is begun. */
  readonly minute: number | null;
  readonly onMove: (taskId: string, start: number) => void;
}

/** The day as lanes, of hands, oven, hob and what goes on by itself; a bar is moved by hand. */
export function WorkLanes({ plan, start, titles, minute, onMove }: WorkLanesProps) {
  const lanes = useMemo(() => lanesOfWork(plan), [plan]);
  const dishes = useMemo(() => [...new Set(plan.tasks.map((t) => t.dishId))], [plan]);
  const lookOf = (dishId: string | null): string =>
    dishId === null ? 'bg-paper border-rule' : DISH_LOOKS[dishes.indexOf(dishId) % DISH_LOOKS.length]!;
  const width = plan.schedule.minutes * PX_A_MIN + 40;
  const halfHours = Array.from({ length: Math.floor(plan.schedule.minutes / 30) + 1 }, (_, i) => i * 30);
  const numbers = laneNumbers(lanes.map((l) => l.kind));
  const sensors = useSensors(useSensor(PointerSensor, { activationConstraint: { distance: 4 } }));
  const over = ({ active, delta }: DragEndEvent): void => {
    const bar = active.data.current as WorkBar | undefined;
    const by = Math.round(delta.x / PX_A_MIN / A_MOVE_MIN) * A_MOVE_MIN;
    if (bar?.taskId != null && by !== 0) onMove(bar.taskId, bar.from + by);
  };
  return (
    <section aria-label="The day as lanes" className="no-print mt-8">
      <h2 className="text-xl">The day as lanes</h2>
      <p className="text-soft text-sm">
        {dishes.map((d, i) => (
          <span key={d} className="mr-4 inline-flex items-center gap-1.5">
            <span
              aria-hidden="true"
              className={`inline-block size-3.5 rounded-sm border-2 ${DISH_LOOKS[i % DISH_LOOKS.length]}`}
            />
            {titles.get(d)}
          </span>
        ))}
        {minute === null && 'Drag a bar, or take the menu of its line above: the rest follows.'}
      </p>
      <div
        className="relative mt-2 overflow-x-auto pb-2"
        // biome-ignore lint/a11y/noNoninteractiveTabindex: what scrolls has to be reached by keys.
        tabIndex={0}
      >
        <div className="relative ml-24" style={{ width }}>
          <div className="h-6">
            {halfHours.map((m) => (
              <span key={m} className="absolute text-soft text-sm tabular-nums" style={{ left: m * PX_A_MIN }}>
                {clockAt(start, m).clock}
              </span>
            ))}
          </div>
          <DndContext sensors={sensors} onDragEnd={over} autoScroll={false}>
            {lanes.map((lane, i) => (
              <div key={i} className="relative flex h-14 items-center border-rule border-t">
                <span className="sticky left-0 z-10 -ml-24 w-24 bg-paper pr-2 text-sm">
                  {LANE_WORDS[lane.kind]}
                  {numbers[i]}
                </span>
                {halfHours.map((m) => (
                  <span
                    key={m}
                    aria-hidden="true"
                    className="absolute inset-y-0 border-rule border-l"
                    style={{ left: m * PX_A_MIN }}
                  />
                ))}
                {lane.bars.map((bar) => (
                  <Bar
                    key={bar.key}
                    bar={bar}
                    clock={clockAt(start, bar.from).clock}
                    title={bar.dishId === null ? '' : (titles.get(bar.dishId) ?? '')}
                    look={lookOf(bar.dishId)}
                    canMove={minute === null && bar.taskId !== null}
                  />
                ))}
              </div>
            ))}
          </DndContext>
          {minute !== null && minute <= plan.schedule.minutes && (
            <span
              aria-hidden="true"
              className="absolute inset-y-0 border-beet border-l-2"
              style={{ left: minute * PX_A_MIN }}
            />
          )}
        </div>
      </div>
    </section>
  );
}

/** " 1", " 2" where there are several of a kind. */
function laneNumbers(kinds: readonly LaneKind[]): string[] {
  return kinds.map((k, i) => {
    const all = kinds.filter((x) => x === k).length;
    return all === 1 ? '' : ` ${kinds.slice(0, i + 1).filter((x) => x === k).length}`;
  });
}

interface BarProps {
  readonly bar: WorkBar;
  readonly clock: string;
  readonly title: string;
  readonly look: string;
  readonly canMove: boolean;
}

/** What a hand drags; by keys the same is done in the menu of its line in the order of work. */
function Bar({ bar, clock, title, look, canMove }: BarProps) {
  const { listeners, setNodeRef, transform, isDragging } = useDraggable({ id: bar.key, data: bar, disabled: !canMove });
  return (
    <span
      ref={setNodeRef}
      {...listeners}
      data-task={bar.taskId}
      title={`${clock} ${bar.words}${title && `, ${title}`}`}
      className={`absolute inset-y-1 overflow-hidden rounded-md border-2 px-1 text-xs leading-tight ${look} ${canMove ? 'cursor-grab touch-manipulation' : ''} ${isDragging ? 'z-10 shadow-lg' : ''}`}
      style={{
        left: bar.from * PX_A_MIN + (transform?.x ?? 0),
        width: Math.max(6, (bar.to - bar.from) * PX_A_MIN - 2),
      }}
    >
      {bar.words}
    </span>
  );
}
