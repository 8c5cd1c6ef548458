import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { describeGrams, householdMeasure } from '../food/describe-grams.ts';
import { formatAmount, formatGrams, trimmed } from './format-amount.ts';
import { formatMeasure } from './format-measure.ts';
import { add, exactly, scale, subtract } from './interval.ts';
import { measureScale, millilitersOf } from './measure-system.ts';
import { findUnit, UNITS, unitNamed } from './units.ts';

describe('units', () => {
  // NIST Handbook 44, appendix C, from memory.
  it.each([
    ['cup', 236.588],
    ['tablespoon', 14.7868],
    ['teaspoon', 4.92892],
    ['fluid ounce', 29.5735],
    ['ounce', 28.349523125],
    ['pound', 453.59237],
  ])('%s is %d ml or g', (name, value) => expect(unitNamed(name)!.factor!).toBeCloseTo(value, 3));
  // 21 CFR 101.9(b)(5)(viii), from memory; the metric cup is common practice.
  it.each([
    ['cup', 'label', 240],
    ['tablespoon', 'label', 15],
    ['teaspoon', 'label', 5],
    ['fluid ounce', 'label', 30],
    ['cup', 'metric', 250],
    ['tablespoon', 'metric', 15],
  ] as const)('a %s in the %s system is %d ml', (name, system, ml) => expect(millilitersOf(name, system)).toBe(ml));
  it('tell T from t', () => {
    expect(findUnit('T')!.name).toBe('tablespoon');
    expect(findUnit('t')!.name).toBe('teaspoon');
    expect(findUnit('Tbsp.')!.name).toBe('tablespoon');
    expect(findUnit('TSP')!.name).toBe('teaspoon');
    expect(findUnit('blubb')).toBeNull();
  });
  it('have one name each, and no alias of two', () => {
    expect(new Set(UNITS.map((u) => u.name)).size).toBe(UNITS.length);
    for (const u of UNITS) for (const a of [u.name, u.plural, ...u.aliases]) expect(findUnit(a)?.name, a).toBe(u.name);
  });
  it('leave counts and weights alone when the system changes', () => {
    expect(measureScale('gram', 'metric')).toBe(1);
    expect(measureScale('clove', 'label')).toBe(1);
  });
});

describe('amounts as people write them', () => {
  it.each([
    [0.25, '¼'],
    [1 / 3, '⅓'],
    [1.5, '1½'],
    [2, '2'],
    [2.98, '3'],
    [0.66, '⅔'],
    [12.4, '12⅜'],
    [301.8, '302'],
    [0.05, '0.05'],
    [Number.NaN, '?'],
  ])('%d: %s', (value, words) => expect(formatAmount(value)).toBe(words));
  it('write grams and millilitres without fractions', () => {
    expect(formatMeasure(301.79, 'gram')).toBe('302 g');
    expect(formatMeasure(0.75, 'cup')).toBe('¾ cup');
    expect(formatMeasure(2, 'clove', 3)).toBe('2 to 3 cloves');
    expect(formatGrams(8.52)).toBe('8.5 g');
    expect(trimmed(-0.001, 2)).toBe('0');
  });
  it('put the household measure before the grams where it comes out even', () => {
    expect(describeGrams(shippedFood('mozzarella-part-skim'), 84, 'us')).toBe('¾ cup (84 g)');
    expect(describeGrams(shippedFood('butter'), 14.2, 'us')).toBe('1 tbsp (14 g)');
    expect(describeGrams(shippedFood('gruyere'), 6, 'us')).toBe('6 g');
    expect(describeGrams(null, 50, 'us')).toBe('50 g');
  });
  it('stay on the safe side where points hang on it', () => {
    const gruyere = shippedFood('gruyere');
    // A tablespoon is 7 g: two thirds are 4.67 g, more than 4.6.
    expect(describeGrams(gruyere, 4.6, 'us', 'atMost')).toBe('4.6 g');
    expect(describeGrams(gruyere, 4.7, 'us', 'atMost')).toBe('⅔ tbsp (4.7 g)');
    expect(describeGrams(gruyere, 4.6, 'us', 'atLeast')).toBe('⅔ tbsp (4.6 g)');
    expect(describeGrams(gruyere, 14, 'us', 'atMost')).toBe('2 tbsp (14 g)');
  });
});

describe('intervals', () => {
  it('add, subtract and scale', () => {
    expect(add({ low: 1, high: 2 }, { low: 3, high: 5 })).toEqual({ low: 4, high: 7 });
    expect(subtract({ low: 1, high: 2 }, { low: 3, high: 5 })).toEqual({ low: -4, high: -1 });
    expect(scale({ low: 1, high: 2 }, -2)).toEqual({ low: -4, high: -2 });
    expect(exactly(3)).toEqual({ low: 3, high: 3 });
  });
});

describe('a household measure near some grams', () => {
  const cup = { measures: [{ unit: 'cup', form: null, grams: 100 }] };
  const food = { ...shippedFood('butter')!, ...cup };
  it('is within 4 % of them, or 8 % on a safe side', () => {
    // Thirds, quarters and halves of 100 g: 52 g is 4 % above the half, 53 g more.
    expect(householdMeasure(food, 52, 'us')).toBe('½ cup');
    expect(householdMeasure(food, 53, 'us')).toBeNull();
    expect(householdMeasure(food, 54, 'us', 'atMost')).toBe('½ cup');
    expect(householdMeasure(food, 55, 'us', 'atMost')).toBeNull();
    expect(householdMeasure(food, 62, 'us', 'atLeast')).toBe('⅔ cup');
    expect(householdMeasure(food, 47, 'us', 'atLeast')).toBe('½ cup');
  });
});
