import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { counterOf } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { countShare } from './count-share.ts';
import { freeze } from './freeze.ts';
import { whileFilling } from './while-filling.ts';

const gratin = readVersion(['1.2 kg potatoes', '300 ml cream', '65 g Gruyère', '40 g butter'], { servings: 6 });
const eaters = FIXTURE_PROGRAMS.map((program) => ({ key: program.id, program, counter: counterOf(program) }));
const counted = countVersion(
  gratin,
  kitchenOf(),
  eaters.map((e) => e.counter),
);
const frozen = freeze(counted, eaters, '2026-11-28T18:00:00Z');
const OUT_G = 1400;

/** By trying every gram. */
const byTrying = (key: string, grams: number) => {
  const at = (g: number): number => countShare(frozen, key, g / OUT_G).points;
  for (let g = 1; grams + g <= OUT_G; g++) if (at(grams + g) > at(grams)) return { points: at(grams), left: g - 1 };
  return { points: at(grams), left: null };
};

describe('while a box is filled', () => {
  it.each([0, 1, 90, 233, 400, 777, 1399])('at %d g each one knows what it counts, and how much is left', (grams) => {
    const now = whileFilling(frozen, grams, OUT_G);
    expect(now.map((n) => n.key)).toEqual(eaters.map((e) => e.key));
    for (const n of now) expect({ points: n.points, left: n.left }).toEqual(byTrying(n.key, grams));
  });
  it('marks the gram at which one more counts', () => {
    const [first] = whileFilling(frozen, 233, OUT_G);
    expect(first!.oneMoreAt).toBe(233 + first!.left! + 1);
  });
});
