import { describe, expect, it } from 'vitest';
import { testFood } from '../../../tests/support/test-lines.ts';
import { shippedFood } from '../../../tests/support/test-version.ts';
import type { Food } from '../food/food.ts';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { readLine } from '../reading/read-line.ts';
import { readIngredient } from './read-ingredient.ts';
import { needsNoAmount, weighAmount } from './weigh.ts';

const index = indexFoods(SHIPPED_FOODS);
const read = (line: string, system: MeasureSystem = 'us') => readIngredient(line, null, index, system);
const idOf = (line: string): string => {
  const f = read(line).food;
  return f.kind === 'food' ? f.foodId : f.kind;
};

describe('what a line weighs', () => {
  it.each([
    // line, food, grams, from
    ['1 cup flour', 'flour-white', 125, 'measure'],
    ['300 ml cream', 'cream-heavy', 301.8, 'density'],
    ['1 lb ground beef', 'beef-ground-80', 453.59237, 'weight'],
    ['2 oz cheddar', 'cheddar', 56.69904625, 'weight'],
    ['2 medium onions', 'onion', 220, 'count'],
    ['1 large onion', 'onion', 150, 'count'],
    ['1 large head cabbage', 'cabbage-white', 1250, 'measure'],
    ['3 cloves garlic', 'garlic', 9, 'measure'],
    ['2 garlic cloves, crushed', 'garlic', 6, 'measure'],
    ['1 stick butter', 'butter', 113.5, 'measure'],
    ['1 cup grated carrots', 'carrot', 110, 'measure'],
    ['1 cup sliced almonds', 'almonds', 92, 'measure'],
    ['2 x 400 g tins chopped tomatoes', 'tomatoes-canned', 800, 'package'],
    ['1 (15 oz) can black beans', 'beans-black-canned', 255.1, 'package'],
    ['half a 200 g tub quark', 'quark-20', 100, 'package'],
    ['1 lb (450 g) lean ground turkey', 'turkey-ground-lean', 453.59237, 'weight'],
    ['1 cup (4 oz) shredded cheddar', 'cheddar', 113.4, 'weight'],
    ['¼ cup + 2 tbsp sugar', 'sugar', 75, 'measure'],
    ['1 lb 4 oz potatoes', 'potato', 566.99, 'weight'],
    ['oil spray, 2 seconds', 'oil-spray', 1.6, 'measure'],
    ['1 heaping tablespoon sugar', 'sugar', 15.625, 'measure'],
    ['1 tbsp feta, crumbled', 'feta', 9, 'measure'],
  ] as const)('%s', (line, id, grams, from) => {
    const r = read(line);
    expect(r.food).toMatchObject({ foodId: id });
    expect(r.weight!.grams).toBeCloseTo(grams, 0);
    expect(Math.abs(r.weight!.grams - grams)).toBeLessThan(0.06 + grams * 0.0005);
    expect(r.weight!.from).toBe(from);
  });
  it('counts a range at its middle and spans both ends', () => {
    expect(read('4 to 6 slices bacon').weight).toMatchObject({ grams: 130, low: 104, high: 156 });
  });
  it('measures with the household’s cups', () => {
    // NIST Handbook 44: 236.588 ml; 21 CFR 101.9(b)(5)(viii): 240 ml; metric: 250 ml.
    const us = read('1 cup milk').weight!.grams;
    expect(read('1 cup milk', 'label').weight!.grams / us).toBeCloseTo(240 / 236.588, 5);
    expect(read('1 cup milk', 'metric').weight!.grams / us).toBeCloseTo(250 / 236.588, 5);
    expect(read('100 g milk', 'metric').weight!.grams).toBe(100);
  });
  it('marks an estimate and gives its span', () => {
    const w = read('1 bunch lettuce').weight!;
    expect(w.from).toBe('estimate');
    expect(w.low).toBeLessThan(w.grams);
    expect(w.high).toBeGreaterThan(w.grams);
  });
  it('takes a package by another name for the one that it knows, 15 % more or less', () => {
    const yeast: Food = {
      ...testFood('yeast-test', { kcal: 300 }),
      measures: [{ unit: 'packet', form: null, grams: 7 }],
    };
    expect(weighAmount(2, 'sachet', yeast, 'us')).toEqual({ grams: 14, from: 'estimate', spread: 0.15 });
    expect(weighAmount(2, 'packet', yeast, 'us')).toEqual({ grams: 14, from: 'measure', spread: 0 });
  });
  it('points out two amounts that disagree by more than 15 %', () => {
    expect(read('1 cup (120 ml) milk').warnings.join()).toMatch(/disagree/);
    expect(read('1 tbsp (1 oz) crumbled feta').warnings.join()).toMatch(/disagree/);
    expect(read('1 cup (240 ml) milk').warnings).toEqual([]);
  });
  it('says of what adds nothing that it adds nothing', () => {
    expect(read('salt and pepper to taste').food).toMatchObject({ kind: 'nothing' });
    expect(read('2 cups water')).toMatchObject({ food: { kind: 'nothing' }, weight: { grams: 474 } });
    expect(read('parsley for garnish').food).toMatchObject({
      kind: 'nothing',
      why: 'no amount given, too little to count',
    });
  });
  it('leaves open what nobody knows', () => {
    expect(read('1 packet of mystery dust').food.kind).toBe('open');
    expect(read('olive oil')).toMatchObject({ food: { kind: 'food' }, weight: null });
  });
});

