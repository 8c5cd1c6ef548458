import { describe, expect, it } from 'vitest';
import { counterOf, pointFood, sample, testFood, testLine, testProgram } from '../../../tests/support/test-lines.ts';
import type { StatedNutrients } from '../food/nutrients.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { compareWays } from './compare-methods.ts';
import { certaintyOf, count } from './count.ts';
import { plainCounter } from './program.ts';
import { anyFood } from './uncounted.ts';

/**
 * Counts worked by hand, term by term, from nutrients stated per 100 g: the rule of the sample programs,
 * E = kcal + 2·sugars + 6.75·saturated fat − 2·protein − 2·fibre, one point per 45.
 * Nutrients as in the public US reference tables, from memory; the arithmetic is on paper.
 * [name, grams, kcal, satFat, sugars, protein, fibre, E, points]
 */
const BY_HAND: ReadonlyArray<readonly [string, number, number, number, number, number, number, number, number]> = [
  // 717 + 2·0.1 + 6.75·51.4 − 2·0.9 = 1062.35 for 100 g; times 0.142 is 150.8537.
  ['butter, a tablespoon', 14.2, 717, 51.4, 0.1, 0.9, 0, 150.8537, 3],
  ['sugar, a tablespoon', 12.5, 387, 0, 99.8, 0, 0, 73.325, 2],
  ['egg, large', 50, 143, 3.1, 0.4, 12.6, 0, 69.7625, 2],
  ['chicken breast, raw', 113, 120, 0.6, 0, 22.5, 0, 89.3265, 2],
  ['flour, a cup', 125, 364, 0.2, 0.3, 10.3, 2.7, 424.9375, 9],
  ['olive oil, a tablespoon', 13.5, 884, 13.8, 0, 0, 0, 131.91525, 3],
  ['whole milk, a cup', 244, 61, 1.9, 5.1, 3.2, 0, 189.405, 4],
  ['rolled oats, half a cup', 40, 379, 1.1, 1, 13.2, 10.1, 136.73, 3],
  ['potato, medium', 213, 77, 0, 0.8, 2.1, 2.1, 149.526, 3],
  ['cheddar, an ounce', 28, 403, 18.9, 0.5, 22.9, 0, 136.017, 3],
  ['skimmed milk, a cup', 245, 34, 0.1, 5.1, 3.4, 0, 93.28375, 2],
  ['rice, dry, a cup', 185, 365, 0.2, 0.1, 7.1, 1.3, 647.0375, 14],
  ['lentils, dry, 100 g', 100, 352, 0.2, 2, 24.6, 10.7, 286.75, 6],
  ['salmon, raw, 150 g', 150, 208, 3.1, 0, 20.4, 0, 282.1875, 6],
  ['honey, a tablespoon', 21, 304, 0, 82.1, 0.3, 0.2, 98.112, 2],
  ['banana, medium', 118, 89, 0.1, 12.2, 1.1, 2.6, 125.8765, 3],
  ['apple, medium', 182, 52, 0, 10.4, 0.3, 2.4, 122.668, 3],
  ['mayonnaise, a tablespoon', 13.8, 680, 11.7, 0.6, 1, 0, 104.62815, 2],
  ['heavy cream, a cup', 238, 340, 23, 2.9, 2.8, 0, 1179.171, 26],
  ['walnuts, an ounce', 28, 654, 6.1, 2.6, 15.2, 6.7, 183.841, 4],
  ['fat-free quark, 100 g', 100, 67, 0.1, 4, 12, 0, 51.675, 1],
  ['white bread, a slice', 28, 266, 0.7, 5.3, 8.9, 2.7, 72.275, 2],
];

const statedOf = (kcal: number, satFat: number, sugars: number, protein: number, fibre: number): StatedNutrients => ({
  kcal,
  satFat,
  sugars,
  protein,
  fibre,
  fat: 100,
  carbs: 100,
  addedSugars: 0,
  sodium: 0,
});

