import { type ClockTime, clockAt } from './clock-at.ts';
import type { PrepPlan } from './prep-plan.ts';
import { OVEN_CHANGE_MIN } from './prep-problem.ts';
import { PREP_TOOLS, type PrepTask } from './prep-task.ts';

/** A line of the order of work. */
export interface WorkRow extends ClockTime {
  readonly key: string;
  /** Min from the start of the day. */
  readonly at: number;
  readonly minutes: number;
  /** When it is over, by the clock. */
  readonly endsAt: string;
  readonly kind: 'task' | 'wash' | 'oven' | 'over';
  readonly words: string;
  readonly dishId: string | null;
  readonly task: PrepTask | null;
  /** For a task that bakes, at how many degrees, °C. */
  readonly heat: number | null;
}

/** In the same minute the oven goes before what is over, that before what hands do, and that before what waits. */
const RANK = { oven: 0, over: 1, wash: 2, task: 3 } as const;
const WASHED_WORDS = { burner: 'a burner', bowl: 'a bowl', board: 'the board', blender: 'the blender' } as const;

/**
 * A prep day as one plain list: what is done when, by the clock.
 *
 * @param start HH:MM
 */
export function orderOfWork(plan: PrepPlan, start: string): WorkRow[] {
  const { tasks, schedule, heats } = plan;
  const row = (of: Omit<WorkRow, 'clock' | 'isNextDay' | 'endsAt'>): WorkRow => ({
    ...of,
    ...clockAt(start, of.at),
    endsAt: clockAt(start, of.at + of.minutes).clock,
  });
  const plain = { dishId: null, task: null, heat: null } as const;
  const rows = tasks.flatMap((task, i): WorkRow[] => {
    const at = schedule.starts[i]!;
    const of = { dishId: task.dishId, task, heat: heats[i]!, minutes: task.minutes };
    const begins = row({ key: task.id, at, kind: 'task', words: task.words, ...of });
    const over = overWords(plan, i);
    if (over === null) return [begins];
    return [
      begins,
      row({ key: `${task.id} over`, at: at + task.minutes, kind: 'over', words: over, ...of, minutes: 0 }),
    ];
  });
  const washes = schedule.washes.map((w, i) => {
    const words = `Wash ${WASHED_WORDS[PREP_TOOLS[w.pool]!]}`;
    return row({ key: `wash ${i}`, at: w.start, kind: 'wash', words, minutes: w.minutes, ...plain });
  });
  const oven = ovenChanges(plan).map((o, i) => row({ key: `oven ${i}`, kind: 'oven', minutes: 0, ...o, ...plain }));
  const handsFirst = (r: WorkRow): number => (r.task !== null && !r.task.hands ? 0 : 1);
  return [...rows, ...washes, ...oven].sort(
    (a, b) => a.at - b.at || RANK[a.kind] - RANK[b.kind] || handsFirst(a) - handsFirst(b),
  );
}

/** What is said when something that goes on by itself is over; null where what follows says it. */
function overWords({ tasks, schedule }: PrepPlan, i: number): string | null {
  const task = tasks[i]!;
  if (task.hands) return null;
  if (task.place === 'oven') return 'Out of the oven';
  const end = schedule.starts[i]! + task.minutes;
  if (tasks.some((t, k) => t.after.includes(task.id) && schedule.starts[k] === end)) return null;
  if (task.place === 'hob') return 'Off the heat';
  return task.place === null ? null : 'Out of the cold';
}

/** When the oven is turned on, to another heat, and off. */
function ovenChanges({ schedule, heats, tasks }: PrepPlan): { readonly at: number; readonly words: string }[] {
  const baked = tasks
    .flatMap((t, i) =>
      heats[i] === null ? [] : [{ from: schedule.starts[i]!, to: schedule.starts[i]! + t.minutes, heat: heats[i]! }],
    )
    .sort((a, b) => a.from - b.from);
  const changes: { at: number; words: string }[] = [];
  let heat: number | null = null;
  for (const b of baked) {
    if (b.heat === heat) continue;
    const words = heat === null ? `Oven on, to ${b.heat} °C` : `Oven to ${b.heat} °C`;
    changes.push({ at: b.from - OVEN_CHANGE_MIN, words });
    heat = b.heat;
  }
  if (baked.length > 0) changes.push({ at: Math.max(...baked.map((b) => b.to)), words: 'Oven off' });
  return changes;
}
