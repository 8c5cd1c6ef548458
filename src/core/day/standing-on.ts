import { isoWeekday } from '../quantity/calendar-day.ts';
import type { StandingItem } from '../table/standing-item.ts';
import type { DayEntry } from './day-entry.ts';

/** The id of what a standing item is on a day: the same on every device, so that it is there once. */
export const standingEntryId = (item: Pick<StandingItem, 'id'>, day: string): string =>
  `${item.id}-${day.replaceAll('-', '')}`;

/** What stands on a day of somebody's, each as an entry of its own, that was not put there or taken away by hand. */
export function standingOn(
  items: readonly StandingItem[],
  eaterId: string,
  day: string,
  known: ReadonlySet<string>,
): DayEntry[] {
  return items.flatMap((item): DayEntry[] => {
    const id = standingEntryId(item, day);
    if (day < item.since || !item.weekdays.includes(isoWeekday(day)) || known.has(id)) return [];
    const { foodId, grams, low, high, meal, words } = item;
    return [
      {
        id,
        eaterId,
        day,
        meal,
        position: -1,
        what: { kind: 'food', foodId, grams, low, high },
        words,
        portion: 1,
        spread: 0,
        state: 'planned',
      },
    ];
  });
}