describe('counts worked by hand', () => {
  it.each(BY_HAND)('%s, %d g', (name, grams, kcal, sat, sugars, protein, fibre, energy, points) => {
    const line = testLine(testFood(name, statedOf(kcal, sat, sugars, protein, fibre)), grams);
    const counted = count([line], plainCounter(sample('LE')), { servings: 1 });
    expect(Math.abs(counted.raw - energy / 45)).toBeLessThan(1e-9);
    expect(counted.points).toBe(points);
  });
  it('counts added sugars instead of sugars, in half points, under the house list', () => {
    // 204 g soured cream for four: none of its sugars is added. (198·2.04 + 6.75·10.1·2.04 − 2·2.4·2.04)/45/4
    const cream = testFood('cream', { ...statedOf(198, 10.1, 3.4, 2.4, 0) });
    const counted = count([testLine(cream, 204)], plainCounter(sample('HO')), { servings: 4 });
    expect(counted.raw).toBeCloseTo((403.92 + 139.077 - 9.792) / 45 / 4, 9);
    expect(counted.points).toBe(3);
  });
});

const food = (id: string) => SHIPPED_FOODS.find((f) => f.id === id)!;
const pointsOf = (id: string, grams: number, mark: string): number =>
  count([testLine(food(id), grams)], plainCounter(sample(mark)), { servings: 1 }).points;

describe('what the sample programs do not count', () => {
  it.each([
    // id, grams, LE, LA, HA
    ['onion', 110, 0, 0, 0],
    ['egg', 50, 2, 0, 2],
    ['chicken-breast', 113, 2, 0, 2],
    ['chicken-thigh-skinless', 113, 2, 2, 2],
    ['potato', 213, 3, 3, 0],
    ['apple', 182, 3, 0, 0],
    ['oats-rolled', 40, 3, 3, 0],
    ['flour-wholewheat', 100, 7, 7, 7],
    ['lentils-dry', 100, 6, 0, 0],
    ['cod', 150, 2, 0, 2],
    ['tuna-oil', 100, 3, 3, 3],
    ['yogurt-fatfree', 245, 3, 0, 3],
    ['yogurt-lowfat', 245, 4, 4, 4],
    // 92 + 2 · 0.5 + 6.75 · 0.7 − 2 · 10 − 2 · 1 = 75.7: 1.7 points.
    ['tofu-firm', 100, 2, 0, 2],
    ['orange-juice', 248, 3, 3, 3],
    ['lemon-juice', 47, 0, 0, 0],
    ['raisins', 50, 4, 4, 4],
    ['cranberries-dried', 40, 4, 4, 4],
    ['applesauce', 122, 2, 0, 0],
    ['peas-frozen', 134, 2, 2, 0],
    ['salsa', 64, 0, 0, 0],
    ['soy-drink', 243, 2, 2, 2],
  ] as const)('%s, %d g: LE %d, LA %d, HA %d', (id, grams, le, la, ha) => {
    expect([pointsOf(id, grams, 'LE'), pointsOf(id, grams, 'LA'), pointsOf(id, grams, 'HA')]).toEqual([le, la, ha]);
  });
  it('follows an eater’s own exceptions, both ways', () => {
    const egg = [testLine(food('egg'), 50)];
    expect(
      count(egg, { program: sample('LE'), exceptions: [{ foodId: 'egg', uncounted: true }], pins: [] }, { servings: 1 })
        .points,
    ).toBe(0);
    expect(
      count(
        egg,
        { program: sample('LA'), exceptions: [{ foodId: 'egg', uncounted: false }], pins: [] },
        { servings: 1 },
      ).points,
    ).toBe(2);
  });
  it('lets exclusions win over the list', () => {
    const sweetened = testFood('sweet beans', { kcal: 100 }, ['legume', 'addedsugar']);
    const counted = count([testLine(sweetened, 90)], plainCounter(sample('HA')), { servings: 1 });
    expect(counted.lines[0]).toMatchObject({ uncounted: null, counts: 'counts: added sugar' });
  });
});

