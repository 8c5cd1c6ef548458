import { describe, expect, it } from 'vitest';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { cardLabel, labelRows } from './card-label.ts';

describe('a European label', () => {
  const version = readVersion(['200 g butter', '300 g sugar', '10 g salt'], { servings: 10 });
  const label = cardLabel(countVersion(version, kitchenOf(), []), null);

  it('has what the regulation names, in its order', () => {
    // Regulation (EU) No 1169/2011, Articles 30 and 34 and Annex XV, from memory.
    expect(labelRows(label).map((r) => r.name)).toEqual([
      'energy',
      'fat',
      'of which saturates',
      'carbohydrate',
      'of which sugars',
      'fibre',
      'protein',
      'salt',
    ]);
  });

  it('says energy in kJ and kcal, and sodium as salt, 2.5 times as much', () => {
    // Annex I of the regulation: salt = sodium × 2.5; 1 kcal = 4.184 kJ (thermochemical), from memory.
    const { perServing } = countVersion(version, kitchenOf(), []);
    const rows = labelRows(label);
    expect(rows[0]!.serving).toBe(
      `${Math.round(perServing.kcal.value! * 4.184)} kJ / ${Math.round(perServing.kcal.value!)} kcal`,
    );
    expect(label.serving.salt).toBeCloseTo((perServing.sodium.value! * 2.5) / 1000, 9);
    // 10 g of salt in ten servings, and what salted butter has: 200 g of it, 1.6 g of salt in 100 g.
    expect(rows.at(-1)!.serving).toMatch(/^1\.3 g$/);
  });

  it('is of 100 g as it is dished up where that is known, and says of what', () => {
    const cooked = cardLabel(countVersion(version, kitchenOf(), []), 41);
    expect(label.of).toBe('raw');
    expect(cooked.of).toBe('cooked');
    const serving = 51;
    expect(cooked.per100.fat! / label.per100.fat!).toBeCloseTo(serving / 41, 6);
    expect(cooked.serving).toEqual(label.serving);
  });

  it('says what nobody knows, and never a zero for it', () => {
    const known = countVersion(version, kitchenOf(), []);
    const perServing = { ...known.perServing, fibre: { value: null, low: 0, high: 3 } };
    const row = labelRows(cardLabel({ ...known, perServing }, null)).find((r) => r.name === 'fibre')!;
    expect(row).toMatchObject({ per100: 'not known', serving: 'not known' });
  });

  it.each([
    // Commission guidance of December 2012 on tolerances and rounding, from memory.
    [12.4, '12 g'],
    [9.94, '9.9 g'],
    [0.4, '0 g'],
    [0.62, '0.6 g'],
  ])('rounds %d g of sugars as the guidance has it', (grams, words) => {
    const known = countVersion(version, kitchenOf(), []);
    const perServing = { ...known.perServing, sugars: { value: grams, low: grams, high: grams } };
    expect(
      labelRows(cardLabel({ ...known, perServing }, null)).find((r) => r.name === 'of which sugars')!.serving,
    ).toBe(words);
  });
});
