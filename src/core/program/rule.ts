import type { Nutrient, NutrientProfile } from '../food/nutrients.ts';
import { NUTRIENTS } from '../food/nutrients.ts';
import type { Interval } from '../quantity/interval.ts';

/** How a raw count becomes points. */
export type Rounding = 'nearest' | 'up' | 'down';
/** The three ways of counting a portion; see count.ts. */
export const COUNTING_METHODS = ['ingredients', 'serving', 'items'] as const;
export type CountingMethod = (typeof COUNTING_METHODS)[number];

/** A rule turns the nutrition of an amount of food into points. */
export interface Rule {
  /** Weight of each nutrient, per kcal, g or (sodium) mg. Positive ones raise points, negative ones lower them. */
  readonly coefficients: Readonly<Partial<Record<Nutrient, number>>>;
  /** What the weighted sum is divided by to give points: 45 means one point per 45. */
  readonly per: number;
  /** The most of a nutrient that counts, in the amount that is counted. */
  readonly caps: Readonly<Partial<Record<Nutrient, number>>>;
  /** The size of a point step. */
  readonly step: 1 | 0.5;
  readonly rounding: Rounding;
  /** Where negative counts stop: at the whole serving, or at every line. */
  readonly floorAt: 'serving' | 'line';
}

/** Tolerance for ties: doubles a hair below an edge are on it. */
export const EPSILON = 1e-9;

/**
 * Rounds raw points by the rule's step and rounding; never negative.
 *
 * @example roundPoints(2.4999999999, { step: 1, rounding: 'nearest' }) // 3, a tie within 1e-9
 */
export function roundPoints(raw: number, rule: Pick<Rule, 'step' | 'rounding'>): number {
  const q = raw / rule.step;
  const steps =
    rule.rounding === 'nearest'
      ? Math.floor(q + 0.5 + EPSILON)
      : rule.rounding === 'up'
        ? Math.ceil(q - EPSILON)
        : Math.floor(q + EPSILON);
  return Math.max(0, steps) * rule.step;
}

/**
 * The raw count at which `points` begin (inclusive for nearest and down, exclusive for up), for points above 0.
 *
 * @example edgeOf(5, { step: 1, rounding: 'nearest' }) // 4.5
 */
export function edgeOf(points: number, rule: Pick<Rule, 'step' | 'rounding'>): number {
  const steps = points / rule.step;
  const q = rule.rounding === 'nearest' ? steps - 0.5 : rule.rounding === 'up' ? steps - 1 : steps;
  return q * rule.step;
}

export const hasCaps = (rule: Rule): boolean => Object.keys(rule.caps).length > 0;

/** One nutrient's part in a raw count: `amount × coefficient / per`. */
export interface Term {
  readonly nutrient: Nutrient;
  /** After the cap; null when unknown, and then it adds nothing. */
  readonly amount: number | null;
  readonly capped: boolean;
  readonly coefficient: number;
  readonly points: number;
}

/** The terms of the raw count of an amount of food, in the order of NUTRIENTS. Unknown amounts add nothing. */
export function termsOf(rule: Rule, profile: NutrientProfile): Term[] {
  const terms: Term[] = [];
  for (const nutrient of NUTRIENTS) {
    const coefficient = rule.coefficients[nutrient];
    if (coefficient === undefined || coefficient === 0) continue;
    const value = profile[nutrient].value;
    const cap = rule.caps[nutrient] ?? Number.POSITIVE_INFINITY;
    const amount = value === null ? null : Math.min(value, cap);
    terms.push({
      nutrient,
      amount,
      capped: value !== null && value > cap,
      coefficient,
      points: amount === null ? 0 : (amount * coefficient) / rule.per,
    });
  }
  return terms;
}

/** Raw points of an amount of food: the sum of its terms. Unrounded, may be negative. */
export function rawOf(rule: Rule, profile: NutrientProfile): number {
  let sum = 0;
  for (const nutrient of NUTRIENTS) {
    const c = rule.coefficients[nutrient];
    const v = profile[nutrient].value;
    if (c === undefined || v === null) continue;
    const cap = rule.caps[nutrient];
    sum += (cap === undefined ? v : Math.min(v, cap)) * c;
  }
  return sum / rule.per;
}

/** The interval that raw points lie in: every nutrient's interval pushed through by its coefficient's sign. */
export function rawRange(rule: Rule, profile: NutrientProfile): Interval {
  let low = 0;
  let high = 0;
  for (const nutrient of NUTRIENTS) {
    const c = rule.coefficients[nutrient];
    if (c === undefined) continue;
    const cap = rule.caps[nutrient] ?? Number.POSITIVE_INFINITY;
    const a = Math.min(profile[nutrient].low, cap) * c;
    const b = Math.min(profile[nutrient].high, cap) * c;
    low += Math.min(a, b);
    high += Math.max(a, b);
  }
  return { low: low / rule.per, high: high / rule.per };
}
