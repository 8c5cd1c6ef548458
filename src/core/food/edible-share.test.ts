import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { cookedYield } from './cooked-yield.ts';
import { edibleShare } from './edible-share.ts';

const line = (text: string) => readVersion([text]).lines[0]!;

describe('what of a weight is eaten', () => {
  // Public-domain US reference tables give banana 36 % refuse, egg 12 %, from memory.
  it.each([
    ['500 g bananas, unpeeled', 320],
    ['1 kg bone-in chicken thighs, skinless', 800],
    ['1 kg mussels in the shell', 250],
    ['500 g prawns, shell-on', 300],
    ['1 whole chicken (4 lb)', 1814.36948 * 0.68],
    ['1 turkey (12 lb)', 12 * 453.59237 * 0.68],
    ['2 lb chicken wings', 907.18474 * 0.55],
    ['1 kg spare ribs', 700],
    ['4 pork chops (6 oz each), bone-in', 4 * 170.09713875 * 0.8],
  ])('%s', (text, grams) => {
    expect(line(text).weight!.grams).toBeCloseTo(grams, 6);
    expect(line(text).warnings.join()).toContain('thrown away');
  });
  it.each([
    ['500 g bananas', 500],
    ['1.5 kg potatoes, unpeeled', 1500],
    ['2 bananas, unpeeled', 236],
    ['500 g boneless chicken wings', 500],
    ['1 kg chicken breast', 1000],
    ['1 lb whole turkey breast', 453.59237],
    ['4 salmon fillets (6 oz each)', 4 * 170.09713875],
  ])('%s is all of it', (text, grams) => expect(line(text).weight!.grams).toBeCloseTo(grams, 6));
  it('is nothing special where nothing says so', () => {
    expect(edibleShare(shippedFood('banana')!, '2 ripe bananas')).toBeNull();
    expect(edibleShare(shippedFood('butter')!, 'butter with the peel')).toBeNull();
  });
});

describe('what was cooked before it was weighed', () => {
  it('weighs what it did dry, where the pantry has it dry', () => {
    // Common practice: a cup of cooked buckwheat is about 168 to 180 g, from a third of a cup dry, about 60 g.
    const cooked = line('1 cup cooked buckwheat groats');
    expect(cooked.food).toMatchObject({ foodId: 'buckwheat' });
    expect(cooked.weight!.grams).toBeGreaterThan(55);
    expect(cooked.weight!.grams).toBeLessThan(70);
    expect(line('300 g cooked millet').weight!.grams).toBeCloseTo(300 / 2.8, 6);
    expect(line('300 g millet').weight!.grams).toBe(300);
  });
  it('is the cooked food, where the pantry has it', () => {
    expect(line('1 cup cooked lentils')).toMatchObject({ food: { foodId: 'lentils-cooked' }, weight: { grams: 198 } });
  });
  it('is known for what is cooked in water only', () => {
    expect(cookedYield(shippedFood('pasta')!)).toBe(2.25);
    expect(cookedYield(shippedFood('flour-white')!)).toBeNull();
    expect(cookedYield(shippedFood('lentils-cooked')!)).toBeNull();
  });
});
