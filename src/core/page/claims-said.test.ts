import { describe, expect, it } from 'vitest';
import { claimsSaid } from './claims-said.ts';

/** Each claim of points as "value[–max] of/per", in the order in which they are said. */
const said = (line: string): string[] =>
  claimsSaid(line)
    .filter((c) => c.kind === 'points')
    .map(
      (c) =>
        `${c.value}${c.valueMax === null ? '' : `–${c.valueMax}`}${c.of === null ? '' : ` ${c.of}`}${c.per === null ? '' : ` per ${c.per}`}`,
    );

describe('points that a source states', () => {
  // Common practice: how cooks who count write it above and below their recipes.
  const lines: [string, string[]][] = [
    ['5 points', ['5']],
    ['5 points per serving', ['5']],
    ['Points: 5', ['5']],
    ['Points per serving: 5', ['5']],
    ['2.5 pts a serving', ['2.5']],
    ['Only 3 points each!', ['3']],
    ['Serves 6, 4 points each', ['4']],
    ['4 servings, 7 points', ['7']],
    // Several in one sentence, the number before or behind the word.
    ['Points: Meadow 7, Larder 5, Old Plan 9', ['7 meadow', '5 larder', '9 old plan']],
    ['7 points Meadow, 5 Larder, 9 Old Plan', ['7 meadow', '5 larder', '9 old plan']],
    ['Meadow: 7 points | Larder: 5 points', ['7 meadow', '5 larder']],
    ['Meadow 7, Larder 5 and Old Plan 9 points', ['7 meadow', '5 larder', '9 old plan']],
    ['Points: 7 Meadow / 5 Larder / 9 Old Plan', ['7 meadow', '5 larder', '9 old plan']],
    ['M=7 L=5 O=9 points', ['7 m', '5 l', '9 o']],
    ['7 points on Meadow and 5 points on Larder', ['7 meadow', '5 larder']],
    // All.
    ['4 points on all plans', ['4 all']],
    ['All programs: 4 points', ['4 all']],
    ['Points (all): 4', ['4 all']],
    // Ranges.
    ['5-6 points', ['5–6']],
    ['5 to 6 points per serving', ['5–6']],
    ['Meadow 5–6 points', ['5–6 meadow']],
    // Of another amount than a serving.
    ['2 points per cup', ['2 per cup']],
    ['1 point per tablespoon', ['1 per tablespoon']],
    ['3 points a slice', ['3 per slice']],
    ['18 points for the whole pan', ['18 per whole']],
    ['Larder: 2 points per cup, Meadow: 3 points per cup', ['2 larder per cup', '3 meadow per cup']],
    ['0 points', ['0']],
    // What is no points.
    ['350 kcal, 12 g fat, 5 points', ['5']],
    ['Bake 20 minutes, 5 points', ['5']],
    ['350 calories, 30 g protein', []],
    ['The point of 2 potatoes is that they thicken it', []],
    ['9 points out of 10 from my children', []],
    ['3 bullet points to remember', []],
  ];
  for (const [line, expected] of lines) {
    it(`reads "${line}"`, () => expect(said(line)).toEqual(expected));
  }
  it('keeps the sentence with each, and the calories beside them', () => {
    const found = claimsSaid('Meadow 7, Larder 5 points, 350 kcal');
    expect(found.map((c) => [c.kind, c.value])).toEqual([
      ['points', 7],
      ['points', 5],
      ['kcal', 350],
    ]);
    expect(found.every((c) => c.words === 'Meadow 7, Larder 5 points, 350 kcal')).toBe(true);
  });
});
