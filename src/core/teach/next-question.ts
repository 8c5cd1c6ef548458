import { type Nutrient, scaleProfile } from '../food/nutrients.ts';
import { roundPoints } from '../program/rule.ts';
import type { KnownFood, TaughtFood } from './known-food.ts';
import type { SampledRule } from './samples.ts';
import { middleRows, rawBy, votesOf } from './votes.ts';

/** What amounts a cook can ask the program about: portions as they are, up to three of them, or any amount. */
export type AskableAmounts = '1' | '1,2,3' | 'any';

const PORTIONS_ASKED: Readonly<Record<AskableAmounts, readonly number[]>> = {
  '1': [1],
  '1,2,3': [1, 2, 3],
  any: Array.from({ length: 20 }, (_, i) => i + 1),
};
/** Nobody types more than this of anything into a program, g. */
const MOST_ASKED_G = 5000;

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
  ...food,
  grams: food.grams === null ? null : food.grams * times,
  profile: scaleProfile(food.profile, times),
});

/** An answer of which this share of the rules is sure is nearly certain. */
export const NEARLY_CERTAIN = 0.95;

/** What each sampled rule says of some portions of a food: what does not cap is worked out once. */
function answersInPortions(
  samples: readonly SampledRule[],
  food: TaughtFood,
  nutrients: readonly Nutrient[],
): (portions: number) => Float64Array {
  const plain = middleRows(food, nutrients)(null);
  const raws = Float64Array.from(samples, (s) => (s.hypothesis.cap === null ? rawBy(s, plain) : 0));
  return (portions) => {
    const capped = middleRows(timesFood(food, portions), nutrients);
    const out = new Float64Array(samples.length);
    for (let i = 0; i < out.length; i++) {
      const s = samples[i]!;
      const { cap, mode } = s.hypothesis;
      out[i] = roundPoints(cap === null ? raws[i]! * portions : rawBy(s, capped(cap)), mode);
    }
    return out;
  };
}

/** Bits that an answer tells: how little the rules agree on it. */
function entropyOf(samples: readonly SampledRule[], answers: Float64Array): number {
  const shares = new Map<number, number>();
  let sum = 0;
  for (let i = 0; i < answers.length; i++) {
    const { weight } = samples[i]!;
    shares.set(answers[i]!, (shares.get(answers[i]!) ?? 0) + weight);
    sum += weight;
  }
  if (shares.size < 2) return 0;
  let bits = 0;
  for (const share of shares.values()) if (share > 0) bits -= (share / sum) * Math.log2(share / sum);
  return bits;
}
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
    const answersTo = answersInPortions(samples, food, nutrients);
    for (const portions of PORTIONS_ASKED[amounts]) {
      const grams = (food.grams ?? 0) * portions;
      if (portions > 1 && grams > MOST_ASKED_G) break;
      const answer = answersTo(portions);
      if (portions === 1) answers.set(food.name, answer);
      if (asked.has(`${food.name} ${Math.round(grams * 10)}`)) continue;
      const bits = entropyOf(samples, answer);
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
