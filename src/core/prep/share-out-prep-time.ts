import type { PrepTask } from './prep-task.ts';

const LEAST_FACTOR = 0.5;
const MOST_FACTOR = 2;

/**
 * What a recipe says of the time at the worktop, shared out over what had to be guessed of it, within half and twice.
 *
 * @param prep min; null where it says nothing
 * @param isShared what the recipe's words mean by it
 */
export function shareOutPrepTime<T extends PrepTask>(
  tasks: readonly T[],
  prep: number | null,
  isShared: (task: T) => boolean,
): T[] {
  const atTable = tasks.filter((t) => t.hands && t.place === null && isShared(t));
  const sum = (of: readonly T[]): number => of.reduce((total, t) => total + t.minutes, 0);
  const guessed = atTable.filter((t) => t.from === 'guessed');
  if (prep === null || guessed.length === 0) return [...tasks];
  const known = sum(atTable) - sum(guessed);
  const factor = Math.min(MOST_FACTOR, Math.max(LEAST_FACTOR, (prep - known) / sum(guessed)));
  return tasks.map((t) => (guessed.includes(t) ? { ...t, minutes: Math.max(1, Math.round(t.minutes * factor)) } : t));
}
