import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { sample, testLine } from '../../../tests/support/test-lines.ts';
import { count } from '../program/count.ts';
import { plainCounter } from '../program/program.ts';
import { foodFromLabel, type LabelInput, labelContradictions } from './food-from-label.ts';
import { hiddenByLabel, printedOnLabel } from './label-rounding.ts';
import { NUTRIENTS, profileOf } from './nutrients.ts';

const label = (rest: Partial<LabelInput> = {}): LabelInput => ({
  id: 'own-food',
  revision: 1,
  name: 'Crispy squares',
  basisGrams: 30,
  household: null,
  printed: { kcal: 130, fat: 4, satFat: 0.5, carbs: 22, sugars: 6, addedSugars: 5, fibre: 1, protein: 2, sodium: 150 },
  rules: 'us',
  kinds: [],
  roles: [],
  allergens: [],
  ...rest,
});

describe('label rounding, 21 CFR 101.9(c), from memory', () => {
  it.each([
    ['kcal', 4.9, 0],
    ['kcal', 47, 45],
    ['kcal', 52, 50],
    ['kcal', 56, 60],
    ['fat', 0.49, 0],
    ['fat', 2.3, 2.5],
    ['fat', 7.6, 8],
    ['satFat', 0.6, 0.5],
    ['sugars', 0.4, 0],
    ['protein', 3.4, 3],
    ['sodium', 3, 0],
    ['sodium', 138, 140],
    ['sodium', 146, 150],
  ] as const)('%s of %d is printed %d', (n, amount, printed) => expect(printedOnLabel(amount, n, 'us')).toBe(printed));
  it('hides any amount it prints the same', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...NUTRIENTS),
        fc.double({ min: 0, max: 900, noNaN: true }),
        fc.constantFrom('us', 'eu', 'exact' as const),
        (n, amount, rules) => {
          const hidden = hiddenByLabel(printedOnLabel(amount, n, rules as 'us'), n, rules as 'us');
          expect(hidden.low - 1e-9).toBeLessThanOrEqual(amount);
          expect(hidden.high + 1e-9).toBeGreaterThanOrEqual(amount);
        },
      ),
      { numRuns: 2000 },
    );
  });
  it('may print 0 kcal on a spray oil of 9 kcal per gram', () => {
    // 0.25 g a serving: 2.2 kcal, printed 0.
    expect(printedOnLabel(0.25 * 8.84, 'kcal', 'us')).toBe(0);
    expect((hiddenByLabel(0, 'kcal', 'us').high / 0.25) * 1).toBeGreaterThan(8.84);
  });
});

describe('a food from its label', () => {
  const food = foodFromLabel(label());
  it('is scaled to 100 g and carries what rounding hides', () => {
    expect(food.per100g.kcal.value).toBeCloseTo(433.3, 1);
    expect(food.per100g.protein.low).toBeCloseTo(5, 9);
    expect(food.per100g.protein.high).toBeCloseTo((2.5 / 30) * 100, 9);
    expect(food.per100g.transFat.value).toBe(0);
  });
  it('knows nothing of what the label does not say', () => {
    const unknown = foodFromLabel(label({ printed: { ...label().printed, fibre: null, addedSugars: null } }));
    expect(unknown.per100g.fibre.value).toBeNull();
    expect(unknown.per100g.fibre.high).toBeCloseTo(unknown.per100g.carbs.high, 9);
    expect(unknown.per100g.addedSugars.high).toBeCloseTo(unknown.per100g.sugars.high, 9);
  });
  it('counts "maybe" near an edge', () => {
    // 150 + 2·6 + 6.75·0.5 − 2·2 − 2·1 = 159.4, which is 3.54; the label's rounding hides a third of a point.
    const edgy = foodFromLabel(label({ printed: { ...label().printed, kcal: 150 } }));
    const c = count([testLine(edgy, 30)], plainCounter(sample('LE')), { servings: 1 });
    expect(c.pointsRange.low).toBeLessThanOrEqual(c.points);
    expect(c.pointsRange.high).toBeGreaterThan(c.pointsRange.low);
  });
  it('takes the household measure of the label', () => {
    const f = foodFromLabel(label({ household: { quantity: 2, unit: 'tbsp', grams: 30 } }));
    expect(f.measures).toEqual([{ unit: 'tablespoon', form: null, grams: 15 }]);
  });
  it.each([
    [{ printed: { ...label().printed, sugars: 40 } }, /more sugar/],
    [{ printed: { ...label().printed, satFat: 9 } }, /more saturated/],
    [{ printed: { ...label().printed, kcal: 400 } }, /does not fit/],
    [{ printed: { ...label().printed, carbs: 60, kcal: 300 } }, /weigh/],
    [{ household: { quantity: 1, unit: 'cup', grams: 900 } }, /household measure/],
  ] as const)('points out contradictions (%#)', (rest, words) =>
    expect(labelContradictions(label(rest)).join()).toMatch(words),
  );
  it('has none to point out on an honest label', () => expect(labelContradictions(label())).toEqual([]));
});