describe('the three ways of counting', () => {
  const program = testProgram(
    {},
    {
      list: { entries: [{ ...anyFood('veg'), kinds: ['veg'] }], exclusions: [] },
    },
  );
  const lines = [testLine(pointFood('a'), 2.4), testLine(pointFood('b'), 3.3), testLine(pointFood('c', ['veg']), 4)];
  const points = (by: 'ingredients' | 'serving' | 'items') =>
    count(lines, counterOf(program), { servings: 1, by }).points;
  it('adds ingredients and rounds once', () => expect(points('ingredients')).toBe(6));
  it('runs the whole serving through the rule, uncounted foods included', () => expect(points('serving')).toBe(10));
  it('rounds each item and adds', () => expect(points('items')).toBe(2 + 3 + 0));
  it('names the lines that cause a difference', () => {
    const ways = compareWays(lines, counterOf(program), { servings: 1 });
    expect(ways.find((w) => w.way === 'ingredients')).toMatchObject({ own: true, causes: [] });
    expect(ways.find((w) => w.way === 'serving')!.causes).toEqual([
      expect.objectContaining({ label: 'c', difference: 4, words: 'uncounted by ingredients, counted by serving' }),
    ]);
    expect(ways.find((w) => w.way === 'items')!.causes.map((c) => c.label)).toEqual(['a', 'b']);
  });
  it('counts a portion of m servings out of S', () => {
    const dish = [testLine(pointFood(), 30)];
    const at = (portion: number) => count(dish, counterOf(testProgram()), { servings: 20, portion }).points;
    // 1.5 a serving: 0 points for a quarter, 2 for one, 3 for two. Points do not scale by doubling.
    expect([at(0.25), at(1), at(2), at(3)]).toEqual([0, 2, 3, 5]);
  });
});

describe('floors', () => {
  // A food of negative raw (6 kcal and 4 g of fibre per 100 g) counts nothing alone.
  const negative = testFood('shirataki', { kcal: 6, fibre: 4, carbs: 4, fat: 0, satFat: 0, sugars: 0, protein: 0 });
  const rule = { ...sample('LE').rule };
  const dish = [testLine(negative, 400), testLine(testFood('rest', statedOf(200, 0, 0, 0, 0)), 100)];
  it('counts 0 alone', () => {
    const c = count([testLine(negative, 400)], plainCounter(sample('LE')), { servings: 1 });
    expect(c.raw).toBeLessThan(0);
    expect(c.points).toBe(0);
  });
  it('lowers a dish where the floor stands at the serving, not where it stands at the line', () => {
    const serving = count(dish, counterOf(testProgram({ ...rule, floorAt: 'serving' })), { servings: 1 });
    const line = count(dish, counterOf(testProgram({ ...rule, floorAt: 'line' })), { servings: 1 });
    expect(serving.raw).toBeCloseTo((200 + 24 - 32) / 45, 9);
    expect(line.raw).toBeCloseTo(200 / 45, 9);
  });
});

