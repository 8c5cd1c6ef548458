import type { Allergen } from '../food/food.ts';

/** A dish on a feast's menu. */
export interface FeastDish {
  readonly recipeId: string;
  readonly versionId: string;
  /** Servings on each eater's plate, by the eater's id: 0 when they do not eat of it, 1 when nobody said. */
  readonly portions: Readonly<Record<string, number>>;
  /** How far it may depart from what it is, in tenths from 0; 0 leaves it as it is, null is whatever it takes. */
  readonly mostDeparture: number | null;
}

/** Something bought that stands on the menu beside the dishes. */
export interface BoughtFood {
  readonly id: string;
  /** As it was written: "2 slices rye bread". */
  readonly text: string;
  readonly foodId: string;
  readonly revision: number;
  /** What a serving of it weighs, g. */
  readonly grams: number;
  readonly portions: FeastDish['portions'];
}

/** Somebody from elsewhere at a feast. */
export interface Guest {
  readonly name: string;
  readonly allergies: readonly Allergen[];
  readonly avoids: readonly string[];
}

/** Several dishes for one occasion, under one target of points for each eater's whole plate. */
export interface Feast {
  readonly id: string;
  readonly name: string;
  /** YYYY-MM-DD; null when nobody said. */
  readonly day: string | null;
  /** Those from elsewhere who are known by name, with what they must not and will not eat. */
  readonly guests: readonly Guest[];
  /** Everybody who eats, the household's eaters and the guests among them. */
  readonly people: number;
  readonly dishes: readonly FeastDish[];
  readonly bought: readonly BoughtFood[];
  /** The most points of the whole plate, by the eater's id; without a target an eater sets no limit. */
  readonly targets: Readonly<Record<string, number>>;
  readonly revision: number;
}

/** Servings of a dish on an eater's plate. */
export const portionOf = (dish: Pick<FeastDish, 'portions'>, eaterId: string): number => dish.portions[eaterId] ?? 1;

/** How many times a recipe has to be made for so many servings; null when nobody said how many it makes. */
export const timesToMake = (needed: number, servings: number | null): number | null =>
  servings === null ? null : needed / servings;

/**
 * Servings of a dish that a feast needs: what the household's eaters take, and one for every guest.
 *
 * @param eaterIds everyone at the household's table, those who do not count among them
 */
export function servingsNeeded(
  feast: Pick<Feast, 'people'>,
  dish: Pick<FeastDish, 'portions'>,
  eaterIds: readonly string[],
): number {
  const own = eaterIds.reduce((sum, id) => sum + portionOf(dish, id), 0);
  return own + Math.max(0, feast.people - eaterIds.length);
}
