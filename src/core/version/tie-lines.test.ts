import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { readIngredient } from '../weighing/read-ingredient.ts';
import { asWritten } from './as-written.ts';
import { applyEntry } from './entry.ts';
import { kitchenOf } from './kitchen.ts';
import { lineDoubt } from './line-doubt.ts';
import { lineOf } from './line-of.ts';
import { scaleChanges } from './scale-version.ts';
import { servingsChanges } from './tie-lines.ts';
import { isOpen, type Version } from './version.ts';

const index = indexFoods(SHIPPED_FOODS);
const read = (servings: number | null, ...texts: string[]): Version =>
  asWritten({
    id: 'v',
    recipeId: 'r',
    servings,
    lines: texts.map((t, i) => lineOf(readIngredient(t, null, index, 'us'), `l${i}`)),
    steps: [],
    stepId: String,
  });
const changed = (version: Version, changes: ReturnType<typeof servingsChanges>): Version =>
  applyEntry(version, { id: 'e', at: '', label: '', changes } as unknown as Parameters<typeof applyEntry>[1]);
const grams = (v: Version) => v.lines.map((l) => l.weight?.grams ?? null);

describe('an amount for each piece', () => {
  it.each([
    ['10 g parmesan on each plate', 10],
    ['2 tbsp sugar per muffin', 25],
    ['4 potato chips in each', 8],
    ['1 egg for each person', 50],
  ])('"%s" weighs as often as there are servings', (line, one) => {
    expect(grams(read(6, line))[0]).toBeCloseTo(6 * one);
  });
  it('follows the servings, and other amounts stay', () => {
    const v = read(4, '10 g parmesan on each plate', '200 g pasta');
    expect(grams(changed(v, servingsChanges(v, 6)))).toEqual([60, 200]);
    expect(changed(v, servingsChanges(v, 6)).servings).toBe(6);
    expect(servingsChanges(v, 4)).toEqual([]);
  });
  it('goes along with a recipe that is scaled, and its words stay', () => {
    const v = read(4, '10 g parmesan on each plate', '200 g pasta');
    const twice = changed(v, scaleChanges(v, 8));
    expect(grams(twice)).toEqual([80, 400]);
    expect(twice.lines[0]!.text).toBe('10 g parmesan on each plate');
  });
  it('is told while nobody says how many, and follows when they do', () => {
    const v = read(null, '10 g parmesan on each plate');
    expect(v.lines[0]!.warnings.join()).toMatch(/how many servings/);
    const said = changed(v, servingsChanges(v, 6));
    expect(grams(said)).toEqual([60]);
    expect(said.lines[0]!.warnings).toEqual([]);
    expect(grams(changed(said, servingsChanges(said, null)))[0]).toBeCloseTo(10);
  });
});

describe('the rest', () => {
  it('counts where the first part does', () => {
    const v = read(4, '100 g butter', 'the other half of the butter', 'the rest of the cheese');
    expect(v.lines[1]!.food).toMatchObject({ kind: 'nothing' });
    expect(isOpen(v.lines[1]!)).toBe(false);
    // Nothing else is cheese: how much it is has to be said.
    expect(isOpen(v.lines[2]!)).toBe(true);
  });
});

describe('energy that a line states', () => {
  const kcalOf = (line: string) => countVersion(read(null, line), kitchenOf(SHIPPED_FOODS), []).perServing.kcal.value!;
  it.each([
    ['2 slices bread (45 kcal a slice)', 90],
    ['2 60-calorie wraps', 120],
    ['1 tortilla (50 calories)', 50],
    ['2 low-carb tortillas, 70 kcal each', 140],
    ['1 slice bread (28 g, 45 kcal)', 45],
    ['1 100-calorie pack popcorn', 100],
  ])('wins: %s', (line, kcal) => expect(kcalOf(line)).toBeCloseTo(kcal, 6));
  it('leaves what the line weighs', () => {
    expect(grams(read(null, '1 slice bread (28 g, 45 kcal)'))).toEqual([28]);
  });
});

describe('what a cook should look at', () => {
  const doubt = (text: string) => {
    const line = lineOf(readIngredient(text, null, index, 'us'), 'x');
    const { food } = line;
    return lineDoubt(line, food.kind === 'food' ? shippedFood(food.foodId)! : null);
  };
  it.each([
    ['1 cup grains of nowhere', 'food'],
    ['butter for frying', 'amount'],
    ['1/8 of an 8-inch apple pie', 'right'],
    ['2 to 3 onions', 'range'],
    ['some cheddar', 'estimate'],
    ['lettuce, to serve', 'estimate'],
  ] as const)('"%s": %s', (line, kind) => expect(doubt(line)?.kind).toBe(kind));
  it.each(['200 g flour', 'salt to taste', '1 tsp paprika'])('"%s": nothing', (line) => expect(doubt(line)).toBeNull());
  it('names the words that the food knows nothing of', () => {
    const line = lineOf(readIngredient('3 saltine crackers', null, index, 'us'), 'x');
    const taken = { confidence: 0.8, standIn: 'oyster', asLastTime: false };
    expect(lineDoubt({ ...line, taken }, { name: 'crackers' })?.words).toBe(
      'Read as crackers, right? It knows nothing of "oyster".',
    );
  });
});
