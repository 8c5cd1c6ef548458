import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { readSoldPackage, soldPackageWords } from './sold-package.ts';

const [milk, egg, butter, oil] = ['milk-whole', 'egg', 'butter', 'oil-olive'].map((id) => shippedFood(id)!);
const read = (text: string, food = milk!) => readSoldPackage(text, food, 'metric');

describe('what a package holds', () => {
  it('is read as it stands on it', () => {
    expect(read('250 g', butter)).toBe(250);
    expect(read('½ kg', butter)).toBe(500);
    // A cup of whole milk is 244 g and 236.6 ml (USDA FoodData Central, from memory): a litre is 1031 g.
    expect(read('1 l')).toBeCloseTo(1031, 0);
    expect(read('500 ml')).toBeCloseTo(516, 0);
  });
  it('is pieces where it comes in pieces, and grams where it does not', () => {
    expect(read('10', egg)).toBe(500);
    expect(read('250', butter)).toBe(250);
    expect(read('10 x 50 g', egg)).toBe(500);
  });
  it('is nothing where nobody can say what it weighs', () => {
    for (const text of ['', 'a lot', '0 g', '-3 g', '1 lorry']) expect(read(text)).toBeNull();
  });
});

describe('a package in words', () => {
  it('is said by volume, by pieces, else by weight', () => {
    expect(soldPackageWords(milk!, 1031, 'metric')).toBe('1 l');
    expect(soldPackageWords(milk!, 1030, 'metric')).toBe('1 l');
    expect(soldPackageWords(oil!, read('750 ml', oil)!, 'metric')).toBe('750 ml');
    expect(soldPackageWords(egg!, 500, 'metric')).toBe('10');
    expect(soldPackageWords(butter!, 250, 'metric')).toBe('250 g');
    expect(soldPackageWords(milk!, 1000, 'metric')).toBe('1000 g');
    expect(soldPackageWords(null, 400, 'metric')).toBe('400 g');
  });
  it('reads back as it was said', () => {
    for (const food of [milk!, egg!, butter!, oil!])
      for (const text of ['1 l', '500 ml', '250 g', '330 ml', '2 l']) {
        const grams = readSoldPackage(text, food, 'metric');
        if (grams !== null)
          expect(readSoldPackage(soldPackageWords(food, grams, 'metric'), food, 'metric')).toBeCloseTo(grams, -1);
      }
  });
});
