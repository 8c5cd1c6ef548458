import { type DayEntry, recipeOfEntry } from './day-entry.ts';

/** A dish that somebody has often in a few days. */
export interface Repeats {
  readonly eaterId: string;
  readonly recipeId: string;
  readonly words: string;
  readonly days: number;
}

/** On so many different days it repeats. */
const OFTEN = 3;

/** What repeats for whom, the most first: shown, for those who like a change. */
export function whatRepeats(entries: readonly DayEntry[]): Repeats[] {
  const found = new Map<string, { eaterId: string; recipeId: string; words: string; days: Set<string> }>();
  for (const e of entries) {
    const recipeId = recipeOfEntry(e);
    if (recipeId === null) continue;
    const key = `${e.eaterId} ${recipeId}`;
    const had = found.get(key) ?? { eaterId: e.eaterId, recipeId, words: e.words, days: new Set<string>() };
    had.days.add(e.day);
    found.set(key, had);
  }
  return [...found.values()]
    .filter((f) => f.days.size >= OFTEN)
    .map((f) => ({ ...f, days: f.days.size }))
    .sort((a, b) => b.days - a.days || a.words.localeCompare(b.words, 'en'));
}
