import type { Food } from '../food/food.ts';
import type { LabelRules } from '../food/label-rounding.ts';
import { NUTRIENTS, type Nutrient } from '../food/nutrients.ts';
import type { Pin } from '../program/program.ts';
import { type KnownFood, profileOfAmount, type TaughtFood } from './known-food.ts';

/**
 * Points that the cook knows of an amount of something, with its nutrients as they were then. It teaches the rule of a
 * program, and counts nothing by itself.
 */
export interface Observation {
  readonly id: string;
  readonly programId: string;
  readonly name: string;
  /** The food of the pantry that it is; null for another. */
  readonly foodId: string | null;
  readonly grams: number | null;
  readonly points: number;
  /** The nutrients of that amount; what is not there is unknown. */
  readonly nutrients: Readonly<Partial<Record<Nutrient, number>>>;
  /** Whose rounding the nutrients went through; `exact` where the program was given these very numbers. */
  readonly reading: LabelRules;
}

/** What an observation teaches. */
export const knownOf = (o: Observation): KnownFood => ({
  name: o.name,
  grams: o.grams,
  points: o.points,
  profile: profileOfAmount(o.nutrients, o.grams, o.reading),
});

/** The nutrients of some grams of a food as an observation keeps them: what nobody knows is not there. */
export const nutrientsOf = (food: Food, grams: number): Observation['nutrients'] =>
  Object.fromEntries(
    NUTRIENTS.flatMap((n) => {
      const { value } = food.per100g[n];
      return value === null ? [] : [[n, (value * grams) / 100]];
    }),
  );

/**
 * Some grams of a food, to be asked about.
 *
 * @param reading whose rounding its numbers went through where the program looks the food up by itself
 */
export const taughtFoodOf = (food: Food, grams: number, reading: LabelRules): TaughtFood => ({
  name: food.name,
  foodId: food.id,
  grams,
  profile: profileOfAmount(nutrientsOf(food, grams), grams, reading),
});

/**
 * What pins teach beside the observations of a program: each pinned food that nothing is said of yet.
 *
 * @param reading whose rounding the numbers of the pinned foods went through
 * @param foodOf the newest revision of a food; null where there is none
 */
export function knownByPins(
  pins: readonly Pin[],
  observed: readonly Observation[],
  programId: string,
  reading: LabelRules,
  foodOf: (id: string) => Food | null,
): KnownFood[] {
  const said = new Set(observed.map((o) => o.foodId));
  return pins.flatMap((pin): KnownFood[] => {
    const food = pin.programId !== programId || said.has(pin.foodId) ? null : foodOf(pin.foodId);
    return food === null ? [] : [{ ...taughtFoodOf(food, pin.grams, reading), points: pin.points }];
  });
}
