import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { carriedAdvice, reheatWords } from './box-advice.ts';

const foods = (...ids: string[]) => ids.map((id) => shippedFood(id)!);

describe('how a box is heated again', () => {
  // USDA FSIS: leftovers to 165 °F (74 °C); thaw in the refrigerator.
  it('is to 165 °F, thawed in the fridge, and not in a box that is not for the microwave', () => {
    const box = { as: 'cooked', place: 'fridge', isHeated: true, microwave: null } as const;
    expect(reheatWords(box)).toBe('Reheat to 165 °F (74 °C).');
    expect(reheatWords({ ...box, microwave: false })).toBe(
      'Reheat to 165 °F (74 °C), on a plate: this box is not for the microwave.',
    );
    expect(reheatWords({ ...box, place: 'freezer' })).toBe('Thaw it in the fridge. Reheat to 165 °F (74 °C).');
    expect(reheatWords({ ...box, isHeated: false })).toBe('Eat it cold.');
    expect(reheatWords({ ...box, as: 'kits', place: 'freezer' })).toBe(
      'Thaw it in the fridge. Raw: cook it through as the recipe says.',
    );
  });
});

describe('what is carried', () => {
  // USDA FSIS, "Keeping bag lunches safe": two hours out of the cold, one above 90 °F (32 °C).
  it('is told to be kept cold, for how long, and what it is heated to', () => {
    const said = carriedAdvice(foods('potato', 'beef-chuck'), true).map((c) => `${c.words} (${c.source})`);
    expect(said).toEqual([
      'Carry it with a cold pack. Without one it is good for 2 hours, for 1 hour above 90 °F (32 °C). (USDA FSIS)',
      'Reheat it to 165 °F (74 °C) before it is eaten, or carry it steaming in a flask that was filled with boiling water first. (USDA FSIS)',
    ]);
  });
  it('is told more of rice, and less of what is eaten cold', () => {
    const rice = carriedAdvice(foods('rice-white'), true).map((c) => c.words);
    expect(rice.some((w) => /rice.*within an hour.*once/i.test(w))).toBe(true);
    expect(carriedAdvice(foods('lettuce'), false)).toHaveLength(1);
  });
  it('is nothing for what needs no fridge', () => {
    expect(carriedAdvice(foods('flour-white', 'butter'), true, 'cookie')).toEqual([]);
    expect(carriedAdvice(foods('flour-white', 'cream-heavy'), true, 'cookie')).not.toEqual([]);
  });
});
