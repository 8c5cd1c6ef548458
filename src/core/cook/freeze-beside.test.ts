import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plateLines } from '../counting/plate-lines.ts';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { plainCounter } from '../program/program.ts';
import { countShare } from './count-share.ts';
import { freezeBeside } from './freeze-beside.ts';

describe('what lies beside a dish', () => {
  it('is kept in the words that were typed, and counts as it was counted then', () => {
    const texts = ['1 tbsp soured cream', '1 slice rye bread'];
    const eaters = FIXTURE_PROGRAMS.map((program) => ({ key: program.id, program, counter: plainCounter(program) }));
    const frozen = freezeBeside(plateLines(texts, indexFoods(SHIPPED_FOODS), 'us'), eaters, '2026-11-27T18:00:00Z');
    expect(frozen.lines.map((l) => l.label)).toEqual(texts);
    // By another way: as a recipe for one.
    const counted = countVersion(
      readVersion(texts, { servings: 1 }),
      kitchenOf(),
      eaters.map((e) => e.counter),
    );
    for (const [i, { key }] of eaters.entries())
      expect(countShare(frozen, key, 1).raw).toBeCloseTo(counted.counts[i]!.raw, 9);
  });
});
