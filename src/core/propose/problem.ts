/**
 * A week with free places as a question of what stands in each. It knows no recipe: eaters, days, dishes and foods are
 * known by their place in a list.
 */
export interface ProposeProblem {
  readonly places: readonly FreeMeal[];
  /** By eater and day, what is left of the allowance, points; null where nobody counts. */
  readonly room: readonly (readonly (number | null)[])[];
  /** By eater and day, what is missing to the floor once every place of the day is filled, points; null where it is not asked. */
  readonly least: readonly (readonly (number | null)[])[];
  readonly boxes: readonly BoxSource[];
  /** What is cooked already or going to be, and has portions on nobody's plate. */
  readonly pots: readonly PotSource[];
  readonly dishes: readonly DishSource[];
  /** Days on which something may be cooked, in order. */
  readonly cookDays: readonly number[];
}

/** A meal of somebody's on which nothing stands. */
export interface FreeMeal {
  readonly eater: number;
  readonly day: number;
}

/** By eater, what a portion comes to, points; 0 for who does not count, null for who must not or will not have it, and where nobody knows. */
export type PortionPoints = readonly (number | null)[];

/** A portion that is there, and is eaten by one. */
export interface BoxSource {
  /** What it is of, for variety: the place of a recipe. */
  readonly recipe: number;
  readonly points: PortionPoints;
  /** The last day on which it is good; beyond the week where it keeps. */
  readonly until: number;
  /** Whether it is lost if nobody eats it in this week. */
  readonly spoils: boolean;
}

export interface PotSource {
  readonly recipe: number;
  readonly points: PortionPoints;
  readonly day: number;
  readonly until: number;
  readonly left: number;
}

/** A dish that could be cooked. */
export interface DishSource {
  readonly recipe: number;
  readonly points: PortionPoints;
  /** So many portions at a time. */
  readonly servings: number;
  /** So many days after the one on which it is cooked it is good. */
  readonly keeps: number;
  /** The foods that have to be got for it. */
  readonly foods: readonly number[];
}

/** What stands in a place. */
export type Pick =
  | { readonly kind: 'box'; readonly box: number }
  | { readonly kind: 'pot'; readonly pot: number }
  /** A portion of a dish that is cooked on a day for this week. */
  | { readonly kind: 'cook'; readonly dish: number; readonly day: number };

/** By place; null where nothing fits. */
export type Picks = readonly (Pick | null)[];

/** What a proposal is weighed by, each the smaller the better. */
export interface Weighed {
  /** Places where nothing stands. */
  readonly empty: number;
  /** Full days of somebody's that stay below the floor. */
  readonly low: number;
  /** Boxes that are lost. */
  readonly spoiled: number;
  /** How often something is cooked. */
  readonly cooks: number;
  /** How many foods have to be got. */
  readonly foods: number;
  /** How often somebody has a dish again within the week. */
  readonly repeats: number;
}

/** What comes before what: the first two always do. */
export type Weights = readonly (keyof Weighed)[];
export const LEAST_COOKING: Weights = ['empty', 'low', 'spoiled', 'cooks', 'foods', 'repeats'];
export const LEAST_SHOPPING: Weights = ['empty', 'low', 'spoiled', 'foods', 'cooks', 'repeats'];
export const MOST_VARIETY: Weights = ['empty', 'low', 'spoiled', 'repeats', 'cooks', 'foods'];
