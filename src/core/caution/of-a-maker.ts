import type { Food, FoodKind } from '../food/food.ts';

const OF_A_MAKER = new Set<FoodKind>(['bread', 'dough', 'mix', 'sauce', 'broth', 'sausage']);

/** Foods of which the maker decides what is in them: of such a kind, or put together with fat or sugar. */
export const isReadyMade = (f: Food): boolean =>
  f.kinds.some((k) => OF_A_MAKER.has(k)) ||
  (f.allergens.length > 0 && f.kinds.some((k) => k === 'addedfat' || k === 'addedsugar'));
