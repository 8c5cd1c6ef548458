import { describe, expect, it } from 'vitest';
import { counterOf, sample } from '../../../tests/support/test-lines.ts';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { platePoints } from './plate.ts';
import { plateLines } from './plate-lines.ts';

const index = indexFoods(SHIPPED_FOODS);
const plateOf = (texts: readonly string[]) =>
  platePoints(
    plateLines(texts, index, 'us').map((l) => l.line),
    counterOf(sample('LE')),
  );
const plate = (...texts: string[]) => {
  const found = plateOf(texts);
  return { ...found, each: found.each.map((c) => c.points) };
};

describe('a plate of small things', () => {
  // By hand: sugar has E = 387 + 2·99.8 = 586.6 a 100 g, so 1.7 g are 0.22 points.
  it('adds zeros up to a point', () => {
    expect(plate('1.7 g sugar', '1.7 g sugar')).toMatchObject({ each: [0, 0], apart: 0, together: 0, words: null });
    const three = plate('1.7 g sugar', '1.7 g sugar', '1.7 g sugar');
    expect(three).toMatchObject({ each: [0, 0, 0], apart: 0, together: 1 });
    expect(three.words).toMatch(/^Rounding hides 1: .* one by one it is 0, all together 1/);
  });
  it('says when rounding each makes more than there is', () => {
    expect(plate('4.5 g sugar', '4.5 g sugar').words).toMatch(/^Rounding each adds 1/);
  });
  it('says how sure a number is, as everywhere', () => {
    const { each, whole } = plateOf(['100 g butter', 'a handful of almonds']);
    expect(each[0]).toMatchObject({ certainty: 'exact' });
    expect(each[1]!.pointsRange.high).toBeGreaterThan(each[1]!.pointsRange.low);
    expect(whole.pointsRange.high).toBeGreaterThan(whole.pointsRange.low);
    expect(whole.pointsRange.low).toBeLessThanOrEqual(whole.points);
  });
  it('leaves what cannot be weighed open', () => {
    const [unknown, water] = plateLines(['moon dust', '100 g water'], index, 'us');
    expect(unknown).toMatchObject({ food: null, grams: null, line: { open: true, parts: [] } });
    expect(water).toMatchObject({ grams: 100, line: { open: false } });
  });
});
