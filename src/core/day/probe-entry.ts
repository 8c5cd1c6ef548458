import type { DayEntry, Eaten } from './day-entry.ts';

/** A portion of something as it would stand on a day, to count it before it does. */
export const probeEntry = (what: Eaten, words: string, eaterId: string, day: string): DayEntry => ({
  id: 'probe',
  eaterId,
  day,
  meal: 'meal',
  position: 0,
  what,
  words,
  portion: 1,
  spread: 0,
  state: 'planned',
});
