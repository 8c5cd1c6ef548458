import { describe, expect, it } from 'vitest';
import { testFood } from '../../../tests/support/test-lines.ts';
import { densityOf, type Food, type Measure } from './food.ts';
import { withCorrection, withMeasure } from './food-correction.ts';

const cup = (grams: number, form: string | null = null): Measure => ({ unit: 'cup', form, grams });
const quark: Food = {
  ...testFood('quark', { kcal: 67 }),
  synonyms: ['Topfen'],
  measures: [cup(240), cup(200, 'whipped')],
};

describe('what a household says of a food', () => {
  it('adds its words, each once, whatever its letters', () => {
    const synonyms = ['topfen', 'white stuff'];
    expect(withCorrection(quark, { foodId: 'quark', synonyms, measures: [] }).synonyms).toEqual([
      'Topfen',
      'white stuff',
    ]);
  });
  it('weighs by its own measures, and by the food’s for the rest', () => {
    const own = withCorrection(quark, { foodId: 'quark', synonyms: [], measures: [cup(250)] });
    expect(own.measures).toEqual([cup(250), cup(200, 'whipped')]);
    expect(own.revision).toBe(quark.revision);
    expect(withCorrection(quark, undefined)).toBe(quark);
  });
  it('has one weight for one measure', () => {
    const known = { foodId: 'quark', synonyms: [], measures: [cup(250), cup(190, 'whipped')] };
    expect(withMeasure(known, cup(255)).measures).toEqual([cup(190, 'whipped'), cup(255)]);
  });
});

describe('the density of a food', () => {
  it('is that of its plain cup or spoon, and not of a form of it', () => {
    expect(densityOf({ measures: [cup(100, 'whipped'), cup(240)] })).toBeCloseTo(240 / 236.588, 4);
    expect(densityOf({ measures: [cup(100, 'whipped'), { unit: 'tablespoon', form: null, grams: 15 }] })).toBeCloseTo(
      (15 * 16) / 236.588,
      4,
    );
    expect(densityOf({ measures: [{ unit: 'piece', form: null, grams: 50 }, cup(100, 'whipped')] })).toBeNull();
  });
});
