import { describe, expect, it } from 'vitest';
import { counterOf, sample } from '../../../tests/support/test-lines.ts';
import { readVersion } from '../../../tests/support/test-version.ts';
import { testAim, testChoiceContext } from '../../../tests/support/test-ways.ts';
import { searchBench } from './find-ways.ts';
import { benchOf } from './search-model.ts';
import { stairOfWays } from './stair-of-ways.ts';

const gratin = readVersion(
  ['1 kg potatoes', '300 ml heavy cream', '150 g Gruyère, grated', '2 tbsp butter', '100 g bacon', '50 g walnuts'],
  { servings: 6, steps: [{ id: 's1', text: 'Fry the bacon in the butter. Layer and bake.' }] },
);
const counters = [counterOf(sample('LE')), counterOf(sample('HO'))];
const bench = benchOf(gratin, testChoiceContext(counters));
const free = testAim([null, null]);

describe('the stair of ways', () => {
  const stair = stairOfWays(bench, free, 0, {});
  it('goes down: every tread counts less and costs more than the one above', () => {
    expect(stair.treads.length).toBeGreaterThan(3);
    stair.treads.slice(1).forEach((tread, i) => {
      expect(tread.points).toBeLessThan(stair.treads[i]!.points);
      expect(tread.departure).toBeGreaterThan(stair.treads[i]!.departure);
    });
    expect(stair.treads[0]!.way.changes).toEqual([]);
  });
  it('stands on what a search for each of its treads finds, and says whether that is proved', () => {
    for (const tread of stair.treads.slice(1)) {
      const [best] = searchBench(bench, testAim([tread.points, null]), { frontierOf: null }).ways;
      expect(best!.departure).toBe(tread.departure);
      expect(best!.points[0]).toBe(tread.points);
      expect(tread.proved).toBe(true);
    }
  });
  it('goes in half points where the program does', () => {
    const halves = stairOfWays(bench, free, 1, {});
    expect(halves.treads.some((t) => t.points % 1 === 0.5)).toBe(true);
  });
  it('ends where nothing goes lower, and says what still counts', () => {
    const least = stair.treads.at(-1)!.points;
    expect(stair.below!.points).toBe(least - 1);
    expect(stair.below!.words.join(' ')).toMatch(/potatoes/);
    expect(searchBench(bench, testAim([least - 1, null]), { frontierOf: null }).reachable).toBe(false);
  });
  it('ends at nothing without a word: there is no lower tread', () => {
    const soup = readVersion(['1 l water', '2 tbsp butter'], { servings: 4 });
    const down = stairOfWays(benchOf(soup, testChoiceContext(counters)), free, 0, {});
    if (down.treads.at(-1)!.points === 0) expect(down.below).toBeNull();
    else expect(down.below).not.toBeNull();
  });
  it('has no tread where a limit cannot be kept, and says which', () => {
    const none = stairOfWays(bench, testAim([null, null], { kcal: 10 }), 0, {});
    expect(none.treads).toEqual([]);
    expect(none.below!.points).toBeNull();
    expect(none.below!.words).toContain('The calories do not come down that far.');
  });
  it('keeps the others’ limits', () => {
    const held = stairOfWays(bench, testAim([null, 6]), 0, {});
    for (const tread of held.treads) expect(tread.way.points[1]).toBeLessThanOrEqual(6);
  });
  it('ends early when it is stopped, and says so', () => {
    expect(stairOfWays(bench, free, 0, { stop: () => true }).stopped).toBe(true);
  });
});
