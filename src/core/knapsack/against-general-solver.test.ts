import { describe, expect, it } from 'vitest';
import { generalSolver } from '../../../tests/support/general-solver.ts';
import { atMost, hardChoices, seeded } from '../../../tests/support/hard-choices.ts';
import { solved } from '../../../tests/support/solved.ts';

describe('the search beside a general solver', () => {
  it('finds what a general solver finds, on 16 large cases', { timeout: 120_000 }, async () => {
    const random = seeded(2);
    const general = await generalSolver();
    let wronglyAccepted = 0;
    for (let i = 0; i < 16; i++) {
      const problem = hardChoices(random, 24 + (i % 7), 6 + (i % 5), 1 + (i % 3), 0.45 + 0.3 * random());
      const theirs = general(problem);
      const ours = solved(problem);
      if (theirs.kept) expect(ours, `case ${i}`).toBe(theirs.departure);
      else {
        // Within its tolerance it took what breaks a limit: then it is no better than ours but for that.
        wronglyAccepted++;
        expect(ours!).toBeGreaterThanOrEqual(theirs.departure!);
      }
    }
    expect(wronglyAccepted).toBeLessThan(6);
  });

  it('decides ties exactly, where a general solver lets a hair pass', async () => {
    const tie = {
      lines: [
        [
          { departure: 0, amounts: [2.75] },
          { departure: 70, amounts: [1] },
        ],
        [{ departure: 0, amounts: [2.7500004] }],
      ],
      limits: [atMost(5.5)],
    };
    const theirs = (await generalSolver())(tie);
    expect(theirs.kept).toBe(false);
    expect(theirs.departure).toBe(0);
    expect(solved(tie)).toBe(70);
  });
});
