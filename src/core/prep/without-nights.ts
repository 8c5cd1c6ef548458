import { minutesSaid } from '../quantity/minutes-said.ts';
import type { PrepAside, PrepTask } from './prep-task.ts';

/** A night, min: what takes so long begins the evening before. */
const LEAST_NIGHT_MIN = 480;

/** What takes a night begins the evening before, with all that has to be done for it; the rest is the day. */
export function withoutNights(tasks: readonly PrepTask[]): { readonly day: PrepTask[]; readonly before: PrepAside[] } {
  const byId = new Map(tasks.map((t) => [t.id, t]));
  const evening = new Set<string>();
  const take = (id: string): void => {
    if (evening.has(id)) return;
    evening.add(id);
    for (const a of byId.get(id)?.after ?? []) take(a);
  };
  for (const t of tasks) if (!t.hands && t.minutes >= LEAST_NIGHT_MIN) take(t.id);
  return {
    day: tasks.filter((t) => !evening.has(t.id)).map((t) => ({ ...t, after: t.after.filter((a) => !evening.has(a)) })),
    before: tasks
      .filter((t) => evening.has(t.id))
      .map((t) => ({
        dishId: t.dishId,
        words: t.hands ? t.words : `${t.words}, ${minutesSaid(t.minutes)}`,
        minutes: t.minutes,
      })),
  };
}
