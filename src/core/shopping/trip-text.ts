import type { Trip, TripItem } from './trip.ts';
import { isGot } from './trip.ts';

/** The items of a trip by shop, in the order in which the shops first come; what no shop is said of last. */
export function byShop(items: readonly TripItem[]): { readonly shop: string; readonly items: readonly TripItem[] }[] {
  const shops = new Map<string, TripItem[]>();
  for (const item of items) shops.set(item.shop, [...(shops.get(item.shop) ?? []), item]);
  return [...shops]
    .map(([shop, its]) => ({ shop, items: its }))
    .sort((a, b) => Number(a.shop === '') - Number(b.shop === '') || a.shop.localeCompare(b.shop, 'en'));
}

/** What to get of an item, in words: as it is sold, else as it is needed. */
export const amountToGet = (item: Pick<TripItem, 'sold' | 'needed'>): string => item.sold ?? item.needed;

/** What the whole list costs, as far as prices are kept; null where none is. */
export function costOfTrip(
  items: readonly Pick<TripItem, 'price'>[],
): { readonly sum: number; readonly of: number } | null {
  const priced = items.filter((i) => i.price !== null);
  if (priced.length === 0) return null;
  return { sum: Math.round(priced.reduce((s, i) => s + i.price!, 0) * 100) / 100, of: priced.length };
}

/**
 * A shopping list as text, to be sent or written down: what is still to get, by shop.
 *
 * @example tripText(trip) // 'Saturday\n\nDairy\n- butter, 3 × 250 g\n'
 */
export function tripText(trip: Trip): string {
  const left = trip.items.filter((i) => !isGot(trip, i.id));
  const groups = byShop(left).map(({ shop, items }) => {
    const lines = items.map((i) => {
      const amount = amountToGet(i);
      const note = i.notThat === '' ? '' : ` (${i.notThat})`;
      return `- ${i.name}${amount === '' ? '' : `, ${amount}`}${note}`;
    });
    return [shop === '' ? 'Anywhere' : shop, ...lines].join('\n');
  });
  return `${[trip.name, ...groups].join('\n\n')}\n`;
}
