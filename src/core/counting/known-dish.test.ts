import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { plainCounter } from '../program/program.ts';
import { countVersion } from './count-version.ts';
import { nutrientsOfDish } from './known-dish.ts';

const version = readVersion(['200 g butter', '1 kg carrots'], { servings: 4 });
const ALL = { entries: [], exclusions: [] };
const of = (mark: string, by: 'ingredients' | 'serving' = 'ingredients', list = sample(mark).list) => {
  const counter = plainCounter({ ...sample(mark), by, list });
  return nutrientsOfDish(countVersion(version, kitchenOf(), [counter]), counter);
};

describe('what a dish teaches', () => {
  // By hand: a serving has 50 g butter at 717 kcal a 100 g, and 250 g carrots at 41.
  it('is what a serving holds of what its program counts', () => {
    expect(of('HA').kcal).toBeCloseTo(358.5, 0);
    expect(of('HA', 'ingredients', ALL).kcal! - of('HA').kcal!).toBeCloseTo(102.5, 0);
  });
  it('is all of it where a serving is counted whole', () => {
    expect(of('HA', 'serving').kcal).toBeCloseTo(461, 0);
  });
});
