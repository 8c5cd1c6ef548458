import { describe, expect, it } from 'vitest';
import { readVersion } from '../../../tests/support/test-version.ts';
import { stepShares } from './step-shares.ts';

/** The share of a dish's first line in each step. */
const shares = (line: string, ...steps: string[]): number[] => {
  const v = readVersion([line, '3 eggs'], { steps: steps.map((text, i) => ({ id: `s${i}`, text })) });
  return stepShares(v.steps, v.lines).map((s) => s.find((u) => u.lineId === 'l0')?.share ?? 0);
};

describe('how much of a line a step uses', () => {
  it.each([
    ['all of it where it is first named', '200 g cheddar', ['Stir in the cheddar.', 'The cheddar melts.'], [1, 0]],
    [
      'a half and the rest',
      '200 g cheddar',
      ['Stir in half of the cheddar.', 'Scatter the rest of the cheddar over.'],
      [0.5, 0.5],
    ],
    [
      'a third, and what nobody says after it',
      '200 g cheddar',
      ['Stir in a third of the cheddar.', 'Scatter the cheddar over.'],
      [1 / 3, 2 / 3],
    ],
    [
      'an amount of it',
      '4 tbsp olive oil',
      ['Heat 1 tbsp of the olive oil.', 'Pour on the remaining olive oil.'],
      [0.25, 0.75],
    ],
    [
      'the same amount everywhere, where it is divided',
      '4 tbsp olive oil, divided',
      ['Heat the olive oil.', 'Whisk in the olive oil.'],
      [0.5, 0.5],
    ],
    [
      'some and the rest',
      '100 g sugar',
      ['Beat the eggs with some sugar.', 'Strew the remaining sugar over.'],
      [0.5, 0.5],
    ],
    ['nothing where no step names it', '100 g sugar', ['Beat the eggs.'], [0]],
  ] as const)('%s', (_, line, steps, wanted) => {
    const got = shares(line, ...steps);
    expect(got).toHaveLength(wanted.length);
    for (const [i, w] of wanted.entries()) expect(got[i]).toBeCloseTo(w, 9);
  });
  it('of milk is not where another milk is meant', () => {
    const v = readVersion(['280 ml evaporated milk', '200 ml milk'], {
      steps: [
        { id: 's0', text: 'Stir a little starch into the evaporated milk.' },
        { id: 's1', text: 'Warm the evaporated milk with the milk.' },
      ],
    });
    expect(stepShares(v.steps, v.lines).map((s) => s.map((u) => u.lineId))).toEqual([['l0'], ['l1']]);
  });
  it('is never in the step that leaves it out by name', () => {
    const v = readVersion(['200 g cheddar', '1 onion'], {
      steps: [
        { id: 's0', text: 'Add everything but the cheddar.' },
        { id: 's1', text: 'Strew the cheddar over.' },
      ],
    });
    expect(stepShares(v.steps, v.lines).map((s) => s.map((u) => u.lineId))).toEqual([['l1'], ['l0']]);
  });
});