describe('caps', () => {
  // 1.2 kg of potatoes for six, 2.1 g fibre per 100 g: 4.2 g a share, a cap of 4 g on fibre.
  const potatoes = testFood('potatoes', statedOf(77, 0, 0.8, 2.1, 2.1));
  const leek = testFood('leek', statedOf(61, 0, 3.9, 1.5, 1.8));
  const program = testProgram({ ...sample('LE').rule, caps: { fibre: 4 } });
  const dish = [testLine(potatoes, 1200), testLine(leek, 600)];
  const share = (kcal: number, sugars: number, protein: number, fibre: number) =>
    (kcal + 2 * sugars - 2 * protein - 2 * fibre) / 45;
  it('cap each line’s share of the portion by ingredients, not the pot', () => {
    const c = count(dish, counterOf(program), { servings: 6 });
    expect(c.raw).toBeCloseTo(share(154, 1.6, 4.2, 4) + share(61, 3.9, 1.5, 1.8), 9);
  });
  it('cap the portion by serving', () => {
    const c = count(dish, counterOf(program), { servings: 6, by: 'serving' });
    expect(c.raw).toBeCloseTo(share(154 + 61, 1.6 + 3.9, 4.2 + 1.5, 4), 9);
  });
  it('push an interval through the kink where the cap bites', () => {
    const c = count([testLine(potatoes, 200, { low: 100, high: 300 })], counterOf(program), { servings: 1 });
    const at = (g: number) => share(0.77 * g, 0.008 * g, 0.021 * g, Math.min(4, 0.021 * g));
    expect(c.range.low).toBeCloseTo(at(100), 9);
    expect(c.range.high).toBeCloseTo(at(300), 9);
  });
});

describe('pins', () => {
  const sausage = testFood('sausage', statedOf(300, 9, 1, 12, 0));
  const pin = { foodId: 'sausage', programId: 'test-program', points: 4, grams: 50 };
  it('override rule and list, linear in grams', () => {
    const c = count([testLine(sausage, 75)], counterOf(testProgram(), { pins: [pin] }), { servings: 1 });
    expect(c.raw).toBeCloseTo(6, 9);
    expect(c.lines[0]!.pinned).toBe(true);
  });
  it('take the pinned food’s nutrition out by serving, and add the pin', () => {
    const program = testProgram({ caps: { kcal: 1000 } });
    const c = count([testLine(sausage, 75), testLine(pointFood(), 2)], counterOf(program, { pins: [pin] }), {
      servings: 1,
      by: 'serving',
    });
    expect(c.raw).toBeCloseTo(6 + 2, 9);
  });
  it('hold for their own program only', () => {
    const c = count(
      [testLine(pointFood('sausage'), 75)],
      counterOf(testProgram(), { pins: [{ ...pin, programId: 'another' }] }),
      { servings: 1 },
    );
    expect(c.raw).toBeCloseTo(75, 9);
  });
});

