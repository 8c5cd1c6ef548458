import { type Nutrient, scaleProfile } from '../food/nutrients.ts';
import type { KnownFood, TaughtFood } from './known-food.ts';
import type { SampledRule } from './samples.ts';
import { answersOf, middleRows, votesOf } from './votes.ts';

/** What amounts a cook can ask the program about: portions as they are, up to three of them, or any amount. */
export type AskableAmounts = '1' | '1,2,3' | 'any';

const PORTIONS: Readonly<Record<AskableAmounts, readonly number[]>> = {
  '1': [1],
  '1,2,3': [1, 2, 3],
  any: [1, 2, 3, 4, 5, 6, 8, 10, 12, 15, 20],
};
/** No program is asked for more than this of anything, g. */
const MOST_ASKED_G = 1000;

/** What is best asked next. */
export interface NextQuestion {
  readonly food: TaughtFood;
  /** How many times the amount of the food. */
  readonly portions: number;
  /** The least and the most that may be answered. */
  readonly min: number;
  readonly max: number;
  /** How many of the foods asked about are nearly certain by the answer that are not yet, on the average. */
  readonly settles: number;
}

/** Some times an amount of a food. */
export const timesFood = (food: TaughtFood, times: number): TaughtFood => ({
  name: food.name,
  grams: food.grams === null ? null : food.grams * times,
  profile: scaleProfile(food.profile, times),
});

/** An answer of which this share of the rules is sure is nearly certain. */
export const NEARLY_CERTAIN = 0.95;

/** Bits that an answer tells. */
const entropyOf = (shares: readonly { readonly share: number }[]): number =>
  -shares.reduce((sum, { share }) => sum + (share > 0 ? share * Math.log2(share) : 0), 0);
/** Less than this tells nothing worth asking for. */
const WORTH_ASKING = 1e-6;

/**
 * The food and the amount whose answer tells most of the rule: that of which the rules that fit disagree most.
 *
 * @param about the foods that may be asked
 * @returns null when no answer tells anything any more
 */
export function nextQuestion(
  samples: readonly SampledRule[],
  about: readonly TaughtFood[],
  known: readonly KnownFood[],
  nutrients: readonly Nutrient[],
  amounts: AskableAmounts,
): NextQuestion | null {
  const asked = new Set(known.map((k) => `${k.name} ${Math.round((k.grams ?? 0) * 10)}`));
  const answers = new Map<string, Float64Array>();
  let best: { food: TaughtFood; portions: number; bits: number; answer: Float64Array } | null = null;
  for (const food of about) {
    for (const portions of PORTIONS[amounts]) {
      const grams = (food.grams ?? 0) * portions;
      if (portions > 1 && grams > MOST_ASKED_G) break;
      const answer = answersOf(samples, middleRows(timesFood(food, portions), nutrients));
      if (portions === 1) answers.set(food.name, answer);
      if (asked.has(`${food.name} ${Math.round(grams * 10)}`)) continue;
      const bits = entropyOf(votesOf(samples, answer));
      if (bits > (best?.bits ?? WORTH_ASKING)) best = { food, portions, bits, answer };
    }
  }
  if (best === null) return null;
  const { answer } = best;
  return {
    food: best.food,
    portions: best.portions,
    min: answer.reduce((a, b) => Math.min(a, b), Number.POSITIVE_INFINITY),
    max: answer.reduce((a, b) => Math.max(a, b), 0),
    settles: settledBy(samples, [...answers.values()], answer),
  };
}

/** How many answers are nearly certain once this one is given, and are not yet, on the average. */
function settledBy(samples: readonly SampledRule[], all: readonly Float64Array[], given: Float64Array): number {
  const open = all.filter((a) => (votesOf(samples, a)[0]?.share ?? 1) < NEARLY_CERTAIN);
  let settled = 0;
  for (const { points, share } of votesOf(samples, given)) {
    const left = [...samples.keys()].filter((i) => given[i] === points);
    const rules = left.map((i) => samples[i]!);
    for (const a of open) {
      const said = Float64Array.from(left, (i) => a[i]!);
      if (votesOf(rules, said)[0]!.share >= NEARLY_CERTAIN) settled += share;
    }
  }
  return settled;
}
