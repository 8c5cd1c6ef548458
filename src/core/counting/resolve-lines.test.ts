import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion, testRecipeLine, testVersion } from '../../../tests/support/test-version.ts';
import { plainCounter } from '../program/program.ts';
import { readLine } from '../reading/read-line.ts';
import { dishWeight } from '../version/dish-weight.ts';
import { makesCircle, wholeShare } from '../version/inner-recipes.ts';
import { pairLines } from '../version/pair-lines.ts';
import { recipeWeight } from '../version/recipe-weight.ts';
import { stepUses } from '../version/step-uses.ts';
import type { Line, Version } from '../version/version.ts';
import { countVersion } from './count-version.ts';
import { resolveLines } from './resolve-lines.ts';

const sauce = readVersion(['200 ml cream', '100 g cheddar'], { id: 'sauce', recipeId: 'r-sauce', servings: 4 });
const take = (grams: number, inner: Version): Line =>
  testRecipeLine('take', {
    food: { kind: 'recipe', recipeId: inner.recipeId, versionId: inner.id },
    weight: { grams, low: grams, high: grams, from: 'weight' },
  });
const LE = plainCounter(sample('LE'));

describe('a recipe inside another', () => {
  it('carries its unrounded share by weight', () => {
    const outer: Version = {
      ...readVersion(['1 lb macaroni']),
      lines: [take(dishWeight(sauce) / 3, sauce)],
      servings: 1,
    };
    const inner = countVersion({ ...sauce, servings: 3 }, kitchenOf(), [LE]).counts[0]!;
    const counted = countVersion(outer, kitchenOf(sauce), [LE]).counts[0]!;
    expect(counted.raw).toBeCloseTo(inner.raw, 9);
    expect(counted.lines).toHaveLength(1);
  });
  it('counts a weight of it cooked as a share of what came out of the pot, under every method', () => {
    // By hand: of 250 g that came out, 50 g are a fifth of all that went in, whatever that weighed.
    const cooked: Line = {
      ...take(50, sauce),
      food: { kind: 'recipe', recipeId: sauce.recipeId, versionId: sauce.id, cooked: 250 },
    };
    const outer: Version = { ...readVersion([]), lines: [cooked], servings: 1 };
    for (const by of ['ingredients', 'serving'] as const) {
      const counter = plainCounter({ ...sample('LE'), by });
      const whole = countVersion({ ...sauce, servings: 1 }, kitchenOf(), [counter]).counts[0]!;
      const part = countVersion(outer, kitchenOf(sauce), [counter]);
      expect(part.counts[0]!.raw).toBeCloseTo(whole.raw / 5, 9);
      // The dish that it goes into weighs what was weighed.
      expect(part.servingGrams).toBeCloseTo(50, 9);
    }
  });
  it('changes with it', () => {
    const outer: Version = { ...readVersion([]), lines: [take(100, sauce)], servings: 1 };
    const lean = { ...sauce, lines: readVersion(['200 ml skim milk', '100 g cheddar']).lines };
    expect(countVersion(outer, kitchenOf(lean), [LE]).counts[0]!.raw).toBeLessThan(
      countVersion(outer, kitchenOf(sauce), [LE]).counts[0]!.raw,
    );
  });
  it('taken whole or by servings stays that when it changes, in points and in weight', () => {
    const half: Line = {
      ...take(dishWeight(sauce) / 2, sauce),
      amount: { quantity: 0.5, quantityMax: null, unit: null },
      weight: { grams: dishWeight(sauce) / 2, low: 1, high: 1000, from: 'count' },
    };
    const outer: Version = { ...readVersion([]), lines: [half], servings: 1 };
    const larger = { ...sauce, lines: [...sauce.lines, ...readVersion(['300 g cheddar']).lines] };
    const raw = (v: Version) => countVersion({ ...v, servings: 1 }, kitchenOf(), [LE]).counts[0]!.raw;
    expect(countVersion(outer, kitchenOf(larger), [LE]).counts[0]!.raw).toBeCloseTo(raw(larger) / 2, 9);
    expect(countVersion(outer, kitchenOf(larger), [LE]).servingGrams).toBeCloseTo(dishWeight(larger) / 2, 9);
    const served = { ...half, amount: { quantity: 2, quantityMax: null, unit: 'serving' } };
    expect(countVersion({ ...outer, lines: [served] }, kitchenOf(larger), [LE]).counts[0]!.raw).toBeCloseTo(
      raw(larger) / 2,
      9,
    );
  });
  it('is open when it is not there, or has open lines itself', () => {
    const outer: Version = { ...readVersion([]), lines: [take(100, sauce)] };
    expect(resolveLines(outer, kitchenOf())[0]!.open).toBe(true);
    const unsure = { ...sauce, lines: [...sauce.lines, testRecipeLine('x')] };
    expect(resolveLines(outer, kitchenOf(unsure))[0]!.open).toBe(true);
  });
  it('never goes round in a circle', () => {
    const a: Version = { ...sauce, lines: [...sauce.lines, take(10, { ...sauce, id: 'b', recipeId: 'r-b' })] };
    const b: Version = { ...sauce, id: 'b', recipeId: 'r-b', lines: [take(10, a)] };
    expect(makesCircle('r-b', a, kitchenOf(a, b))).toBe(true);
    expect(makesCircle('r-other', sauce, kitchenOf(sauce))).toBe(false);
    expect(resolveLines(a, kitchenOf(a, b)).some((l) => l.open)).toBe(true);
  });
  it('is weighed by gram, by cup, by serving, or whole', () => {
    const whole = dishWeight(sauce);
    expect(recipeWeight(readLine('150 g cheese sauce'), sauce)).toMatchObject({ grams: 150, from: 'weight' });
    expect(recipeWeight(readLine('2 servings cheese sauce'), sauce)!.grams).toBeCloseTo(whole / 2, 6);
    expect(recipeWeight(readLine('1 cup cheese sauce'), sauce)).toMatchObject({ from: 'estimate' });
    expect(recipeWeight(readLine('½ cheese sauce'), sauce)!.grams).toBeCloseTo(whole / 2, 6);
  });
});

