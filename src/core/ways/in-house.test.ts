import { describe, expect, it } from 'vitest';
import { counterOf, sample } from '../../../tests/support/test-lines.ts';
import { readVersion } from '../../../tests/support/test-version.ts';
import { testAim, testChoiceContext } from '../../../tests/support/test-ways.ts';
import { houseOf } from '../stock/house-of.ts';
import type { StockItem } from '../stock/stock.ts';
import type { Version } from '../version/version.ts';
import { findWays } from './find-ways.ts';
import { houseLimits } from './house-limits.ts';
import { type House, isInHouse } from './in-house.ts';

const item = (foodId: string | null, grams: number | null, rest: Partial<StockItem> = {}): StockItem => ({
  id: `${foodId} ${grams}`,
  foodId,
  name: foodId ?? 'something',
  grams,
  opened: false,
  useBy: null,
  lacking: false,
  ...rest,
});

describe('what is in the house', () => {
  it('is added up by food; unknown amounts stay unknown, what cannot be had is not there', () => {
    const house = houseOf([
      item('milk-skim', 200),
      item('milk-skim', 300),
      item('quark', 100),
      item('quark', null),
      item('walnuts', 50, { lacking: true }),
      item(null, 80),
    ]);
    expect([...house]).toEqual([
      ['milk-skim', 500],
      ['quark', null],
    ]);
  });
  it('is enough, or not, for what a change brings in', () => {
    const house: House = {
      stock: new Map([
        ['milk-skim', 500],
        ['quark', null],
      ]),
      only: true,
    };
    expect(isInHouse([], house)).toBe(true);
    expect(isInHouse([{ foodId: 'milk-skim', grams: 500 }], house)).toBe(true);
    expect(isInHouse([{ foodId: 'milk-skim', grams: 501 }], house)).toBe(false);
    expect(isInHouse([{ foodId: 'quark', grams: 9000 }], house)).toBe(true);
    expect(isInHouse([{ foodId: 'walnuts', grams: 1 }], house)).toBe(false);
  });
});

describe('ways with what is in the house', () => {
  const gratin = readVersion(['1 kg potatoes', '300 ml heavy cream', '150 g Gruyère, grated', '40 g butter'], {
    servings: 6,
  });
  const find = (points: number, house: House | undefined, version = gratin) =>
    findWays(version, testAim([points]), testChoiceContext([counterOf(sample('LE'))], { house }), { frontierOf: null });
  it('bring in nothing else, where only that may come in', () => {
    const { ways, choices } = find(8, { stock: new Map([['milk-evaporated-skim', 400]]), only: true });
    const brought = choices.flatMap((l) => l.choices.flatMap((c) => c.brings.map((b) => b.foodId)));
    expect([...new Set(brought)]).toEqual(['milk-evaporated-skim']);
    expect(ways[0]!.changes.some((c) => c.to.includes('evaporated milk'))).toBe(true);
  });
  it('know how much there is: what is too little for a line is no choice', () => {
    const { choices } = find(8, { stock: new Map([['milk-evaporated-skim', 100]]), only: true });
    expect(choices.flatMap((l) => l.choices.flatMap((c) => c.brings))).toEqual([]);
  });
  it('share what there is between the lines', () => {
    const twice = readVersion(['300 ml heavy cream', '300 ml heavy cream, for the top'], { servings: 6 });
    const house = (grams: number): House => ({ stock: new Map([['milk-evaporated-skim', grams]]), only: true });
    const used = (grams: number): number[] =>
      find(4, house(grams), twice).ways.map((w) => w.changes.flatMap((c) => c.brings).reduce((g, b) => g + b.grams, 0));
    expect(Math.max(...used(700))).toBeGreaterThan(400);
    for (const g of used(400)) expect(g).toBeLessThanOrEqual(400);
  });
  it('do not have what was left out', () => {
    const milk = readVersion(['300 ml heavy cream', '100 g evaporated skim milk'], { servings: 6 });
    const brought = (version: Version) =>
      find(8, undefined, version).choices.flatMap((l) => l.choices.flatMap((c) => c.brings.map((b) => b.foodId)));
    expect(milk.lines[1]!.food).toMatchObject({ foodId: 'milk-evaporated-skim' });
    expect(brought(milk)).not.toContain('milk-evaporated-skim');
    const gone = { ...milk, lines: milk.lines.map((l, i) => (i === 1 ? { ...l, leftOut: true } : l)) };
    expect(brought(gone)).toContain('milk-evaporated-skim');
  });
  it('need what they bring in, gram for gram', () => {
    const twice = readVersion(['300 ml heavy cream', '300 ml heavy cream, for the top'], { servings: 6 });
    const house: House = { stock: new Map([['milk-evaporated-skim', 900]]), only: true };
    const { choices } = find(4, house, twice);
    const [limit] = houseLimits(choices, house);
    expect(limit!.most).toBe(900);
    for (const c of choices.flatMap((l) => l.choices))
      expect(limit!.of(c)).toBe(c.brings.reduce((g, b) => g + b.grams, 0));
    expect(houseLimits(choices, { ...house, only: false })).toEqual([]);
    expect(houseLimits(choices.slice(0, 1), house)).toEqual([]);
  });
  it('offer an alternative from the house beside the best', () => {
    const free = find(10, undefined).ways[0]!;
    expect(free.changes.some((c) => c.brings.length > 0)).toBe(true);
    const { ways } = find(10, { stock: new Map([['milk-evaporated-skim', 1000]]), only: false });
    expect(ways[0]!.departure).toBe(free.departure);
    const own = ways.find((w) => w.differs === 'with what is in the house');
    if (free.changes.flatMap((c) => c.brings).every((b) => b.foodId === 'milk-evaporated-skim'))
      expect(own).toBe(undefined);
    else expect(own!.changes.flatMap((c) => c.brings).every((b) => b.foodId === 'milk-evaporated-skim')).toBe(true);
  });
});

describe('a search that is ended', () => {
  it('says so, and what it found holds', () => {
    const version = readVersion(
      Array.from({ length: 14 }, (_, i) => `${100 + i} g soured cream`),
      { servings: 6 },
    );
    const { stopped, frontier, ways } = findWays(
      version,
      testAim([9], { kcal: 380, protein: 5, changes: 9 }),
      testChoiceContext([counterOf(sample('LE'))]),
      { frontierOf: 0, stop: () => true },
    );
    expect(stopped).toBe(true);
    for (const w of ways) expect(w.points[0]!).toBeLessThanOrEqual(9);
    expect(frontier.length).toBeLessThanOrEqual(1);
  });
});
