import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { cookedWeight, servingWeightWords } from './cooked-share.ts';

const weight = (lines: string[], ...steps: string[]) =>
  cookedWeight(
    readVersion(lines, { servings: 4, steps: steps.map((text, i) => ({ id: `s${i}`, text })) }),
    shippedFood,
  );

describe('what a dish weighs cooked', () => {
  it('is nothing to say where nothing is heated, or nobody says how it is made', () => {
    expect(weight(['500 g tomatoes'], 'Slice the tomatoes.')).toBeNull();
    expect(weight(['500 g tomatoes'])).toBeNull();
  });
  // From memory of the USDA's yields: a roast comes to about 70 % of its raw weight.
  it('is less for a roast', () => {
    const roast = weight(['1 kg pork loin'], 'Roast the pork for an hour.')!;
    expect(roast.low).toBeLessThan(700);
    expect(roast.high).toBeGreaterThan(700);
    expect(roast.high).toBeLessThan(850);
  });
  it('is more for pasta that is boiled in water which no line has', () => {
    const pasta = weight(['500 g pasta', '50 g butter'], 'Boil the pasta, drain it and toss it with the butter.')!;
    expect(pasta.low).toBeGreaterThan(900);
    expect(pasta.high).toBeLessThan(1300);
  });
  it('is said as what it is', () => {
    expect(servingWeightWords(310.2, null)).toBe('about 310 g');
    expect(servingWeightWords(310.2, { low: 256, high: 288 })).toBe('about 310 g raw, 260 to 290 g cooked (estimated)');
    expect(servingWeightWords(310.2, { low: 270.4, high: 270.4 })).toBe('about 310 g raw, 270 g cooked (weighed)');
    expect(servingWeightWords(40, { low: 33, high: 36 })).toBe('about 40 g raw, about 35 g cooked (estimated)');
  });
});
