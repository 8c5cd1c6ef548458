import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { countShare } from './count-share.ts';
import { freeze } from './freeze.ts';
import { countPlate } from './plate-beside.ts';

const frozenOf = (lines: readonly string[], servings: number) => {
  const eaters = FIXTURE_PROGRAMS.map((program) => ({ key: program.id, program, counter: plainCounter(program) }));
  const counted = countVersion(
    readVersion(lines, { servings }),
    kitchenOf(),
    eaters.map((e) => e.counter),
  );
  return freeze(counted, eaters, '2026-11-27T18:00:00Z');
};

describe('a plate with more on it than the dish', () => {
  const dish = frozenOf(['600 g ground turkey', '400 g rice'], 4);
  // 1 tsp ketchup and 1 tsp jam each round to nothing under a rule of whole points; raw they are something.
  const beside = frozenOf(['1 tsp ketchup', '1 tsp jam', '1 tbsp soured cream'], 1);
  it('is the dish and each thing beside it, and all of it together rounded once', () => {
    const key = 'program-ledger';
    const plate = countPlate(dish, key, 1 / 4, beside);
    const own = countShare(dish, key, 1 / 4);
    expect(plate.dish.points).toBe(own.points);
    expect(plate.beside.map((b) => b.label)).toEqual(['ketchup', 'jam', 'soured cream']);
    // By another way: one version that has the share of the dish and what is beside it.
    const together = countVersion(
      readVersion(['150 g ground turkey', '100 g rice', '1 tsp ketchup', '1 tsp jam', '1 tbsp soured cream'], {
        servings: 1,
      }),
      kitchenOf(),
      [plainCounter(FIXTURE_PROGRAMS.find((p) => p.id === key)!)],
    );
    expect(plate.raw).toBeCloseTo(together.counts[0]!.raw, 6);
    expect(plate.points).toBe(together.counts[0]!.points);
    expect(plate.apart).toBe(own.points + plate.beside.reduce((s, b) => s + b.points, 0));
    expect(plate.kcal).toBeCloseTo(together.perServing.kcal.value!, 6);
  });
  it('says what rounding hides, and nothing where it hides nothing', () => {
    const plate = countPlate(dish, 'program-ledger', 1 / 4, beside);
    if (plate.points === plate.apart) expect(plate.words).toBeNull();
    else expect(plate.words).toMatch(/looked at one by one it is/);
    expect(countPlate(dish, 'program-ledger', 1 / 4, null)).toMatchObject({ beside: [], words: null });
  });
  it('was not counted for somebody whom it was not frozen for', () => {
    expect(() => countPlate(dish, 'nobody', 1 / 4, beside)).toThrow(RangeError);
  });
});
