import type { Nutrient } from '../food/nutrients.ts';
import type { CountingMethod, Rule } from '../program/rule.ts';

/** An amount of one food in a dish that was cooked: all of the pot. */
export interface FrozenPart {
  readonly name: string;
  readonly grams: number;
  /** What it holds; null is not known. */
  readonly of: Readonly<Record<Nutrient, number | null>>;
}

/** How somebody counted a dish when it was dished up. */
export interface FrozenCounter {
  /** The eater's id; the program's where nobody counts. */
  readonly key: string;
  readonly mark: string;
  readonly programId: string;
  readonly programRevision: number;
  readonly rule: Rule;
  readonly by: CountingMethod;
  /** For each part of each line: the points that were pinned to it, `null` for none. */
  readonly pinned: readonly (readonly (number | null)[])[];
  /** For each part of each line: whether it did not count. */
  readonly uncounted: readonly (readonly boolean[])[];
  /** How far all of the dish may be below and above its raw points. */
  readonly below: number;
  readonly above: number;
}

/**
 * What a dish was counted from, kept on the day when it was dished up. It needs nothing else to count any share of the
 * dish, by any rule: foods and programs may move on.
 */
export interface Frozen {
  /** An instant, ISO 8601. */
  readonly at: string;
  /** How many servings all of it was to be; null where nobody said. */
  readonly servings: number | null;
  /** All that went in, with water and whatever counts nothing, g; null where nobody wrote it down. */
  readonly raw: number | null;
  readonly lines: readonly { readonly label: string; readonly parts: readonly FrozenPart[] }[];
  readonly counters: readonly FrozenCounter[];
}
