import { type NutrientProfile, scaleProfile, sumProfiles } from '../food/nutrients.ts';
import { type CountLine, isLinear, type Part } from './count.ts';
import { pinOf } from './pin-of.ts';
import type { Counter } from './program.ts';
import { type CountingMethod, type Term, termsOf } from './rule.ts';
import { isUncounted } from './uncounted.ts';

/** A line's share of the portion, as the reasons of a count show it. */
export interface ExplainedLine {
  readonly id: string;
  readonly grams: number;
  /** All of it, counted or not. */
  readonly nutrition: NutrientProfile;
}

export interface Explanation {
  readonly lines: readonly ExplainedLine[];
  /**
   * The rule's terms over what counts, adding up (with `pinned`) to the raw count; null where caps, or floors and
   * roundings at each line, keep one sum from saying it.
   */
  readonly terms: readonly Term[] | null;
  /** Points that come from pins, not from nutrition. */
  readonly pinned: number;
}

/**
 * Explains a count of one serving. Of a line that takes from another recipe only the parts that count enter the terms.
 *
 * @param by the way that is explained.
 */
export function explainCount(
  lines: readonly CountLine[],
  counter: Counter,
  servings: number,
  by: CountingMethod,
): Explanation {
  const { rule, list } = counter.program;
  const shareOf = (p: Part): NutrientProfile => scaleProfile(p.food.per100g, p.grams / 100 / servings);
  const parts = lines.flatMap((l) => l.parts);
  const counts = (p: Part): boolean => by === 'serving' || !isUncounted(p.food, list, counter.exceptions).uncounted;
  return {
    lines: lines.map((l) => ({
      id: l.id,
      grams: l.parts.reduce((s, p) => s + p.grams, 0) / servings,
      nutrition: sumProfiles(l.parts.map(shareOf)),
    })),
    terms: isLinear(rule, by)
      ? termsOf(rule, sumProfiles(parts.filter((p) => pinOf(counter, p.food) === null && counts(p)).map(shareOf)))
      : null,
    pinned: parts.reduce((s, p) => {
      const pin = pinOf(counter, p.food);
      return pin === null ? s : s + (p.grams * pin.points) / pin.grams / servings;
    }, 0),
  };
}