describe('which food a line means', () => {
  it.each([
    ['1 cup scallions, sliced', 'spring-onion'],
    ['2 zucchini', 'courgette'],
    ['1 lb lean ground beef (93%)', 'beef-ground-93'],
    ['1 lb 95% lean ground beef', 'beef-ground-95'],
    ['500 g 5% fat beef mince', 'beef-ground-95'],
    ['2 cups plain Greek yogurt', 'yogurt-greek-whole'],
    ['6 large free-range eggs', 'egg'],
    ['1 yellow squash', 'courgette'],
    ['1 package active dry yeast', 'yeast-dry'],
    ['1 lb 93/7 ground turkey', 'turkey-ground-lean'],
    ['2 cups nonfat plain Greek yogurt', 'yogurt-greek-fatfree'],
    ['1 cup plain nonfat yogurt', 'yogurt-fatfree'],
    ['1 tbsp oleo', 'margarine'],
    ['1 cup conf sugar', 'sugar-icing'],
    ['250 g curd cheese', 'quark-20'],
    ['500 g minced beef', 'beef-ground-80'],
    ['2 cups cooked rice', 'rice-white-cooked'],
    ['1 cup crème fraîche', 'creme-fraiche'],
    ['200 g dried apricots', 'apricots-dried'],
    ['1 cup unsweetened applesauce', 'applesauce'],
    ['4 boneless, skinless chicken thighs', 'chicken-thigh-skinless'],
    ['2 tbsp extra-virgin olive oil', 'oil-olive'],
    ['1 cup reduced-fat sour cream', 'cream-sour-light'],
    ['2 large egg whites', 'egg-white'],
    ['3 tablespoons freshly squeezed lemon juice', 'lemon-juice'],
    ['1 can kidney beans, drained and rinsed', 'beans-kidney-canned'],
    ['1 cup low-sodium chicken broth', 'broth-chicken'],
    ['1 teaspoon ground cumin', 'cumin'],
    ['8 oz cremini mushrooms, sliced', 'mushroom'],
    ['1 red bell pepper', 'pepper-bell-red'],
    ['½ cup semi-sweet chocolate chips', 'chocolate-chips'],
  ])('%s', (line, id) => expect(idOf(line)).toBe(id));
});

describe('how far a weight may be off', () => {
  it('is a tenth for what is heaped or scant, and nothing for what is weighed', () => {
    const w = read('1 heaping tablespoon sugar').weight!;
    expect(w.low).toBeCloseTo(w.grams * 0.9, 9);
    expect(w.high).toBeCloseTo(w.grams * 1.1, 9);
    expect(read('1 tablespoon sugar').weight).toMatchObject({ grams: 12.5, low: 12.5, high: 12.5 });
    expect(read('a generous 100 g sugar').weight).toMatchObject({ grams: 100, low: 100, high: 100 });
    // A range that is wider than a tenth stays as wide.
    const range = read('2 to 4 heaping tablespoons sugar').weight!;
    expect(range.high / range.grams).toBeCloseTo(4 / 3, 9);
  });
  it('says by how much two amounts of one line disagree, of the larger', () => {
    // A cup of flour weighs 125 g: three eighths less than 200.
    expect(read('1 cup (200 g) flour').warnings.join()).toContain('disagree by 38 %');
  });
  it('tells a measure of the pantry from one that was worked out from another', () => {
    expect(read('1 cup grated carrots').weight!.from).toBe('measure');
    expect(read('2 tbsp grated carrots').weight!.from).toBe('density');
  });
});

describe('a line without an amount', () => {
  const needs = (line: string, id: string) => needsNoAmount(readLine(line), shippedFood(id)!);
  it('needs none for a spice, or a vegetable that is there for its flavour; any other does', () => {
    expect(needs('pepper', 'pepper-black')).toBe(true);
    expect(needs('parsley', 'parsley')).toBe(true);
    expect(needs('carrots', 'carrot')).toBe(false);
    expect(needs('Parmesan', 'parmesan')).toBe(false);
    expect(needs('parsley, 20 g', 'parsley')).toBe(false);
  });
});
