import type { ChoiceProblem, Limit } from '../../src/core/knapsack/problem.ts';

/** A generator with a seed (a linear congruence, as in Numerical Recipes): the same cases in every run. */
export function seeded(seed: number): () => number {
  let state = seed >>> 0;
  return () => {
    state = (Math.imul(state, 1664525) + 1013904223) >>> 0;
    return state / 2 ** 32;
  };
}

/** A limit that holds up to `most`, and not a hair above. */
export const atMost = (most: number, base = 0): Limit => ({ base, most, holds: (sum) => sum <= most });

/**
 * Lines whose choices buy about as much as they depart: the hard kind, for hardly any choice is plainly better.
 *
 * @param tight the share of what the lines sum to as they are that may stay.
 */
export function hardChoices(
  random: () => number,
  lines: number,
  choices: number,
  eaters: number,
  tight: number,
): ChoiceProblem {
  const rows = Array.from({ length: lines }, () => {
    const size = 0.3 + random() * 2.5;
    const stays = Array.from({ length: eaters }, () => size * (0.8 + 0.4 * random()));
    const row = [{ departure: 0, amounts: stays }];
    for (let j = 1; j < choices; j++) {
      const share = (j / (choices - 1)) * (0.6 + 0.4 * random());
      row.push({
        departure: Math.max(1, Math.round(200 * share * size * (0.85 + 0.3 * random()))),
        amounts: stays.map((s) => s * (1 - share * (0.9 + 0.1 * random()))),
      });
    }
    return row;
  });
  const limits = Array.from({ length: eaters }, (_, k) =>
    atMost(tight * rows.reduce((s, row) => s + row[0]!.amounts[k]!, 0)),
  );
  return { lines: rows, limits };
}
