import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { countShare } from './count-share.ts';
import { freeze } from './freeze.ts';
import { stairOfCook } from './stair-of-cook.ts';

describe('the stair of a dish that was cooked', () => {
  const eaters = FIXTURE_PROGRAMS.map((program) => ({ key: program.id, program, counter: plainCounter(program) }));
  const counted = countVersion(
    readVersion(['600 g ground turkey', '400 g rice', '2 tbsp oil'], { servings: 4 }),
    kitchenOf(),
    eaters.map((e) => e.counter),
  );
  const frozen = freeze(counted, eaters, '2026-11-27T18:00:00Z');
  it('steps where the count of a share steps, up to two portions', () => {
    for (const { key } of eaters) {
      const stair = stairOfCook(frozen, key, 1 / 4);
      expect(stair.upTo).toBe(2);
      for (const edge of stair.edges) {
        expect(countShare(frozen, key, (edge.portion / 4) * (1 + 1e-7)).points).toBe(edge.points);
        expect(countShare(frozen, key, (edge.portion / 4) * (1 - 1e-6)).points).toBeLessThan(edge.points);
      }
    }
  });
});
