import type { Nutrient } from '../food/nutrients.ts';
import type { Interval } from '../quantity/interval.ts';
import type { Rule } from './rule.ts';

/** An amount of a food whose points were known when a rule was taught. */
export interface TaughtBy {
  readonly name: string;
  readonly grams: number | null;
  readonly points: number;
  /** What that amount holds of each nutrient that may count, in its own unit. */
  readonly of: Readonly<Partial<Record<Nutrient, Interval>>>;
}

/**
 * What a rule was taught from. The rule itself is one of many that fit: what they leave open travels into counts with
 * it. A rule that was typed has none.
 */
export interface TaughtFrom {
  /** The nutrients that may count. */
  readonly nutrients: readonly Nutrient[];
  /** The roundings and caps that still fit; null is no cap. */
  readonly modes: readonly Pick<Rule, 'rounding' | 'step'>[];
  readonly caps: readonly ({ readonly nutrient: Nutrient; readonly most: number } | null)[];
  readonly known: readonly TaughtBy[];
}
