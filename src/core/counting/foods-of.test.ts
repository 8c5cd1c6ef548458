import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { plainCounter } from '../program/program.ts';
import { countVersion } from './count-version.ts';
import { foodsInVersion } from './foods-of.ts';

const ids = (lines: readonly string[]) => foodsInVersion(readVersion(lines), kitchenOf()).map((f) => f.id);

describe('the foods that are in a version', () => {
  it.each([
    ['walnuts, to decorate', 'walnuts'],
    ['grated parmesan, to serve', 'parmesan'],
    ['soy sauce to taste', 'soy-sauce'],
    ['mustard to taste', 'mustard'],
  ])('are also those of which nobody knows how much there is: %s', (line, id) => {
    expect(ids(['200 g leeks', line])).toEqual(['leek', id]);
  });
  it('are also those of recipes that it takes from, and of an amount of one that nobody weighed', () => {
    const dough = readVersion(['200 g flour', 'walnuts, to decorate'], { id: 'dough-v1', recipeId: 'dough' });
    const [line] = readVersion(['200 g dough']).lines;
    const food = { kind: 'recipe', recipeId: 'dough', versionId: 'dough-v1' } as const;
    const pie = (weight: NonNullable<typeof line>['weight']) =>
      foodsInVersion(readVersion([], { id: 'pie-v1', lines: [{ ...line!, food, weight }] }), kitchenOf(dough));
    const both = ['flour-plain', 'walnuts'];
    const weighed = { grams: 100, low: 100, high: 100, from: 'weight' } as const;
    expect(pie(weighed).map((f) => f.id)).toEqual(expect.arrayContaining([expect.stringMatching(/flour/), 'walnuts']));
    expect(pie(null)).toHaveLength(both.length);
  });
  it('are not what was left out, and count nothing that is not known', () => {
    const version = readVersion(['200 g leeks', 'walnuts, to decorate', 'soy sauce to taste']);
    const without = readVersion(['200 g leeks']);
    const counters = [plainCounter(FIXTURE_PROGRAMS[0]!)];
    const kcal = (v: typeof version) => countVersion(v, kitchenOf(), counters).perServing.kcal.value;
    expect(kcal(version)).toBe(kcal(without));
    const lines = version.lines.map((l) => ({ ...l, leftOut: l.text !== '200 g leeks' }));
    expect(foodsInVersion({ ...version, lines }, kitchenOf()).map((f) => f.id)).toEqual(['leek']);
  });
});
