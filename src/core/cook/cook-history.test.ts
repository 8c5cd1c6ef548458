import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { cookHistory } from './cook-history.ts';
import { countShare } from './count-share.ts';
import { freeze } from './freeze.ts';
import { newCook } from './new-cook.ts';

const eaters = FIXTURE_PROGRAMS.map((program) => ({ key: program.id, program, counter: plainCounter(program) }));
const cook = (id: string, day: string, lines: readonly string[], grams: number | null) => {
  const counted = countVersion(
    readVersion(lines, { servings: 4 }),
    kitchenOf(),
    eaters.map((e) => e.counter),
  );
  return {
    ...newCook({ id, recipeId: 'r', versionId: 'v', as: 'cooked', day }),
    out: grams === null ? null : ({ by: 'grams', amount: grams, grams, cut: null } as const),
    frozen: freeze(counted, eaters, `${day}T18:00:00Z`),
  };
};

describe('the times that a dish was cooked', () => {
  it('are told oldest first, with what a portion counted and what was left of the raw weight', () => {
    const later = cook('b', '2026-11-20', ['500 g ground beef', '500 g potatoes'], 800);
    const first = cook('a', '2026-10-01', ['500 g ground beef', '400 g potatoes', '100 g butter'], null);
    const told = cookHistory([later, first]);
    expect(told.map((t) => [t.day, t.grams, t.ofRaw])).toEqual([
      ['2026-10-01', null, null],
      ['2026-11-20', 800, 0.8],
    ]);
    for (const [i, c] of [first, later].entries())
      expect(told[i]!.points).toEqual(
        eaters.map((e) => ({ key: e.key, mark: e.program.mark, points: countShare(c.frozen, e.key, 1 / 4).points })),
      );
  });
  it('are held against all that went in, water and broth, too', () => {
    // 500 g of beans and 1 litre of water: 1,500 g went in.
    const pot = cook('w', '2026-11-03', ['500 g potatoes', '1 litre water'], 1200);
    expect(cookHistory([pot])[0]!.ofRaw).toBeCloseTo(0.8, 2);
  });
  it('leave kits out: they were packed raw', () => {
    const kits = { ...cook('k', '2026-11-04', ['500 g potatoes'], 500), as: 'kits' as const };
    expect(cookHistory([kits])).toEqual([]);
  });
  it('leave out what was not dished up, and what nobody knows the portions of', () => {
    const begun = newCook({ id: 'c', recipeId: 'r', versionId: 'v', as: 'cooked', day: '2026-11-01' });
    expect(cookHistory([begun])).toEqual([]);
    const whole = cook('d', '2026-11-02', ['500 g potatoes'], 400);
    expect(cookHistory([{ ...whole, frozen: { ...whole.frozen, servings: null } }])[0]!.points).toEqual([]);
  });
});