describe('counting a version', () => {
  it('counts the whole and per 100 g when there are no servings', () => {
    const dip = readVersion(['1 cup sour cream'], { servings: null });
    const c = countVersion(dip, kitchenOf(), [LE]);
    expect(c.hasServings).toBe(false);
    expect(c.perServing.kcal.value).toBeCloseTo(2.3 * 198, 6);
    expect(c.per100g!.kcal.value).toBeCloseTo(198, 6);
  });
  it('leaves out what is left out, and weighs the portion without it', () => {
    const v = readVersion(['100 g butter', '300 g potatoes']);
    const without = { ...v, lines: v.lines.map((l, i) => (i === 0 ? { ...l, leftOut: true } : l)) };
    expect(countVersion(without, kitchenOf(), [LE]).servingGrams).toBe(75);
  });
  it('weighs water with the portion and counts it for nothing', () => {
    const c = countVersion(readVersion(['1 kg potatoes', '1 l water'], { servings: 2 }), kitchenOf(), [LE]);
    expect(c.servingGrams).toBeGreaterThan(990);
    expect(c.open).toEqual([]);
  });
});

describe('pairing versions', () => {
  const before = readVersion(['1 cup milk', '2 eggs']);
  it('pairs by origin, marks what changed, puts new lines behind', () => {
    const extra = { ...testRecipeLine('new'), originLineId: 'new' };
    const after = {
      ...before,
      lines: [{ ...before.lines[0]!, id: 'x', leftOut: true }, { ...before.lines[1]!, id: 'y' }, extra],
    };
    const pairs = pairLines(before, after);
    expect(pairs.map((p) => [p.before?.id ?? null, p.after.map((l) => l.id), p.changed])).toEqual([
      ['l0', ['x'], true],
      ['l1', ['y'], false],
      [null, ['new'], true],
    ]);
  });
});

describe('what a step uses', () => {
  it('is the line that it names first, by most words', () => {
    const v = readVersion(['200 g soured cream', '100 ml cream', '3 onions', 'salt']);
    const steps = ['Soften the onions.', 'Warm the cream.', 'Stir in the soured cream and salt.'].map((text, i) => ({
      id: `s${i}`,
      text,
    }));
    expect(stepUses(steps, v.lines)).toEqual([['l2'], ['l1'], ['l0', 'l3']]);
  });
  it('is not found by words that only qualify', () => {
    const v = readVersion(['150 g strained yogurt, plain, fat-free', '1 kg beef chuck, trimmed to lean']);
    const steps = ['Trim all visible fat.', 'Brown the beef.', 'Bring to the boil.', 'Stir in the yogurt.'].map(
      (text, i) => ({ id: `s${i}`, text }),
    );
    expect(stepUses(steps, v.lines)).toEqual([[], ['l1'], [], ['l0']]);
  });
  it('is found by what the line was called before its swap', () => {
    const v = readVersion(['150 g strained yogurt, plain, fat-free']);
    const steps = ['Brown the beef.', 'Stir in the soured cream.'].map((text, i) => ({ id: `s${i}`, text }));
    expect(stepUses(steps, v.lines, () => 'soured cream')).toEqual([[], ['l0']]);
  });
});

describe('how many times another recipe is taken', () => {
  const inner = { ...testVersion([]), servings: 4 };
  const taking = (amount: Line['amount'], from: 'count' | 'weight' = 'count') =>
    wholeShare(testRecipeLine('t', { amount, weight: { grams: 100, low: 100, high: 100, from } }), inner);
  const of = (quantity: number, unit: string | null, quantityMax: number | null = null) => ({
    quantity,
    quantityMax,
    unit,
  });
  it('is as often as it says, or by its servings; a weight of it is a weight', () => {
    expect(taking(of(2, null))).toBe(2);
    expect(taking(of(1, null, 2))).toBe(1.5);
    expect(taking(of(2, 'serving'))).toBe(0.5);
    expect(taking(of(2, 'cup'))).toBeNull();
    expect(taking(of(2, null), 'weight')).toBeNull();
    expect(taking(null)).toBeNull();
    expect(wholeShare(testRecipeLine('t', { amount: of(2, null) }), inner)).toBeNull();
    expect(
      wholeShare(
        testRecipeLine('t', { amount: of(2, 'serving'), weight: { grams: 1, low: 1, high: 1, from: 'count' } }),
        { ...inner, servings: null },
      ),
    ).toBeNull();
  });
});
