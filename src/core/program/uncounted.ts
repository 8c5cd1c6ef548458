import type { Food, FoodKind, FoodState } from '../food/food.ts';

/** One entry of a program's uncounted list: foods by id or by kind, under an optional condition. */
export interface UncountedEntry {
  /** In words, as the explanation of a count shows it. */
  readonly words: string;
  readonly foods: readonly string[];
  readonly kinds: readonly FoodKind[];
  /** Only in these states, raw or frozen; null in any. */
  readonly states: readonly FoodState[] | null;
  /** Only at most this much energy, kcal per 100 g; null for any. */
  readonly kcalAtMost: number | null;
}

/** What is counted whatever the list says: juice, added sugar, a drink that is not plain. */
export interface Exclusion {
  readonly words: string;
  readonly foods: readonly string[];
  readonly kinds: readonly FoodKind[];
  /** Foods of these kinds that it does not mean: plain coffee among the drinks. */
  readonly except: readonly string[];
}

/** An eater's own addition to, or removal from, the program's list. */
export interface Exception {
  readonly foodId: string;
  readonly uncounted: boolean;
}

export interface UncountedList {
  readonly entries: readonly UncountedEntry[];
  readonly exclusions: readonly Exclusion[];
}

/** Whether a food is uncounted, and the words that say why (or why not, when an exclusion won). */
export interface Listing {
  readonly uncounted: boolean;
  readonly words: string | null;
}

/**
 * Decides whether a food is uncounted. The eater's own exception comes first, for a list of one's own is the
 * eater's decision; then exclusions win over the program's list.
 */
export function isUncounted(food: Food, list: UncountedList, exceptions: readonly Exception[] = []): Listing {
  const own = exceptions.find((e) => e.foodId === food.id);
  if (own) return { uncounted: own.uncounted, words: own.uncounted ? 'own exception' : 'own exception: counts' };
  const exclusion = list.exclusions.find(
    (x) => !x.except.includes(food.id) && (x.foods.includes(food.id) || x.kinds.some((k) => food.kinds.includes(k))),
  );
  const entry = list.entries.find(
    (e) =>
      (e.foods.includes(food.id) || e.kinds.some((k) => food.kinds.includes(k))) &&
      (e.states === null || e.states.includes(food.state)) &&
      (e.kcalAtMost === null || (food.per100g.kcal.high ?? Number.POSITIVE_INFINITY) <= e.kcalAtMost),
  );
  if (entry && exclusion) return { uncounted: false, words: `counts: ${exclusion.words}` };
  return entry ? { uncounted: true, words: entry.words } : { uncounted: false, words: null };
}
