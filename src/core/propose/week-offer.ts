import type { DayCount } from '../day/day-count.ts';

/** What a portion comes to for somebody, and whether they may have it. */
export interface OfferedTo {
  readonly eaterId: string;
  readonly count: DayCount;
  /** What in it they must not or will not eat, in words. */
  readonly notFor: readonly string[];
}

/** A dish that could be cooked. */
export interface OfferedDish {
  readonly recipeId: string;
  readonly versionId: string;
  readonly title: string;
  readonly servings: number | null;
  /** So many days it is good in the fridge, by published limits. */
  readonly keeps: number;
  /** What of it is not in the house. */
  readonly toGet: readonly { readonly foodId: string; readonly name: string }[];
  /** How many foods are in it. */
  readonly foods: number;
  /** When anybody last had it, YYYY-MM-DD. */
  readonly lastEaten: string | null;
  readonly to: readonly OfferedTo[];
}

/** A box that is there, or a pot that is planned or cooked and has portions left. */
export interface OfferedBox {
  readonly boxId: string;
  readonly recipeId: string;
  readonly title: string;
  readonly place: 'fridge' | 'freezer';
  readonly keepUntil: string;
  readonly to: readonly OfferedTo[];
}
export interface OfferedPot {
  readonly potId: string;
  readonly recipeId: string;
  readonly title: string;
  readonly day: string;
  readonly keepUntil: string;
  readonly left: number;
  readonly to: readonly OfferedTo[];
}

/** What a week can be filled with. */
export interface WeekOffer {
  readonly dishes: readonly OfferedDish[];
  readonly boxes: readonly OfferedBox[];
  readonly pots: readonly OfferedPot[];
}
