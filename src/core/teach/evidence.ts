import type { Nutrient } from '../food/nutrients.ts';
import type { TaughtBy, TaughtFrom } from '../program/taught-from.ts';
import { ZERO } from '../quantity/interval.ts';
import { type Fit, fitsOf } from './fits.ts';
import { rowPairOf } from './hypothesis.ts';
import { type KnownFood, NO_AMOUNTS } from './known-food.ts';

/** More foods than this are kept only where they decide. */
const KEPT_ANYWAY = 100;
/** So many are kept at most: leaving one out only leaves more open. */
const MOST_EVIDENCE = 300;

/**
 * What is kept with a rule of the foods that it was taught from. Of very many those that hold the others back: the ends of
 * every coefficient and of every known food stand on them.
 *
 * @param known those that fit together
 */
export function evidenceOf(
  known: readonly KnownFood[],
  fits: readonly Fit[],
  nutrients: readonly Nutrient[],
): TaughtFrom {
  const kept = known.length <= KEPT_ANYWAY ? known : decisive(known, fits, nutrients);
  return {
    nutrients,
    modes: [...new Set(fits.map((f) => f.hypothesis.mode))],
    caps: [...new Set(fits.map((f) => f.hypothesis.cap))],
    known: kept.map(
      ({ name, grams, points, profile }): TaughtBy => ({
        name,
        grams,
        points,
        of: Object.fromEntries(nutrients.map((n) => [n, { low: profile[n].low, high: profile[n].high }])),
      }),
    ),
  };
}

/** The known foods on which the ends of what the rules may say stand, those of the most ends first. */
function decisive(known: readonly KnownFood[], fits: readonly Fit[], nutrients: readonly Nutrient[]): KnownFood[] {
  const ends = new Map<number, number>();
  for (const { hypothesis, rules } of fits) {
    const ask = (goal: ArrayLike<number>): void => {
      rules.maximise(goal);
      for (const i of rules.standsOn()) ends.set(i, (ends.get(i) ?? 0) + 1);
    };
    for (const j of nutrients.keys()) for (const sign of [1, -1]) ask(nutrients.map((_, i) => (i === j ? sign : 0)));
    for (const food of known.slice(0, MOST_EVIDENCE)) {
      const { low, high } = rowPairOf(food.profile, nutrients, hypothesis.cap);
      ask(high);
      ask(low.map((v) => -v));
    }
  }
  const most = [...ends].sort((a, b) => b[1] - a[1]).slice(0, MOST_EVIDENCE);
  return most.map(([i]) => known[i]!);
}

/** The rules that fit what was kept: the true one is among them. */
export function fitsOfEvidence({ nutrients, modes, caps, known }: TaughtFrom): Fit[] {
  const foods = known.map(
    (k): KnownFood => ({
      name: k.name,
      grams: k.grams,
      points: k.points,
      profile: {
        ...NO_AMOUNTS,
        ...Object.fromEntries(nutrients.map((n) => [n, { value: null, ...(k.of[n] ?? ZERO) }])),
      },
    }),
  );
  return fitsOf(foods, { nutrients, modes, caps });
}
