import type { Nutrient, NutrientProfile } from '../food/nutrients.ts';
import type { Rule } from '../program/rule.ts';
import { type Fit, fitsOf, type Teachable } from './fits.ts';
import { signedUnit } from './hypothesis.ts';
import type { KnownFood } from './known-food.ts';
import { rawIntervalOf } from './mode.ts';

/** More nutrients than this have too many sets to try each of them. */
const MOST_TRIED_SETS = 9;

/** Sets of these, the smallest first. */
function subsetsBySize<T>(all: readonly T[]): T[][] {
  const sets = Array.from({ length: 2 ** all.length - 1 }, (_, bits) => all.filter((_, j) => ((bits + 1) >> j) & 1));
  return sets.sort((a, b) => a.length - b.length);
}

/** A rule that would do, and the nutrients that it needs. */
interface RuleThatDoes {
  readonly nutrients: readonly Nutrient[];
  readonly rule: Rule;
}

/** The rule that explains a table best, and others of as few nutrients that would do as well. */
export interface RuleExplanation extends RuleThatDoes {
  readonly others: readonly RuleThatDoes[];
}

/** More than these nobody looks through. */
const OTHERS_OFFERED = 5;

/**
 * The fewest nutrients with which a rule fits: an explanation, and no proof, for others may count as well. Of several
 * sets of one size the one that leaves most room.
 *
 * @param fits the hypotheses that are left: a set of fewer nutrients fits under no other
 */
export function smallestExplanation(
  known: readonly KnownFood[],
  fits: readonly Fit[],
  teachable: Teachable,
  without: ReadonlySet<number>,
): RuleExplanation | null {
  const modes = teachable.modes.filter((m) => fits.some((f) => f.hypothesis.mode === m));
  const caps = teachable.caps.filter((c) => fits.some((f) => f.hypothesis.cap === c));
  // The plainest first: without a cap where that does.
  const plain = caps.includes(null) ? [null] : caps;
  const sets =
    teachable.nutrients.length > MOST_TRIED_SETS ? [[...teachable.nutrients]] : subsetsBySize(teachable.nutrients);
  const found: { nutrients: readonly Nutrient[]; fit: Fit }[] = [];
  for (const nutrients of sets) {
    if (found.length > 0 && nutrients.length > found[0]!.nutrients.length) break;
    // Of one set the rounding and cap that leave most room.
    const fits = fitsOf(known, { nutrients, modes, caps: plain }, without);
    const [fit] = fits.toSorted((a, b) => b.rules.room - a.rules.room);
    if (fit !== undefined) found.push({ nutrients, fit });
  }
  const does = found
    .toSorted((a, b) => b.fit.rules.room - a.fit.rules.room)
    .slice(0, 1 + OTHERS_OFFERED)
    .map(({ nutrients, fit }): RuleThatDoes => ({ nutrients, rule: roundRule(fit, nutrients, known, without) }));
  const [best, ...others] = does;
  return best === undefined ? null : { ...best, others };
}

/** A rule of few digits in the middle of those that fit: as few as still say the points of every known food. */
function roundRule(
  { hypothesis, rules }: Fit,
  nutrients: readonly Nutrient[],
  known: readonly KnownFood[],
  without: ReadonlySet<number>,
): Rule {
  const { mode, cap } = hypothesis;
  const exact = nutrients.map((n, j) => rules.centre[j]! * signedUnit(n));
  const withDigits = (digits: number): Rule => ({
    coefficients: Object.fromEntries(
      nutrients.flatMap((n, j) => {
        const c = digits === 0 ? exact[j]! : Number(exact[j]!.toPrecision(digits));
        return c === 0 ? [] : [[n, c]];
      }),
    ),
    per: 1,
    caps: cap === null ? {} : { [cap.nutrient]: cap.most },
    ...mode,
    floorAt: 'serving',
  });
  for (const digits of [1, 2, 3, 4, 5, 6]) {
    const rule = withDigits(digits);
    if (Object.keys(rule.coefficients).length > 0 && known.every((k, i) => without.has(i) || canSay(rule, k)))
      return rule;
  }
  return withDigits(0);
}

/** Whether a rule can say these points of a food, within what is known of its nutrients. */
function canSay(rule: Rule, food: KnownFood): boolean {
  const raw = rawIntervalOf(food.points, rule);
  if (raw === null) return false;
  const ends = (low: boolean): number => {
    let sum = 0;
    for (const [n, c] of Object.entries(rule.coefficients) as [keyof NutrientProfile, number][]) {
      const of = food.profile[n];
      sum += c * Math.min(c > 0 === low ? of.low : of.high, rule.caps[n] ?? Number.POSITIVE_INFINITY);
    }
    return sum;
  };
  return ends(true) <= raw.high && ends(false) >= raw.low;
}
