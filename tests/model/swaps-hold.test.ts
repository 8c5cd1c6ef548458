import { describe, expect, it } from 'vitest';
import { dishKindOf } from '../../src/core/dish/dish-kind.ts';
import { useOfLine } from '../../src/core/dish/technique.ts';
import type { Food } from '../../src/core/food/food.ts';
import { swapsFitting } from '../../src/core/swap/fits-line.ts';
import { SWAPS } from '../../src/core/swap/library.ts';
import { roleOfLine } from '../../src/core/swap/role-of-line.ts';
import type { Swap } from '../../src/core/swap/swap.ts';
import type { SwapCondition } from '../../src/core/swap/swap-condition.ts';
import { lineInDish } from '../../src/core/swap/where-it-holds.ts';
import { namesOf } from '../../src/core/version/step-uses.ts';
import { EXAMPLE_DISHES, type ExampleDish } from '../support/example-dishes.ts';
import { readVersion, shippedFood } from '../support/test-version.ts';

/** Grams of the food in an example: enough that it is no seasoning, and for fat that it may swim. */
const GRAMS = 180;

/** The lines beside the place for a food: they are the same for every food, and read once. */
const beside = new Map(EXAMPLE_DISHES.map((e) => [e, readVersion(['1 g salt', ...e.beside], { servings: 6 })]));

/** An example dish with a food in it, and what swaps are asked with. */
function set(example: ExampleDish, own: Food) {
  const called = namesOf(own.name).join(' ');
  const title = example.title.replaceAll('X', called);
  const steps = example.steps.map((text, i) => ({ id: `s${i}`, text: text.replaceAll(/\bX\b/g, called) }));
  const read = { ...beside.get(example)!, steps };
  const first = read.lines[0]!;
  const line = {
    ...first,
    text: `${GRAMS} g ${own.name}`,
    item: own.name,
    food: { kind: 'food', foodId: own.id, revision: 1 } as const,
    weight: { grams: GRAMS, low: GRAMS, high: GRAMS, from: 'weight' } as const,
    role: own.roles[0] ?? null,
  };
  const version = { ...read, lines: [line, ...read.lines.slice(1)] };
  const at = lineInDish(line, version, shippedFood, title);
  const role = roleOfLine(line, version, shippedFood, title);
  return { title, version, line, at, role };
}

type Set = ReturnType<typeof set>;
const sets = new Map<string, readonly Set[]>();
const setsOf = (id: string): readonly Set[] => {
  const had = sets.get(id);
  if (had !== undefined) return had;
  const made = EXAMPLE_DISHES.map((e) => set(e, shippedFood(id)!));
  sets.set(id, made);
  return made;
};

const isSo = (c: SwapCondition, { at }: Set, words: string): boolean =>
  c.kind === 'dish'
    ? at.dish === c.dish
    : c.kind === 'technique'
      ? at.technique === c.technique
      : c.kind === 'word'
        ? words.includes(c.word)
        : c.kind === 'with'
          ? at.foods.some((f) => f.kinds.includes(c.food))
          : at.named;

const offered = (swap: Swap, s: Set): boolean =>
  swapsFitting([swap], s.line, { version: s.version, title: s.title, role: s.role, food: shippedFood }).length > 0;
const said = (c: SwapCondition): string => JSON.stringify(Object.values(c).slice(1));

describe('where every swap holds', () => {
  it('is said of each: where it fits, and somewhere it does not', () => {
    for (const s of SWAPS) expect(s.refuses!.length, s.id).toBeGreaterThan(0);
  });
  it.each(SWAPS.map((s) => [s.id, s] as const))('%s: offered where it fits, and not where it does not', (_, swap) => {
    const all = swap.from.flatMap(setsOf);
    expect(
      all.some((s) => offered(swap, s)),
      'offered nowhere',
    ).toBe(true);
    for (const c of swap.fits!) {
      const here = all.filter((s) => isSo(c, s, s.at.words));
      expect(here.length, `no example of ${said(c)}`).toBeGreaterThan(0);
      expect(
        here.some((s) => offered(swap, s)),
        `not offered where ${said(c)}`,
      ).toBe(true);
    }
    for (const c of swap.refuses!) {
      const here = all.filter((s) => isSo(c, s, s.at.ownWords));
      expect(here.length, `no example of ${said(c)}`).toBeGreaterThan(0);
      for (const s of here) expect(offered(swap, s), `offered where ${said(c)}: ${s.title}`).toBe(false);
    }
  });
});

describe('the example dishes', () => {
  const kinds = new Set<string>();
  const techniques = new Set<string>();
  for (const id of new Set(SWAPS.flatMap((s) => s.from)))
    for (const s of setsOf(id)) {
      kinds.add(dishKindOf(s.version, s.title, shippedFood));
      const { technique } = useOfLine(s.line, s.version, s.at.dish, shippedFood);
      if (technique !== null) techniques.add(technique);
    }
  it('are of every kind, and do everything that steps do', () => {
    expect(kinds.size).toBe(23);
    expect(techniques.size).toBe(26);
  });
});
