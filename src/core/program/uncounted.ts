import type { Food, FoodKind, FoodState } from '../food/food.ts';
import type { Nutrient } from '../food/nutrients.ts';

/**
 * One entry of a program's uncounted list: foods by id, by group of the pantry or by kind, or any of them where it names
 * none, under every condition that it says.
 */
export interface UncountedEntry {
  /** In words, as the explanation of a count shows it. */
  readonly words: string;
  readonly foods: readonly string[];
  /** Groups of the pantry. */
  readonly groups: readonly string[];
  readonly kinds: readonly FoodKind[];
  /** Only in these states, raw or frozen; null in any. */
  readonly states: readonly FoodState[] | null;
  /** Only with at most this much in 100 g, in the nutrient's unit: lean is at most 7 g of fat. */
  readonly atMost: Readonly<Partial<Record<Nutrient, number>>>;
  /** But nothing that is also of these kinds. */
  readonly without: readonly FoodKind[];
}

/** An entry that says nothing but its words yet, and means nothing. */
export const anyFood = (words: string): UncountedEntry => ({
  words,
  foods: [],
  groups: [],
  kinds: [],
  states: null,
  atMost: {},
  without: [],
});

/** Whether an entry says which foods it means: one that says nothing means none. */
export const saysWhich = (e: UncountedEntry): boolean =>
  e.foods.length + e.groups.length + e.kinds.length > 0 || Object.keys(e.atMost).length > 0;

/** Whether a food is one that an entry means. What nobody measured may be too much, and is none. */
export function isMeant(food: Food, e: UncountedEntry): boolean {
  const named = e.foods.length + e.groups.length + e.kinds.length > 0;
  if (
    named
      ? !(e.foods.includes(food.id) || e.groups.includes(food.group) || e.kinds.some((k) => food.kinds.includes(k)))
      : !saysWhich(e)
  )
    return false;
  if (e.states !== null && !e.states.includes(food.state)) return false;
  if (e.without.some((k) => food.kinds.includes(k))) return false;
  for (const n in e.atMost) {
    if (food.per100g[n as Nutrient].high > e.atMost[n as Nutrient]!) return false;
  }
  return true;
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
  const entry = list.entries.find((e) => isMeant(food, e));
  if (entry && exclusion) return { uncounted: false, words: `counts: ${exclusion.words}` };
  return entry ? { uncounted: true, words: entry.words } : { uncounted: false, words: null };
}