describe('intervals', () => {
  it('say "at most" when only fibre is unknown, "at least" when only sugar is', () => {
    const base = { kcal: 200, carbs: 40, fat: 0, satFat: 0, protein: 0 };
    const fibre = count(
      [testLine(testFood('f', { ...base, sugars: 0, fibre: null }), 100)],
      plainCounter(sample('LE')),
      { servings: 1 },
    );
    const sugar = count(
      [testLine(testFood('s', { ...base, sugars: null, fibre: 0 }), 100)],
      plainCounter(sample('LE')),
      { servings: 1 },
    );
    expect(fibre.certainty).toBe('atMost');
    expect(sugar.certainty).toBe('atLeast');
    expect(fibre.points).toBe(fibre.pointsRange.high);
    expect(sugar.points).toBe(sugar.pointsRange.low);
  });
  it('name the line most worth weighing when they cross an edge', () => {
    const rough = testLine(pointFood('rough'), 4, { low: 3, high: 6 });
    const sure = testLine(pointFood('sure'), 10);
    const c = count([sure, rough], counterOf(testProgram()), { servings: 4 });
    expect(c.pointsRange).toEqual({ low: 3, high: 4 });
    expect(c.doubt).toEqual({ lineId: 'line-rough', of: 'grams' });
    expect(count([sure], counterOf(testProgram()), { servings: 4 }).doubt).toBeNull();
  });
  it('name the food of which too little is known, where that weighs more than its grams', () => {
    const unknown = testLine(
      testFood('u', { kcal: 200, satFat: 2, fat: 5, carbs: 20, sugars: 2, fibre: null, protein: 5 }),
      100,
      { low: 99, high: 101 },
    );
    const c = count([unknown, testLine(pointFood('sure'), 0.2)], plainCounter(sample('LE')), { servings: 1 });
    expect(c.doubt).toEqual({ lineId: 'line-u', of: 'nutrients' });
  });
  it('combine the spreads of lines by the root of their squares, on either side', () => {
    const three = testLine(pointFood('a'), 10, { low: 7, high: 13 });
    const four = testLine(pointFood('b'), 10, { low: 6, high: 12 });
    const c = count([three, four], counterOf(testProgram()), { servings: 1 });
    expect(c.raw).toBe(20);
    expect(c.bounds).toEqual({ low: 20, high: 20 });
    // By hand: √(3² + 4²) = 5 below, √(3² + 2²) = 3.606 above.
    expect(c.range.low).toBeCloseTo(15, 9);
    expect(c.range.high).toBeCloseTo(20 + Math.sqrt(13), 9);
  });
  it('add up what labels leave: two labels may be off the same way', () => {
    const a = testLine(testFood('a', { kcal: 100, protein: null, fat: 0, carbs: 25 }), 10);
    const one = count([a], counterOf(testProgram({ coefficients: { protein: 1 }, per: 1 })), { servings: 1 });
    const two = count([a, { ...a, id: 'other' }], counterOf(testProgram({ coefficients: { protein: 1 }, per: 1 })), {
      servings: 1,
    });
    expect(one.range.high).toBeGreaterThan(0);
    expect(two.range.high).toBeCloseTo(2 * one.range.high, 9);
    expect(two.range).toEqual(two.bounds);
  });
  it('spread a line that takes from another recipe by how much of it is taken, once for all that is in it', () => {
    const parts = ['a', 'b'].map((id) => ({ food: pointFood(id), grams: 10, range: { low: 10, high: 10 } }));
    const line = { id: 'inner', label: 'stock', parts, open: false, taken: { low: 0.9, high: 1.2 } };
    const c = count([line], counterOf(testProgram()), { servings: 1 });
    expect(c.range.low).toBeCloseTo(18, 9);
    expect(c.range.high).toBeCloseTo(24, 9);
  });
  it('hold under a cap on the portion: no spread moves more than without it', () => {
    const lines = ['a', 'b'].map((id) => testLine(pointFood(id), 10, { low: 7, high: 13 }));
    const free = count(lines, counterOf(testProgram()), { servings: 1, by: 'serving' });
    const capped = count(lines, counterOf(testProgram({ caps: { kcal: 15 } })), { servings: 1, by: 'serving' });
    expect(capped.raw).toBeLessThan(free.raw);
    expect(capped.range.high - capped.bounds.high).toBeCloseTo(free.range.high - free.bounds.high, 9);
    expect(capped.bounds.low - capped.range.low).toBeCloseTo(free.bounds.low - free.range.low, 9);
  });
  it('contain the count for any grams inside the range', () => {
    const low = count([testLine(food('butter'), 10)], plainCounter(sample('LE')), { servings: 1 }).raw;
    const high = count([testLine(food('butter'), 30)], plainCounter(sample('LE')), { servings: 1 }).raw;
    const c = count([testLine(food('butter'), 20, { low: 10, high: 30 })], plainCounter(sample('LE')), { servings: 1 });
    expect(c.range.low).toBeCloseTo(low, 9);
    expect(c.range.high).toBeCloseTo(high, 9);
  });
  it('say "so far" while a line is open', () => {
    const open = { id: 'x', label: 'x', parts: [], open: true };
    expect(count([open], counterOf(testProgram()), { servings: 1 }).complete).toBe(false);
  });
});

describe('servings', () => {
  it.each([0, -1, 501, Number.NaN])('cannot be %d', (servings) => {
    expect(() => count([], counterOf(testProgram()), { servings })).toThrow(RangeError);
  });
  it('may be fractions', () => {
    expect(count([testLine(pointFood(), 5)], counterOf(testProgram()), { servings: 2.5 }).points).toBe(2);
  });
});

