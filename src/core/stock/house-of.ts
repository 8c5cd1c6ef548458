import type { StockItem } from './stock.ts';

/** What is in the house by food, g; null for a food of which nobody weighed some. What cannot be had is not there. */
export function houseOf(stock: readonly StockItem[]): ReadonlyMap<string, number | null> {
  const house = new Map<string, number | null>();
  for (const { foodId, grams, lacking } of stock) {
    if (lacking || foodId === null) continue;
    const before = house.get(foodId);
    house.set(foodId, grams === null || before === null ? null : (before ?? 0) + grams);
  }
  return house;
}
