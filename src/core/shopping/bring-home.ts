import type { StockItem } from '../stock/stock.ts';
import { isGot, type Trip } from './trip.ts';

/** How what is in the house changes when a trip comes home: a new item, or more of one that is there. */
export interface BroughtHome {
  readonly before: StockItem | null;
  readonly after: StockItem;
}

/**
 * What was bought and is not there yet goes into the house: as it is sold where that is known, else as much as was needed. Unopened packages
 * of the same food without a date are one; an opened one stays apart.
 *
 * @param newId makes the id of something that was not in the house
 */
export function bringHome(trip: Trip, stock: readonly StockItem[], newId: () => string): BroughtHome[] {
  return trip.items
    .filter((i) => isGot(trip, i.id) && !trip.home.includes(i.id))
    .map((item): BroughtHome => {
      const grams = item.soldGrams ?? item.grams;
      const there =
        item.foodId === null
          ? undefined
          : stock.find((s) => s.foodId === item.foodId && !s.lacking && !s.opened && s.useBy === null);
      if (there !== undefined)
        return {
          before: there,
          after: { ...there, grams: there.grams === null || grams === null ? null : there.grams + grams },
        };
      return {
        before: null,
        after: {
          id: newId(),
          foodId: item.foodId,
          name: item.name.slice(0, 120),
          grams,
          opened: false,
          useBy: null,
          lacking: false,
        },
      };
    });
}