describe('a European label', () => {
  // Regulation (EU) 1169/2011: carbohydrate without fibre, sodium as salt (2.5 times), energy with fibre at 2 kcal/g.
  const eu = (rest: Partial<LabelInput['printed']> = {}): LabelInput =>
    label({
      basisGrams: 100,
      rules: 'eu',
      printed: { kcal: 245, fat: 3.5, satFat: 0.6, carbs: 40, sugars: 3, fibre: 7, protein: 10, sodium: 440, ...rest },
    });
  it('has its fibre added to the carbohydrate', () => {
    const f = foodFromLabel(eu());
    expect(f.per100g.carbs.value).toBeCloseTo(47, 9);
    expect(f.per100g.carbs.low).toBeCloseTo(39.5 + 6.95, 9);
    expect(labelContradictions(eu())).toEqual([]);
  });
  it('bounds fibre that it does not state by the energy left', () => {
    const f = foodFromLabel(eu({ fibre: null }));
    // 245.5 − 9·3.45 − 4·39.5 − 4·9.95, halved: 8.3 g; with the 40.5 g of the label's carbohydrate at most.
    expect(f.per100g.carbs.high).toBeCloseTo(40.5 + (245.5 - 31.05 - 158 - 39.8) / 2, 6);
    expect(f.per100g.carbs.low).toBeCloseTo(39.5, 9);
    expect(f.per100g.fibre.value).toBeNull();
  });
  it('rounds salt by a hundredth of a gram, from 1 g on by a tenth', () => {
    expect(printedOnLabel(440, 'sodium', 'eu')).toBe(440);
    expect(printedOnLabel(393, 'sodium', 'eu')).toBe(392);
    expect(hiddenByLabel(440, 'sodium', 'eu')).toEqual({ low: 420, high: 460 });
  });
  it('contains what was rounded, for any food and either rule', () => {
    const gram = (max: number) => fc.double({ min: 0, max, noNaN: true });
    fc.assert(
      fc.property(
        fc.constantFrom('us' as const, 'eu' as const),
        fc.record({ fat: gram(30), carbs: gram(40), protein: gram(25), fibre: gram(4), sodium: gram(2000) }),
        fc.constantFrom(15, 30, 100, 240),
        (rules, true100, basisGrams) => {
          const factor = basisGrams / 100;
          const carbsPrinted = rules === 'eu' ? true100.carbs : true100.carbs + true100.fibre;
          const kcal = 9 * true100.fat + 4 * true100.carbs + 4 * true100.protein + 2 * true100.fibre;
          const p = (n: 'kcal' | 'fat' | 'carbs' | 'protein' | 'fibre' | 'sodium', per100: number) =>
            printedOnLabel(per100 * factor, n, rules);
          const f = foodFromLabel(
            label({
              basisGrams,
              rules,
              printed: {
                kcal: p('kcal', kcal),
                fat: p('fat', true100.fat),
                carbs: p('carbs', carbsPrinted),
                fibre: p('fibre', true100.fibre),
                protein: p('protein', true100.protein),
                sodium: p('sodium', true100.sodium),
              },
            }),
          );
          const holds = (n: 'kcal' | 'fat' | 'carbs' | 'protein' | 'fibre' | 'sodium', real: number) => {
            expect(f.per100g[n].low - 1e-6, n).toBeLessThanOrEqual(real);
            expect(f.per100g[n].high + 1e-6, n).toBeGreaterThanOrEqual(real);
          };
          holds('kcal', kcal);
          holds('fat', true100.fat);
          holds('carbs', true100.carbs + true100.fibre);
          holds('protein', true100.protein);
          holds('fibre', true100.fibre);
          holds('sodium', true100.sodium);
        },
      ),
      { numRuns: 1500 },
    );
  });
});

