import { describe, expect, it } from 'vitest';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { applyEntry } from '../version/entry.ts';
import { applySwap } from './apply-swap.ts';
import { SWAPS } from './library.ts';
import { effectWords, swapEffect } from './swap-effect.ts';

const counted = (lines: string[], swapId: string | null) => {
  const version = readVersion(lines, { servings: 4 });
  const swap = SWAPS.find((s) => s.id === swapId);
  if (!swap) return countVersion(version, kitchenOf(), []);
  let n = 0;
  const changes = applySwap(version, 'l0', swap, { food: shippedFood, system: 'us', newId: () => `n${n++}` });
  return countVersion(applyEntry(version, { id: 'e', label: 'e', changes, undoes: null }), kitchenOf(), []);
};
const effect = (lines: string[], swapId: string) => swapEffect(counted(lines, null), counted(lines, swapId));

describe('what a swap does besides its points', () => {
  it('names the allergens that were not there, and who must not have them', () => {
    const mayo = effect(['200 g mayonnaise', '1 kg potatoes'], 'mayo-to-yogurt');
    expect(mayo.brings).toEqual(['milk']);
    const eaters = [
      { name: 'Ida', allergies: ['milk'] as const },
      { name: 'Juri', allergies: [] },
    ];
    expect(effectWords(mayo, eaters)).toMatch(/^brings in milk, not for Ida/);
    expect(effectWords(mayo, [])).toMatch(/^brings in milk(?!, not)/);
    expect(effect(['200 g mayonnaise', '100 g yogurt'], 'mayo-to-yogurt').brings).toEqual([]);
  });
  it('begins to speak at 40 mg of sodium and 10 g on the plate', () => {
    const words = (sodium: number, grams: number) => effectWords({ brings: [], sodium, grams }, []);
    expect(words(40, 0)).toBe('40 mg more sodium');
    expect(words(-41, 0)).toBe('41 mg less sodium');
    expect(words(39.9, 0)).toBeNull();
    expect(words(0, 10)).toBe('10 g more on the plate');
    expect(words(0, -9.9)).toBeNull();
  });
  it('weighs the plate', () => {
    const less = effect(['400 g Gruyère', '1 kg potatoes'], 'cheese-less');
    expect(less.grams).toBeCloseTo(-50, 6);
    expect(effectWords(less, [])).toMatch(/50 g less on the plate$/);
  });
  it('says nothing of a crumb, and nothing of salt that nobody knows', () => {
    expect(effectWords({ brings: [], sodium: 39, grams: -9 }, [])).toBeNull();
    expect(effectWords({ brings: [], sodium: null, grams: 0 }, [])).toBeNull();
    expect(effectWords({ brings: [], sodium: -120.4, grams: 0 }, [])).toBe('120 mg less sodium');
  });
});

describe('the sodium of a swap', () => {
  const saying = (value: number | null) => {
    const c = counted(['200 g mayonnaise'], null);
    return { ...c, perServing: { ...c.perServing, sodium: { value, low: 0, high: 9000 } } };
  };
  it('is what a serving has more, or less; unknown where one of the two is', () => {
    expect(swapEffect(saying(300), saying(420)).sodium).toBe(120);
    expect(swapEffect(saying(300), saying(100)).sodium).toBe(-200);
    expect(swapEffect(saying(null), saying(420)).sodium).toBeNull();
    expect(swapEffect(saying(300), saying(null)).sodium).toBeNull();
  });
});
