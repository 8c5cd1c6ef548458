import { describe, expect, it } from 'vitest';
import { atMost, hardChoices, seeded } from '../../../tests/support/hard-choices.ts';
import { solved } from '../../../tests/support/solved.ts';
import { type BoundTable, leastDeparture, toleranceOf } from './bound-tables.ts';
import { type ChoiceProblem, departureOfPicks, keepsLimits } from './problem.ts';
import { solveChoices } from './solve.ts';
import { TOLERANCE } from './undominated.ts';

/** The least departure by trying everything; null when nothing keeps the limits. */
function bruteForce(problem: ChoiceProblem): number | null {
  let best: number | null = null;
  const picks = problem.lines.map(() => 0);
  const step = (i: number): void => {
    if (i === picks.length) {
      const d = departureOfPicks(problem, picks);
      if ((best === null || d < best) && keepsLimits(problem, picks)) best = d;
      return;
    }
    for (let c = 0; c < problem.lines[i]!.length; c++) {
      picks[i] = c;
      step(i + 1);
    }
  };
  step(0);
  return best;
}

describe('the tolerance of a table', () => {
  it('grows with the mix of limits that it bounds: a tie within it is no violation', () => {
    const table = { least: Float64Array.from([0]), room: 1, mix: Float64Array.from([0.25, 0.5]) };
    expect(toleranceOf(table as unknown as BoundTable)).toBeCloseTo(TOLERANCE * 1.75, 15);
    expect(
      leastDeparture({ ...table, least: Float64Array.from([1 + TOLERANCE * 1.7, 0]) } as unknown as BoundTable, 1),
    ).toBe(0);
    expect(
      leastDeparture({ ...table, least: Float64Array.from([1 + TOLERANCE * 1.8, 0]) } as unknown as BoundTable, 1),
    ).toBe(1);
  });
});

describe('the search', () => {
  it('finds what trying everything finds, on 300 small cases', () => {
    const random = seeded(1);
    let reached = 0;
    for (let i = 0; i < 300; i++) {
      const lines = 1 + Math.floor(random() * 6);
      const choices = 1 + Math.floor(random() * 5);
      const eaters = 1 + Math.floor(random() * 4);
      const problem = hardChoices(random, lines, choices, eaters, 0.15 + 0.95 * random());
      // Now and then a limit from below, a line that must change, and sums below zero.
      const mixed: ChoiceProblem = {
        lines: problem.lines.map((row, n) =>
          row.length > 2 && random() < 0.2
            ? row.slice(1)
            : row.map((c) => ({ ...c, amounts: c.amounts.map((a, k) => (k === 1 ? -a : a - (n === 0 ? 0.3 : 0))) })),
        ),
        limits: problem.limits.map((l, k) => (k === 1 ? atMost(-0.55 * l.most) : l)),
      };
      const wanted = bruteForce(mixed);
      expect(solved(mixed), `case ${i}`).toBe(wanted);
      if (wanted !== null) reached++;
    }
    expect(reached).toBeGreaterThan(100);
    expect(reached).toBeLessThan(300);
  });

  it('decides exact ties exactly', () => {
    // Two lines at 2.75: together 5.5, which is not below 5.5. With 5.4999999 it would be.
    const tie = (amount: number): ChoiceProblem => ({
      lines: [
        [
          { departure: 0, amounts: [2.75] },
          { departure: 70, amounts: [1] },
        ],
        [{ departure: 0, amounts: [amount] }],
      ],
      limits: [{ base: 0, most: 5.5, holds: (s) => s < 5.5 - 1e-9 }],
    });
    expect(solved(tie(2.75))).toBe(70);
    expect(solved(tie(2.7499999))).toBe(0);
    expect(solved(tie(2.7500004))).toBe(70);
  });

  it('says when nothing can, stays when all is well, and takes no limits at all', () => {
    const random = seeded(3);
    const problem = hardChoices(random, 10, 4, 2, 0.5);
    expect(solved({ ...problem, limits: problem.limits.map(() => atMost(-1)) })).toBeNull();
    expect(solved({ ...problem, limits: problem.limits.map(() => atMost(1000)) })).toBe(0);
    expect(
      solved({ ...problem, lines: problem.lines.map((r) => r.map((c) => ({ ...c, amounts: [] }))), limits: [] }),
    ).toBe(0);
    expect(solved({ lines: [], limits: [atMost(1)] })).toBe(0);
    expect(solved({ lines: [], limits: [atMost(1, 2)] })).toBeNull();
  });

  it('can be stopped, and says that nothing is proved then', () => {
    const problem = hardChoices(seeded(5), 40, 10, 5, 0.45);
    const answer = solveChoices(problem, { stop: () => true });
    expect(answer.proved).toBe(false);
  });
});
