import type { Hold, Job, Pool, ScheduleProblem } from '../schedule/problem.ts';
import type { PrepKitchen } from './prep.ts';
import { type DishTasks, PREP_TOOLS, type PrepTask, type PrepTool } from './prep-task.ts';
import { sharedHeats } from './shared-heat.ts';

/** The tasks of several dishes as one question of when each begins. */
export interface PrepProblem {
  readonly problem: ScheduleProblem;
  /** By job. */
  readonly tasks: readonly PrepTask[];
  /** At how many degrees each bakes, °C; null where it does not. By job. */
  readonly heats: readonly (number | null)[];
  /** What was taken otherwise than the recipes or the kitchen say, in words. */
  readonly notes: readonly string[];
}

/** An oven is hot, or at another heat, after so long, min. Common practice. */
export const OVEN_CHANGE_MIN = 12;
/** How long one of them is washed, min. Common practice. */
const WASH_MIN: Readonly<Record<PrepTool, number>> = { burner: 1, bowl: 2, board: 2, blender: 3 };
const KITCHEN_HAS: Readonly<Record<PrepTool, keyof PrepKitchen>> = {
  burner: 'burners',
  bowl: 'bowls',
  board: 'boards',
  blender: 'blenders',
};

/** Several dishes in one kitchen. What one of them cannot be cooked without is taken to be there, and said. */
export function prepProblem(dishes: readonly DishTasks[], kitchen: PrepKitchen, cooks: 1 | 2): PrepProblem {
  const tasks = dishes.flatMap((d) => d.tasks);
  const at = new Map(tasks.map((t, i) => [t.id, i]));
  const notes: string[] = [];
  const baked = tasks.filter((t) => t.heat !== null);
  const shared = sharedHeats(baked.map((t) => t.heat!));
  const heatOf = new Map(baked.map((t, i) => [t.id, shared[i]!]));
  for (const t of baked) {
    const heat = heatOf.get(t.id)!;
    const said = t.heat!.low === t.heat!.high ? `${t.heat!.low} °C` : `${t.heat!.low} to ${t.heat!.high} °C`;
    if (heat < t.heat!.low || heat > t.heat!.high)
      notes.push(`“${t.words}” says ${said}: it bakes at ${heat} °C, together with another dish.`);
  }
  const holds = tasks.flatMap((t, from) =>
    t.tools.map((u): Hold => {
      const to = at.get(u.until) ?? from;
      const { bears, soils } = u;
      return { pool: PREP_TOOLS.indexOf(u.tool), from, to: comesAfter(tasks, at, to, from) ? to : from, bears, soils };
    }),
  );
  const pools = PREP_TOOLS.map((tool, pool): Pool => {
    const has = kitchen[KITCHEN_HAS[tool]];
    const needs = Math.max(0, ...dishes.map((d) => atOnce(d, pool, holds, at)));
    if (needs > has) notes.push(`One of the dishes needs ${counted(needs, tool)} at once: so many were taken.`);
    return { count: Math.max(1, has, needs), wash: WASH_MIN[tool] };
  });
  const jobs = tasks.map(
    (t): Job => ({
      minutes: t.minutes,
      hands: t.hands,
      after: t.after.flatMap((a) => at.get(a) ?? []),
      heat: heatOf.get(t.id) ?? null,
      notBefore: 0,
    }),
  );
  const oven = { trays: Math.max(1, kitchen.trays), change: OVEN_CHANGE_MIN };
  return {
    problem: { jobs, pools, holds, cooks, oven },
    tasks,
    heats: tasks.map((t) => heatOf.get(t.id) ?? null),
    notes,
  };
}

const counted = (n: number, tool: PrepTool): string => (n === 1 ? `a ${tool}` : `${n} ${tool}s`);

/** Whether one task is the other, or comes after it. */
function comesAfter(tasks: readonly PrepTask[], at: ReadonlyMap<string, number>, task: number, other: number): boolean {
  const seen = new Set<number>();
  const visit = (i: number): boolean => {
    if (i === other) return true;
    if (seen.has(i)) return false;
    seen.add(i);
    return tasks[i]!.after.some((a) => at.has(a) && visit(at.get(a)!));
  };
  return visit(task);
}

/** How many of a tool a dish has in use at once when it is cooked by itself, task by task. */
function atOnce(dish: DishTasks, pool: number, holds: readonly Hold[], at: ReadonlyMap<string, number>): number {
  const own = dish.tasks.map((t) => at.get(t.id)!);
  const counts = own.map(
    (i) => holds.filter((h) => h.pool === pool && h.from <= i && i <= h.to && own.includes(h.from)).length,
  );
  return Math.max(0, ...counts);
}
