import type { Nutrient } from '../food/nutrients.ts';
import { roundPoints } from '../program/rule.ts';
import type { Interval } from '../quantity/interval.ts';
import { CAPS, type Cap, type Hypothesis, polytopeOf, rowPairOf, signedUnit } from './hypothesis.ts';
import type { KnownFood, TaughtFood } from './known-food.ts';
import { MODES, type Mode } from './mode.ts';
import type { Simplex } from './simplex.ts';

/** A hypothesis under which what is known can hold together, with all rules that it leaves. */
export interface Fit {
  readonly hypothesis: Hypothesis;
  readonly rules: Simplex;
}

/** What may be taught at all: which nutrients may count, which modes and caps there may be. */
export interface Teachable {
  readonly nutrients: readonly Nutrient[];
  readonly modes: readonly Mode[];
  /** null is no cap. */
  readonly caps: readonly (Cap | null)[];
}

/** What may be where nobody knows more. */
export const anythingOf = (nutrients: readonly Nutrient[]): Teachable => ({
  nutrients,
  modes: MODES,
  caps: [null, ...CAPS.filter((c) => nutrients.includes(c.nutrient))],
});

/** Every hypothesis that may be, the likeliest kind first. */
export const hypothesesOf = ({ modes, caps }: Teachable): Hypothesis[] =>
  caps.flatMap((cap) => modes.map((mode) => ({ mode, cap })));

/** The hypotheses under which all that is known holds together; none where it contradicts itself. */
export function fitsOf(known: readonly KnownFood[], teachable: Teachable, without?: ReadonlySet<number>): Fit[] {
  return hypothesesOf(teachable).flatMap((hypothesis) => {
    const rules = polytopeOf(hypothesis, known, teachable.nutrients, without);
    return rules?.solve() ? [{ hypothesis, rules }] : [];
  });
}

/** What every rule that fits makes of an amount of a food, taken together. */
export function pointsOverAll(fits: readonly Fit[], nutrients: readonly Nutrient[], food: TaughtFood): Interval {
  let low = Number.POSITIVE_INFINITY;
  let high = 0;
  for (const { hypothesis, rules } of fits) {
    const rows = rowPairOf(food.profile, nutrients, hypothesis.cap);
    low = Math.min(low, roundPoints(-rules.maximise(rows.low.map((v) => -v)), hypothesis.mode));
    high = Math.max(high, roundPoints(rules.maximise(rows.high), hypothesis.mode));
  }
  return { low, high };
}

/** What the coefficient of each nutrient may be, over every rule that fits; points per kcal, g or mg. */
export function coefficientRanges(fits: readonly Fit[], nutrients: readonly Nutrient[]): Interval[] {
  return nutrients.map((n, j) => {
    const goal = nutrients.map((_, i) => (i === j ? 1 : 0));
    let least = Number.POSITIVE_INFINITY;
    let most = 0;
    for (const { rules } of fits) {
      most = Math.max(most, rules.maximise(goal));
      least = Math.min(least, -rules.maximise(goal.map((v) => -v)));
    }
    const unit = signedUnit(n);
    const ends = [Math.max(0, least) * unit, most * unit].sort((a, b) => a - b);
    return { low: ends[0]! + 0, high: ends[1]! + 0 };
  });
}
