import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { counterOf } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { count, scaleLine } from '../program/count.ts';
import { countVersion } from './count-version.ts';
import { whilePouring } from './while-pouring.ts';

const gratin = readVersion(['1.2 kg potatoes', '300 ml cream', '65 g Gruyère', '40 g butter'], { servings: 6 });
const counters = FIXTURE_PROGRAMS.slice(0, 3).map((p) => counterOf(p));
const counted = countVersion(gratin, kitchenOf(), counters);
const cheese = counted.lines[2]!;

/** By trying every gram. */
const byTrying = (grams: number, i: number) => {
  const at = (g: number): number =>
    count(scaleLine(counted.lines, cheese.id, g / 65), counters[i]!, { servings: 6 }).points;
  const points = at(grams);
  for (let g = 1; g < 1000; g++) if (at(grams + g) > points) return { points, left: g - 1 };
  return { points, left: null };
};

describe('while something is poured in', () => {
  it.each([1, 20, 59, 65, 71, 140])(
    'at %d g each one knows their points, and how much is left to the next',
    (grams) => {
      const now = whilePouring(counted.lines, cheese.id, grams, counters, { servings: 6 });
      for (const [i, n] of now.entries()) expect({ points: n.points, left: n.left }).toEqual(byTrying(grams, i));
    },
  );
  it('begins at none of it', () => {
    const now = whilePouring(counted.lines, cheese.id, 0, counters, { servings: 6 });
    expect(now[0]!.points).toBe(byTrying(0, 0).points);
    expect(now[0]!.left).toBe(byTrying(0, 0).left);
  });
  it('marks where to stop: the gram at which one more counts', () => {
    const [first] = whilePouring(counted.lines, cheese.id, 20, counters, { servings: 6 });
    expect(first!.oneMoreAt).toBe(20 + first!.left! + 1);
  });
  it('says down to which gram one less counts, as by trying every gram', () => {
    const at = (g: number): number =>
      count(scaleLine(counted.lines, cheese.id, g / 65), counters[0]!, { servings: 6 }).points;
    const [now] = whilePouring(counted.lines, cheese.id, 71, counters, { servings: 6 });
    const tried = Array.from({ length: 71 }, (_, i) => 70 - i).find((g) => at(g) < at(71)) ?? null;
    expect(now!.oneLessAt).toBe(tried);
  });
});
