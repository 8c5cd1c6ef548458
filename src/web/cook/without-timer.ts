import type { Cook } from '../../core/cook/cook.ts';

/** The timers of a cook without one of them. */
export function withoutTimer(cook: Cook, id: string): Cook['timers'] {
  const { [id]: _, ...others } = cook.timers;
  return others;
}