describe('unknown is not zero', () => {
  it('is bounded by its parents', () => {
    const p = profileOf({ kcal: 100, fat: 3, carbs: 12, protein: 5 });
    expect(p.satFat).toMatchObject({ value: null, low: 0, high: 3 });
    expect(p.sugars).toMatchObject({ value: null, low: 0, high: 12 });
    expect(p.fibre.high).toBe(12);
  });
  it('but the added sugars of a food without sugars are a known 0', () => {
    expect(profileOf({ kcal: 100, carbs: 12, sugars: 0 }).addedSugars).toEqual({ value: 0, low: 0, high: 0 });
  });
});

describe('the energy of a label', () => {
  const energy = (kcal: number, rest: LabelInput['printed'] = {}, rules: LabelInput['rules'] = 'us') =>
    labelContradictions(label({ printed: { kcal, fat: 0, carbs: 25, protein: 0, ...rest }, rules }));
  it('may be a fifth and 20 kcal beside what fat, carbohydrate and protein make, and no more', () => {
    // 25 g of carbohydrate make 100 kcal.
    expect(energy(140)).toEqual([]);
    expect(energy(141)).toEqual([
      'The energy (141 kcal) does not fit fat, carbohydrate and protein, which make about 100.',
    ]);
    expect(energy(60)).toEqual([]);
    expect(energy(59)).toHaveLength(1);
  });
  it('may be less by all of the fibre where fibre is among the carbohydrate', () => {
    // 10 g of fibre: at least (100 - 40) · 0.8 - 20 = 28 kcal.
    expect(energy(28, { fibre: 10 })).toEqual([]);
    expect(energy(27, { fibre: 10 })).toHaveLength(1);
    // A European label has it apart, at 2 kcal a gram: 120 kcal, from 76 to 164.
    expect(energy(76, { fibre: 10 }, 'eu')).toEqual([]);
    expect(energy(75, { fibre: 10 }, 'eu')).toHaveLength(1);
    expect(energy(164, { fibre: 10 }, 'eu')).toEqual([]);
    expect(energy(165, { fibre: 10 }, 'eu')).toHaveLength(1);
  });
  it('is not held against what the label does not say', () => {
    expect(labelContradictions(label({ printed: { kcal: 900, fat: 1, carbs: 1 } }))).toEqual([]);
    expect(labelContradictions(label({ printed: { satFat: 5, sugars: 5 } }))).toEqual([]);
  });
});

describe('what weighs more than it is in', () => {
  const said = (grams: number) =>
    labelContradictions(
      label({
        basisGrams: 100,
        printed: {
          kcal: 4 * grams,
          fat: 0,
          satFat: 0,
          carbs: grams,
          sugars: 0,
          addedSugars: 0,
          fibre: 0,
          protein: 0,
          sodium: 0,
        },
      }),
    ).filter((w) => w.includes('weigh'));
  it('is said above a twentieth more, which rounding may hide', () => {
    expect(said(105)).toEqual([]);
    expect(said(106)).toHaveLength(1);
    expect(said(99)).toEqual([]);
  });
});
