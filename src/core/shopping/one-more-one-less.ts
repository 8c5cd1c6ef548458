import { isGot, type Trip, type TripItem } from './trip.ts';

/** How what is to get moved since a list was taken from the plan. */
export interface PlanMoved {
  readonly item: TripItem;
  readonly is: 'new' | 'more' | 'less' | 'gone';
}

/** Weighings and roundings move an amount by so much, as a share of it. */
const SAME = 0.02;

/**
 * What the plan needs now and the list does not have, needs more or less of, or does not need any more. What was written
 * on the list by hand is left alone, and what was got is.
 *
 * @param now what has to be got by the plan as it is
 */
export function planMoved(trip: Trip, now: readonly TripItem[]): PlanMoved[] {
  const onList = new Map(trip.items.map((i) => [i.id, i]));
  const needed = new Map(now.map((i) => [i.id, i]));
  const more = now.flatMap((item): PlanMoved[] => {
    const had = onList.get(item.id);
    if (had === undefined) return [{ item, is: 'new' }];
    if (isGot(trip, item.id) || had.grams === null || item.grams === null) return [];
    if (Math.abs(item.grams - had.grams) <= SAME * Math.max(had.grams, 1)) return [];
    return [{ item, is: item.grams > had.grams ? 'more' : 'less' }];
  });
  const gone = trip.items.filter((i) => !isGot(trip, i.id) && i.uses.length > 0 && !needed.has(i.id));
  return [...more, ...gone.map((item): PlanMoved => ({ item, is: 'gone' }))];
}

/** The items of a list with what the plan has moved. */
export function movedItems(items: readonly TripItem[], moved: readonly PlanMoved[]): TripItem[] {
  const by = new Map(moved.map((m) => [m.item.id, m]));
  const kept = items.flatMap((item) => {
    const m = by.get(item.id);
    if (m === undefined) return [item];
    return m.is === 'gone' ? [] : [m.item];
  });
  return [...kept, ...moved.filter((m) => m.is === 'new').map((m) => m.item)];
}
