import type { PrepPlan } from './prep-plan.ts';
import { PREP_TOOLS } from './prep-task.ts';

/** Something that is drawn in a lane. */
export interface WorkBar {
  readonly key: string;
  /** Min from the start of the day. */
  readonly from: number;
  readonly to: number;
  /** null for what is washed. */
  readonly taskId: string | null;
  readonly dishId: string | null;
  readonly words: string;
}

export const LANE_KINDS = ['hands', 'oven', 'hob', 'waits'] as const;
export type LaneKind = (typeof LANE_KINDS)[number];

/** What goes on in one pair of hands, on one tray, on one burner, or by itself; nothing in it overlaps. */
export interface WorkLane {
  readonly kind: LaneKind;
  readonly bars: readonly WorkBar[];
}

/** A plan as lanes, hands first: each task in exactly one. */
export function lanesOfWork({ tasks, schedule, problem }: PrepPlan): WorkLane[] {
  const barsOf = (kind: LaneKind): WorkBar[] =>
    tasks.flatMap((t, i): WorkBar[] => {
      const own = t.hands ? 'hands' : t.place === 'oven' ? 'oven' : t.place === 'hob' ? 'hob' : 'waits';
      if (own !== kind) return [];
      const from = schedule.starts[i]!;
      return [{ key: t.id, from, to: from + t.minutes, taskId: t.id, dishId: t.dishId, words: t.words }];
    });
  const washes = schedule.washes.map(
    (w, i): WorkBar => ({
      key: `wash ${i}`,
      from: w.start,
      to: w.start + w.minutes,
      taskId: null,
      dishId: null,
      words: `Wash: ${PREP_TOOLS[w.pool]!}`,
    }),
  );
  return LANE_KINDS.flatMap((kind) => {
    const bars = kind === 'hands' ? [...barsOf(kind), ...washes] : barsOf(kind);
    const lanes = packed(bars);
    // Both cooks are shown, though one may have nothing to do.
    while (kind === 'hands' && lanes.length < problem.cooks) lanes.push([]);
    return lanes.map((of) => ({ kind, bars: of }));
  });
}

/** In as few lanes as can be, each bar in the first that is free. */
function packed(bars: readonly WorkBar[]): WorkBar[][] {
  const lanes: WorkBar[][] = [];
  for (const bar of [...bars].sort((a, b) => a.from - b.from || a.to - b.to)) {
    const free = lanes.find((l) => l.at(-1)!.to <= bar.from);
    if (free === undefined) lanes.push([bar]);
    else free.push(bar);
  }
  return lanes;
}
