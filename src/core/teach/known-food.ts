import { hiddenByLabel, type LabelRules } from '../food/label-rounding.ts';
import { NUTRIENTS, type Nutrient, type NutrientProfile, profileOf, scaleProfile } from '../food/nutrients.ts';
import { type Interval, ZERO } from '../quantity/interval.ts';

/** An amount of a food with its nutrients: what is asked about. */
export interface TaughtFood {
  readonly name: string;
  /** The food of the pantry that it is, where it is one: two foods may be called the same. */
  readonly foodId?: string;
  /** What the amount weighs, g; null where nobody said. */
  readonly grams: number | null;
  /** The nutrients of that amount, each with what it may be. */
  readonly profile: NutrientProfile;
}

/** An amount of a food whose points the cook knows. */
export interface KnownFood extends TaughtFood {
  readonly points: number;
}

/** Nothing of any nutrient. */
export const NO_AMOUNTS = Object.fromEntries(NUTRIENTS.map((n) => [n, { value: null, ...ZERO }])) as Record<
  Nutrient,
  NutrientProfile[Nutrient]
>;

/** Where no weight is said, an amount may weigh this much: it only bounds what is not known. */
const UNSAID_G = 1000;

/**
 * The nutrients of an amount, as they were typed: what is not said lies within what its parents and the weight leave.
 *
 * @param rules whose rounding the numbers went through; `exact` for none
 */
export function profileOfAmount(
  stated: Readonly<Partial<Record<Nutrient, number>>>,
  grams: number | null,
  rules: LabelRules,
): NutrientProfile {
  const per = 100 / (grams ?? UNSAID_G);
  const each: Partial<Record<Nutrient, number>> = {};
  const ranges: Partial<Record<Nutrient, Interval>> = {};
  for (const n of NUTRIENTS) {
    const v = stated[n];
    if (v === undefined) continue;
    each[n] = v * per;
    const hidden = hiddenByLabel(v, n, rules);
    ranges[n] = { low: hidden.low * per, high: hidden.high * per };
  }
  // Of an amount nothing is taken as none that a label would leave out: unknown is not zero.
  return scaleProfile(profileOf(each, ranges), 1 / per);
}
