import type { Nutrient } from '../food/nutrients.ts';
import type { TaughtFrom } from '../program/taught-from.ts';
import type { Interval } from '../quantity/interval.ts';
import { contradictionsOf } from './contradictions.ts';
import { evidenceOf } from './evidence.ts';
import { coefficientRanges, type Fit, fitsOf, pointsOverAll, type Teachable } from './fits.ts';
import type { Cap } from './hypothesis.ts';
import type { KnownFood, TaughtFood } from './known-food.ts';
import type { Mode } from './mode.ts';
import { type AskableAmounts, NEARLY_CERTAIN, type NextQuestion, nextQuestion } from './next-question.ts';
import { type SampledRule, sampledRules } from './samples.ts';
import { type RuleExplanation, smallestExplanation } from './smallest-set.ts';
import { answersOf, middleRows, votesOf } from './votes.ts';

/** What known points say of a rule. */
export interface Taught {
  /** Whether any rule fits, but for foods that nobody counts. */
  readonly consistent: boolean;
  /** What each nutrient may weigh, over every rule that fits: points per kcal, g or mg; `chosen` explains the table. */
  readonly terms: readonly {
    readonly nutrient: Nutrient;
    readonly min: number;
    readonly max: number;
    readonly chosen: number;
  }[];
  readonly modes: readonly Mode[];
  /** Which caps still fit; null is none. */
  readonly caps: readonly (Cap | null)[];
  /** The fewest nutrients that explain it; null where nothing does. */
  readonly explanation: RuleExplanation | null;
  /** The fewest known foods that contradict the others, by name: every such set, the likeliest first. */
  readonly oddOnesOut: readonly (readonly string[])[];
  /** For each of these sets what each of its foods would have to be, by every rule that fits the rest. */
  readonly wouldBe: readonly (readonly Interval[])[];
  /** Known foods that the program does not count, in all likelihood. */
  readonly uncounted: readonly string[];
  /** What is kept of it with the rule; null where no rule fits. */
  readonly evidence: TaughtFrom | null;
}

/** What a taught rule makes of a food. */
export interface TaughtPoints {
  readonly food: string;
  /** Over every rule that fits: the truth lies within. */
  readonly min: number;
  readonly max: number;
  /** What most rules say. */
  readonly points: number;
  /** Whether every rule says the same. */
  readonly settled: boolean;
  /** Whether nearly every rule does. */
  readonly likely: boolean;
  /** How much of all rules say `points`. */
  readonly share: number;
}

/** A table of known points with everything that it teaches. */
export interface Teaching {
  readonly taught: Taught;
  /** What it makes of a food; null where no rule fits. */
  points(food: TaughtFood): TaughtPoints | null;
  /** What is best asked next of these foods. */
  next(about: readonly TaughtFood[], amounts: AskableAmounts): NextQuestion | null;
}

/** Learns from foods whose points are known which rules there can be. */
export function teach(known: readonly KnownFood[], teachable: Teachable): Teaching {
  const { nutrients } = teachable;
  const { uncounted, sets } = contradictionsOf(known, teachable);
  const without = new Set([...uncounted, ...(sets[0] ?? [])]);
  const fits = fitsOf(known, teachable, without);
  const counted = known.filter((_, i) => !without.has(i));
  const explanation = smallestExplanation(known, fits, teachable, without);
  let samples: readonly SampledRule[] | null = null;
  const sampled = (): readonly SampledRule[] => (samples ??= sampledRules(fits));
  const name = (i: number): string => known[i]!.name;
  return {
    taught: {
      consistent: sets.length === 0 && fits.length > 0,
      terms: (fits.length === 0 ? [] : coefficientRanges(fits, nutrients)).map(({ low, high }, j) => ({
        nutrient: nutrients[j]!,
        min: low,
        max: high,
        chosen: explanation?.rule.coefficients[nutrients[j]!] ?? 0,
      })),
      modes: eachOnce(fits, (f) => f.hypothesis.mode),
      caps: eachOnce(fits, (f) => f.hypothesis.cap),
      explanation,
      oddOnesOut: sets.map((set) => set.map(name)),
      wouldBe: sets.map((set) => {
        const rest = fitsOf(known, teachable, new Set([...uncounted, ...set]));
        return set.map((i) => pointsOverAll(rest, nutrients, known[i]!));
      }),
      uncounted: uncounted.map(name),
      evidence: fits.length === 0 ? null : evidenceOf(counted, fits, nutrients),
    },
    points: (food) => {
      if (fits.length === 0) return null;
      const { low, high } = pointsOverAll(fits, nutrients, food);
      const [first] = votesOf(sampled(), answersOf(sampled(), middleRows(food, nutrients)));
      const settled = low === high;
      const points = settled ? low : Math.min(high, Math.max(low, first?.points ?? low));
      const share = settled ? 1 : (first?.share ?? 0);
      return { food: food.name, min: low, max: high, points, settled, likely: share >= NEARLY_CERTAIN, share };
    },
    next: (about, amounts) => (fits.length === 0 ? null : nextQuestion(sampled(), about, counted, nutrients, amounts)),
  };
}

const eachOnce = <T>(fits: readonly Fit[], of: (fit: Fit) => T): T[] => [...new Set(fits.map(of))];
