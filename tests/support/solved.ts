import { expect } from 'vitest';
import { type ChoiceProblem, departureOfPicks, keepsLimits } from '../../src/core/knapsack/problem.ts';
import { solveChoices } from '../../src/core/knapsack/solve.ts';

/** Checks that an answer is what it says, and gives its departure. */
export function solved(problem: ChoiceProblem): number | null {
  const answer = solveChoices(problem);
  expect(answer.proved).toBe(true);
  if (answer.kind === 'none') return null;
  expect(keepsLimits(problem, answer.solution.picks)).toBe(true);
  expect(departureOfPicks(problem, answer.solution.picks)).toBe(answer.solution.departure);
  return answer.solution.departure;
}
