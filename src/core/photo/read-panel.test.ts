import { describe, expect, it } from 'vitest';
import { seenLine } from '../../../tests/support/paper/seen-line.ts';
import { photoLines } from './photo-lines.ts';
import { type PanelField, readPanel } from './read-panel.ts';

const panel = (...words: string[]) => {
  const seen = words.map((w, i) => seenLine(w, 0, i * 30));
  return readPanel(photoLines(seen, seen));
};
/** What was taken, and what is asked, by field. */
const told = (...words: string[]) => {
  const { rules, fields } = panel(...words);
  const all = [...fields.entries()];
  return {
    rules,
    taken: Object.fromEntries(all.filter(([, v]) => v.value !== null).map(([k, v]) => [k, v.value])),
    asked: Object.fromEntries(all.filter(([, v]) => v.value === null).map(([k, v]) => [k, v.offers])),
  } as { rules: string | null; taken: Partial<Record<PanelField, string>>; asked: Record<string, readonly string[]> };
};

describe('a photographed nutrition panel', () => {
  // Laid out as 21 CFR 101.9(d)(12) shows it; the numbers are invented.
  it('is read as labels of the United States are printed', () => {
    expect(
      told(
        'Nutrition Facts',
        '8 servings per container',
        'Serving size 2/3 cup (55g)',
        'Amount per serving',
        'Calories 230',
        '% Daily Value*',
        'Total Fat 8g 10%',
        'Saturated Fat 1g 5%',
        'Trans Fat 0g',
        'Cholesterol 0mg 0%',
        'Sodium 160mg 7%',
        'Total Carbohydrate 37g 13%',
        'Dietary Fiber 4g 14%',
        'Total Sugars 12g',
        'Includes 10g Added Sugars 20%',
        'Protein 3g',
        'Vitamin D 2mcg 10%',
      ),
    ).toEqual({
      rules: 'us',
      taken: {
        basisGrams: '55',
        quantity: '0.667',
        unit: 'cup',
        kcal: '230',
        fat: '8',
        satFat: '1',
        sodium: '160',
        carbs: '37',
        fibre: '4',
        sugars: '12',
        addedSugars: '10',
        protein: '3',
      },
      asked: {},
    });
  });

  // Laid out as annex XV of Regulation (EU) No 1169/2011 orders it; the numbers are invented.
  it('is read as labels of the European Union are printed: per 100 g first, salt, kilojoules beside', () => {
    expect(
      told(
        'Nutrition per 100 g per portion (30 g)',
        'Energy 1046 kJ / 250 kcal 314 kJ / 75 kcal',
        'Fat 10,5 g 3,2 g',
        'of which saturates 4,1 g 1,2 g',
        'Carbohydrate 30 g 9 g',
        'of which sugars 12 g 3,6 g',
        'Fibre 2,5 g 0,8 g',
        'Protein 8,4 g 2,5 g',
        'Salt 1,2 g 0,4 g',
      ),
    ).toEqual({
      rules: 'eu',
      taken: {
        basisGrams: '100',
        kcal: '250',
        fat: '10.5',
        satFat: '4.1',
        carbs: '30',
        sugars: '12',
        fibre: '2.5',
        protein: '8.4',
        sodium: '1.2',
      },
      asked: {},
    });
  });

  it('a portion that stands before the 100 g is no basis: its numbers are asked', () => {
    const { taken, asked } = told(
      'per portion (30 g) per 100 g',
      'Energy 314 kJ / 75 kcal 1046 kJ / 250 kcal',
      'Fat 3,2 g 10,5 g',
    );
    expect(taken).toEqual({ basisGrams: '100' });
    expect(asked).toEqual({ kcal: ['75', '250'], fat: ['3.2', '10.5'] });
  });

  it.each([
    // A g is seen as a 9, a nought as an O: common practice of every recogniser.
    ['Total Fat 89 10%', 'fat', ['8', '89']],
    ['Total Fat 129', 'fat', ['12', '129']],
    ['Trans Fat 0g', 'fat', undefined],
    ['Sodium Omg 0%', 'sodium', ['0']],
    ['Protein Og', 'protein', ['0']],
    ['Dietary Fiber less than 1g', 'fibre', ['1', '0']],
    ['Protein <1g', 'protein', ['1', '0']],
    ['Total Sugars l2g', 'sugars', ['12']],
    ['Protein', 'protein', []],
    // The gap in front of the figures is lost, and with it how sure they are.
    ['Salt1,2g', 'sodium', ['1.2']],
    ['Fat10,5g', 'fat', ['10.5']],
    ['Sodium 1.6g', 'sodium', ['1.6']],
  ])('%s is never guessed', (line, field, offers) => {
    const { asked, taken } = told('Calories 230', line);
    expect(taken).toEqual({ kcal: '230' });
    expect(asked[field]).toEqual(offers);
  });

  it('a value that the recogniser was unsure of is asked', () => {
    const { asked } = told('Calories 230', 'Total Fat 8g·12 10%');
    expect(asked.fat).toEqual(['8']);
  });

  it('calories beside their word or under it', () => {
    expect(told('Calories', '230').taken.kcal).toBe('230');
    expect(told('Energy', '1046 kJ', '250 kcal').taken.kcal).toBe('250');
    expect(told('Energy 1046 kJ').asked).toEqual({ kcal: [] });
  });

  it('millilitres are no grams', () => {
    expect(told('per 100 ml', 'Energy 180 kJ / 43 kcal').asked).toEqual({ basisGrams: [] });
    expect(told('Serving size 1 cup (240mL)', 'Calories 90')).toMatchObject({
      taken: { quantity: '1', unit: 'cup', kcal: '90' },
      asked: { basisGrams: [] },
    });
  });

  it('every value knows the line that it was read from', () => {
    const { fields } = panel('Nutrition Facts', 'Calories 230', 'Protein 3g');
    expect(fields.get('protein')!.line.text).toBe('Protein 3g');
  });

  it('what is no panel has nothing', () => expect(panel('1 cup flour', '2 eggs').fields.size).toBe(0));
});