describe('the interval of a pin', () => {
  it('is the pin for the least and the most grams, of the portion', () => {
    const pin = { foodId: 'sausage', programId: 'test-program', points: 4, grams: 50 };
    const line = testLine(testFood('sausage', { kcal: 300 }), 75, { low: 50, high: 100 });
    const c = count([line], counterOf(testProgram(), { pins: [pin] }), { servings: 2 });
    // 4 points for 50 g: 3 for the half of 75 g, 2 and 4 for the halves of 50 g and 100 g.
    expect(c.raw).toBeCloseTo(3, 9);
    expect(c.range.low).toBeCloseTo(2, 9);
    expect(c.range.high).toBeCloseTo(4, 9);
    const both = count([line, testLine(pointFood(), 2)], counterOf(testProgram(), { pins: [pin] }), { servings: 2 });
    expect(both.range).toEqual({ low: 3, high: 5 });
  });
});

describe('how sure points are', () => {
  it('is told by the ends they lie between', () => {
    expect(certaintyOf(3, { low: 3, high: 3 })).toBe('exact');
    expect(certaintyOf(3, { low: 2, high: 3 })).toBe('atMost');
    expect(certaintyOf(3, { low: 3, high: 4 })).toBe('atLeast');
    expect(certaintyOf(3, { low: 2, high: 4 })).toBe('range');
  });
});

describe('a floor at the line', () => {
  it('does not hold where the whole serving goes through the rule', () => {
    const rule = { coefficients: { kcal: 1, fibre: -2 }, floorAt: 'line' as const };
    const lines = [testLine(testFood('bran', { kcal: 10, fibre: 40 }), 100), testLine(pointFood(), 100)];
    // 10 − 80 is lifted to 0 as a line of its own; in one serving it lowers the other's 100 to 30.
    expect(count(lines, counterOf(testProgram(rule)), { servings: 1 }).raw).toBeCloseTo(100, 9);
    expect(count(lines, counterOf(testProgram(rule)), { servings: 1, by: 'serving' }).raw).toBeCloseTo(30, 9);
  });
});

describe('a floor at the line, and what nobody knows', () => {
  it('lifts both ends of the line to 0, and no farther', () => {
    const rule = { coefficients: { kcal: 1, fibre: -2 }, floorAt: 'line' as const };
    const line = testLine(testFood('bran', { kcal: 30, carbs: 20, fibre: null }), 100);
    // Fibre lies from 0 to 20 g: 30 down to −10, which the floor makes 0.
    expect(count([line], counterOf(testProgram(rule)), { servings: 1 }).range).toEqual({ low: 0, high: 30 });
    const sure = testLine(testFood('oil', { kcal: 90, fibre: 0 }), 100);
    expect(count([sure], counterOf(testProgram(rule)), { servings: 1 }).range).toEqual({ low: 90, high: 90 });
  });
  it('calls a line of a pinned and an uncounted food counted', () => {
    const program = testProgram(
      {},
      {
        list: {
          entries: [{ ...anyFood('veg'), kinds: ['veg'] }],
          exclusions: [],
        },
      },
    );
    const pin = { foodId: 'sausage', programId: 'test-program', points: 4, grams: 50 };
    const [sausage, leek] = [testFood('sausage', { kcal: 300 }), pointFood('leek', ['veg'])];
    const both = { ...testLine(sausage, 50), parts: [...testLine(sausage, 50).parts, ...testLine(leek, 20).parts] };
    const counted = count([both], counterOf(program, { pins: [pin] }), { servings: 1 });
    expect(counted.lines[0]).toMatchObject({ raw: 4, uncounted: null, pinned: true });
    expect(count([testLine(leek, 20)], counterOf(program), { servings: 1 }).lines[0]!.uncounted).toBe('veg');
  });
});
