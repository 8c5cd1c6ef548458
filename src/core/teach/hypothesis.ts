import type { Nutrient, NutrientProfile } from '../food/nutrients.ts';
import type { KnownFood } from './known-food.ts';
import { type Mode, rawIntervalOf } from './mode.ts';
import { Simplex } from './simplex.ts';

/** The most of one nutrient that counts. */
export interface Cap {
  readonly nutrient: Nutrient;
  readonly most: number;
}

/** How a rule may come to its points: its rounding, its step, and what it caps. */
export interface Hypothesis {
  readonly mode: Mode;
  readonly cap: Cap | null;
}

/** Caps that programs may have: of what lowers the points (common practice). */
export const CAPS: readonly Cap[] = [
  ...[1, 2, 3, 4, 5, 6, 8, 10].map((most) => ({ nutrient: 'fibre' as const, most })),
  ...[10, 15, 20, 25, 30, 40].map((most) => ({ nutrient: 'protein' as const, most })),
];

/** What lowers the points; all else raises them. */
const LOWERS: ReadonlySet<Nutrient> = new Set(['protein', 'fibre']);

/** One unit of each variable, so that all of them are of one size: points for 100 kcal, 10 g, 500 mg. */
const SCALE: Readonly<Record<Nutrient, number>> = {
  kcal: 100,
  fat: 10,
  satFat: 10,
  transFat: 10,
  carbs: 10,
  sugars: 10,
  addedSugars: 10,
  fibre: 10,
  protein: 10,
  sodium: 500,
  alcohol: 10,
};
/** The most that one unit adds or takes: 0.2 points a kcal, 2 a gram. */
const MOST_OF_UNIT = 20;

/** The signed, scaled size of a nutrient in a rule: a coefficient is this times the variable. */
export const signedUnit = (n: Nutrient): number => (LOWERS.has(n) ? -1 : 1) / SCALE[n];

/** An amount's nutrients as numbers of a row, at one end of what they may be. */
type End = 'low' | 'high';
export function rowOf(
  profile: NutrientProfile,
  nutrients: readonly Nutrient[],
  cap: Cap | null,
  end: End,
): Float64Array {
  const row = new Float64Array(nutrients.length);
  nutrients.forEach((n, j) => {
    // What lowers the points is most where the points are least.
    const of = LOWERS.has(n) ? profile[n][end === 'low' ? 'high' : 'low'] : profile[n][end];
    row[j] = signedUnit(n) * (cap?.nutrient === n ? Math.min(of, cap.most) : of);
  });
  return row;
}

/** An amount under a hypothesis: the fewest and the most points that any one rule can make of it, as rows. */
export interface RowPair {
  readonly low: Float64Array;
  readonly high: Float64Array;
}
export const rowPairOf = (profile: NutrientProfile, nutrients: readonly Nutrient[], cap: Cap | null): RowPair => ({
  low: rowOf(profile, nutrients, cap, 'low'),
  high: rowOf(profile, nutrients, cap, 'high'),
});

/**
 * The rules of a hypothesis that fit what is known: with signs known, some nutrients within their ranges fit just where
 * the least that a rule makes of a food is not above the most that was said, and its most not below the least.
 *
 * @param without the known foods that are left out, by their places
 * @returns null where the points said are none that this mode comes to
 */
export function polytopeOf(
  hypothesis: Hypothesis,
  known: readonly KnownFood[],
  nutrients: readonly Nutrient[],
  without: ReadonlySet<number> = NOBODY,
): Simplex | null {
  const simplex = new Simplex(nutrients.map(() => MOST_OF_UNIT));
  for (const [i, food] of known.entries()) {
    if (without.has(i)) continue;
    const raw = rawIntervalOf(food.points, hypothesis.mode);
    if (raw === null) return null;
    const { low, high } = rowPairOf(food.profile, nutrients, hypothesis.cap);
    simplex.add(low, raw.high, i);
    if (raw.low > Number.NEGATIVE_INFINITY)
      simplex.add(
        high.map((v) => -v),
        -raw.low,
        i,
      );
  }
  return simplex;
}
const NOBODY: ReadonlySet<number> = new Set();
