import { describe, expect, it } from 'vitest';
import { sample, testProgram } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion, testRecipeLine } from '../../../tests/support/test-version.ts';
import { resolveLines } from '../counting/resolve-lines.ts';
import { compareWays } from './compare-methods.ts';
import { count } from './count.ts';
import { explainCount } from './explain-count.ts';
import { plainCounter } from './program.ts';

const sauce = readVersion(['3 onions', '200 ml cream', '1 tomato'], { id: 'sauce', recipeId: 'r-sauce' });
const outer = readVersion(['500 g potatoes', '2 eggs', '100 g smoked sausage'], { servings: 4 });
const take = testRecipeLine('take', {
  food: { kind: 'recipe', recipeId: 'r-sauce', versionId: 'sauce' },
  weight: { grams: 250, low: 250, high: 250, from: 'weight' },
});
const lines = resolveLines({ ...outer, lines: [...outer.lines, take] }, kitchenOf(sauce));

describe('the reasons of a count', () => {
  it.each(['LE', 'LA', 'HA', 'HO'])(
    'add up to its raw points under %s, with a recipe inside that counts only in part',
    (mark) => {
      const pins = [{ foodId: 'sausage-smoked', programId: sample(mark).id, points: 3, grams: 50 }];
      for (const by of ['ingredients', 'serving'] as const) {
        for (const counter of [plainCounter(sample(mark)), plainCounter(sample(mark), pins)]) {
          const { terms, pinned } = explainCount(lines, counter, 4, by);
          const sum = terms!.reduce((s, t) => s + t.points, pinned);
          expect(sum).toBeCloseTo(count(lines, counter, { servings: 4, by }).raw, 9);
        }
      }
    },
  );
  it('call a line that is uncounted in part by that name', () => {
    const serving = compareWays(lines, plainCounter(sample('LE')), { servings: 4 }).find((w) => w.way === 'serving')!;
    expect(serving.causes.find((c) => c.lineId === 'take')!.words).toBe('some of it uncounted in one of the two');
  });
  it('give no single sum where there is none', () => {
    expect(explainCount(lines, plainCounter(testProgram({ caps: { kcal: 10 } })), 4, 'ingredients').terms).toBeNull();
    expect(explainCount(lines, plainCounter(testProgram({ floorAt: 'line' })), 4, 'ingredients').terms).toBeNull();
    expect(explainCount(lines, plainCounter(testProgram()), 4, 'items').terms).toBeNull();
  });
  it('show each line’s share of the portion', () => {
    const [potatoes, , , sauceLine] = explainCount(lines, plainCounter(sample('LE')), 4, 'ingredients').lines;
    expect(potatoes!.grams).toBeCloseTo(125, 9);
    expect(potatoes!.nutrition.kcal.value).toBeCloseTo(125 * 0.77, 9);
    expect(sauceLine!.grams).toBeCloseTo(62.5, 9);
  });
});
