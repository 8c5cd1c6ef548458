import type { Line } from '../version/version.ts';

/** Something in the house, or something that cannot be had here or now. */
export interface StockItem {
  readonly id: string;
  /** The pantry's food; null for what only has a name. */
  readonly foodId: string | null;
  readonly name: string;
  /** What is left, g; null when nobody weighed it. */
  readonly grams: number | null;
  readonly opened: boolean;
  /** YYYY-MM-DD; null when nothing says so. */
  readonly useBy: string | null;
  /** It cannot be had here or now: swaps leave it out. */
  readonly lacking: boolean;
}

/** In the order to use up: opened before whole, the earliest date first, what has none last, then by name. */
export function byUse(items: readonly StockItem[]): StockItem[] {
  const date = (i: StockItem): string => i.useBy ?? '9999';
  return [...items].sort(
    (a, b) =>
      date(a).localeCompare(date(b)) || Number(b.opened) - Number(a.opened) || a.name.localeCompare(b.name, 'en'),
  );
}

/** How an item changes when a cook takes of it; `after` is null when nothing is left. */
export interface StockTaken {
  readonly before: StockItem;
  readonly after: StockItem | null;
}

/** Less than this is an empty package, g. */
const EMPTY_G = 1;

/**
 * What a cook takes from the stock for a version's lines: the earliest to use first; of what nobody weighed, one is
 * opened. What the stock does not have is not taken.
 */
export function takeFromStock(stock: readonly StockItem[], lines: readonly Line[]): StockTaken[] {
  const left = new Map(stock.map((i) => [i.id, i]));
  const needs = new Map<string, number>();
  for (const l of lines) {
    if (l.leftOut || l.food.kind !== 'food' || l.weight === null) continue;
    needs.set(l.food.foodId, (needs.get(l.food.foodId) ?? 0) + l.weight.grams);
  }
  const order = byUse(stock.filter((i) => !i.lacking));
  for (const [foodId, grams] of needs) {
    let need = grams;
    for (const item of order) {
      if (item.foodId !== foodId || need <= 0) continue;
      if (item.grams === null) {
        left.set(item.id, { ...item, opened: true });
        break;
      }
      const taken = Math.min(need, item.grams);
      need -= taken;
      left.set(item.id, { ...item, grams: Math.round((item.grams - taken) * 10) / 10, opened: true });
    }
  }
  return stock.flatMap((before): StockTaken[] => {
    const now = left.get(before.id)!;
    if (now === before || (now.grams === before.grams && now.opened === before.opened)) return [];
    return [{ before, after: now.grams !== null && now.grams < EMPTY_G ? null : now }];
  });
}
