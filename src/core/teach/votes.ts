import type { Nutrient } from '../food/nutrients.ts';
import { roundPoints } from '../program/rule.ts';
import { type Cap, rowOf } from './hypothesis.ts';
import type { TaughtFood } from './known-food.ts';
import type { SampledRule } from './samples.ts';

/** The rows of an amount of a food for each cap, worked out once: in the middle of what its nutrients may be. */
export function middleRows(food: TaughtFood, nutrients: readonly Nutrient[]): (cap: Cap | null) => Float64Array {
  const known = new Map<Cap | null, Float64Array>();
  return (cap) => {
    let row = known.get(cap);
    if (row === undefined) {
      const low = rowOf(food.profile, nutrients, cap, 'low');
      const high = rowOf(food.profile, nutrients, cap, 'high');
      row = low.map((v, j) => (v + high[j]!) / 2);
      known.set(cap, row);
    }
    return row;
  };
}

/** Raw points that a sampled rule makes of a row. */
export function rawBy({ point }: SampledRule, row: ArrayLike<number>): number {
  let raw = 0;
  for (let j = 0; j < row.length; j++) raw += row[j]! * point[j]!;
  return raw;
}

/** What each sampled rule says of an amount, in the order of the samples. */
export function answersOf(samples: readonly SampledRule[], rowFor: (cap: Cap | null) => Float64Array): Float64Array {
  const out = new Float64Array(samples.length);
  for (const [i, sample] of samples.entries()) {
    const { cap, mode } = sample.hypothesis;
    out[i] = roundPoints(rawBy(sample, rowFor(cap)), mode);
  }
  return out;
}

/** What most of the rules say, and how much of all they are. */
export interface Vote {
  readonly points: number;
  readonly share: number;
}

/** The weights of each answer, the most first. */
export function votesOf(samples: readonly SampledRule[], answers: Float64Array): Vote[] {
  const byPoints = new Map<number, number>();
  let sum = 0;
  for (const [i, { weight }] of samples.entries()) {
    byPoints.set(answers[i]!, (byPoints.get(answers[i]!) ?? 0) + weight);
    sum += weight;
  }
  return [...byPoints].map(([points, w]) => ({ points, share: w / sum })).sort((a, b) => b.share - a.share);
}
