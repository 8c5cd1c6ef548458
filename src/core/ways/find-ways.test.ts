import { describe, expect, it } from 'vitest';
import { counterOf, sample, testProgram } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { testAim, testChoiceContext } from '../../../tests/support/test-ways.ts';
import { countVersion } from '../counting/count-version.ts';
import type { Counter } from '../program/program.ts';
import { departureFrom } from '../swap/departure.ts';
import { SWAPS } from '../swap/library.ts';
import { applyEntry } from '../version/entry.ts';
import type { Version } from '../version/version.ts';
import { wayChanges } from './apply-way.ts';
import { findWays } from './find-ways.ts';
import type { LineChoice } from './line-choices.ts';
import { benchOf } from './search-model.ts';
import type { Way } from './way.ts';
import { whatItBuys } from './what-it-buys.ts';
import { readWithout } from './without.ts';

const gratin = readVersion(
  ['1 kg potatoes', '300 ml heavy cream', '150 g Gruyère, grated', '2 tbsp butter', '100 g bacon', '50 g walnuts'],
  { servings: 6, steps: [{ id: 's1', text: 'Fry the bacon in the butter. Layer and bake.' }] },
);
const LE = counterOf(sample('LE'));
const HA = counterOf(sample('HA'));
let n = 0;
const applied = (version: Version, picked: readonly LineChoice[]): Version =>
  applyEntry(version, {
    id: `e${n++}`,
    label: 'way',
    undoes: null,
    changes: wayChanges(version, picked, { food: shippedFood, system: 'us', swaps: SWAPS }, () => `n${n++}`),
  });

/** The least departure by trying every set of choices, counted by the engine; null when none fits. */
function tryAll(version: Version, counters: readonly Counter[], fits: (v: Version) => boolean): number | null {
  const { choices } = findWays(version, testAim(counters.map(() => null)), testChoiceContext(counters), {
    frontierOf: null,
  });
  let best: number | null = null;
  const step = (i: number, picked: LineChoice[], departure: number): void => {
    if (best !== null && departure >= best) return;
    if (i === choices.length) {
      if (fits(applied(version, picked))) best = Math.round(departure * 10) / 10;
      return;
    }
    for (const c of choices[i]!.choices)
      step(i + 1, c.kind === 'stay' ? picked : [...picked, c], departure + c.departure);
  };
  step(0, [], 0);
  return best;
}
const points = (v: Version, counters: readonly Counter[]): number[] =>
  countVersion(v, kitchenOf(), counters).counts.map((c) => c.points);

describe('ways', () => {
  const small = { ...gratin, lines: gratin.lines.slice(0, 3) };
  it.each([5, 7, 9, 11])('at most %i points: what trying every set of choices finds', (target) => {
    const found = findWays(small, testAim([target, null]), testChoiceContext([LE, HA]), { frontierOf: null });
    const wanted = tryAll(small, [LE, HA], (v) => points(v, [LE, HA])[0]! <= target);
    expect(found.ways[0]?.departure ?? null).toBe(wanted);
    expect(found.proved).toBe(true);
  });
  it('keeps several targets, calories, protein and the number of changes at once', () => {
    const limits = testAim([9, 8], { kcal: 420, protein: 10, changes: 3 });
    const { ways, reachable } = findWays(gratin, limits, testChoiceContext([LE, HA]), { frontierOf: null });
    expect(reachable).toBe(true);
    for (const w of ways) {
      expect(w.points[0]!).toBeLessThanOrEqual(9);
      expect(w.points[1]!).toBeLessThanOrEqual(8);
      expect(w.kcal!).toBeLessThanOrEqual(420);
      expect(w.protein!).toBeGreaterThanOrEqual(10);
      expect(w.changes.length).toBeLessThanOrEqual(3);
    }
  });
  it('leaves a line out, and that line alone, when it is applied', () => {
    const { choices } = findWays(gratin, testAim([null]), testChoiceContext([LE]), { frontierOf: null });
    const out = choices.flatMap((l) => l.choices).find((c) => c.kind === 'leaveOut' && c.lineId === 'l5')!;
    const after = applied(gratin, [out]);
    expect(after.lines.map((l) => l.leftOut)).toEqual([false, false, false, false, false, true]);
    expect(after.lines.slice(0, 5)).toEqual(gratin.lines.slice(0, 5));
    const without = { ...gratin, lines: gratin.lines.slice(0, 5) };
    expect(countVersion(after, kitchenOf(), [LE]).counts[0]!.raw).toBeCloseTo(
      countVersion(without, kitchenOf(), [LE]).counts[0]!.raw,
      9,
    );
  });
  it('comes as near to a weight as to the points, where both cannot be had', () => {
    const base = countVersion(gratin, kitchenOf(), [LE]);
    const grams = base.servingGrams * 1.03;
    const aim = testAim([base.counts[0]!.points - 3], { grams });
    const { reachable, obstacle } = findWays(gratin, aim, testChoiceContext([LE]), { frontierOf: null });
    expect(reachable).toBe(false);
    const { closest } = obstacle!;
    // Each step that the points give way, the weight gives a twentieth: and no more than that.
    const steps = closest!.points[0]! - aim.points[0]!;
    expect(closest!.grams).toBeGreaterThanOrEqual(grams * (1 - 0.05 * Math.max(1, steps)) - 1e-9);
    expect(closest!.grams).toBeLessThan(grams);
  });
  it('recounts every way by the engine: points, calories, portion weight, departure', () => {
    const { ways, frontier } = findWays(gratin, testAim([8, null]), testChoiceContext([LE, HA]), { frontierOf: 0 });
    const all: Way[] = [...ways, ...frontier.map((f) => f.way)];
    expect(all.length).toBeGreaterThan(4);
    for (const w of all) {
      const v = applied(gratin, w.changes);
      const counted = countVersion(v, kitchenOf(), [LE, HA]);
      expect(counted.counts.map((c) => c.points)).toEqual(w.points);
      expect(counted.perServing.kcal.value).toBeCloseTo(w.kcal!, 6);
      expect(counted.servingGrams).toBeCloseTo(w.grams, 6);
      expect(departureFrom(gratin, v, { swaps: SWAPS, food: shippedFood }).known).toBeCloseTo(w.departure, 6);
    }
  });
  it('knows what every change buys: all of them together are the difference', () => {
    const { ways, choices } = findWays(gratin, testAim([8, null]), testChoiceContext([LE, HA]), { frontierOf: null });
    const raw = countVersion(gratin, kitchenOf(), [LE, HA]).counts.map((c) => c.raw);
    for (const w of ways) {
      const bought = w.changes.map((c) => whatItBuys(c, choices)!);
      raw.forEach((before, i) => {
        expect(before - bought.reduce((s, b) => s + b[i]!, 0)).toBeCloseTo(w.raw[i]!, 6);
      });
    }
    const must = findWays(gratin, testAim([20]), testChoiceContext([LE], { without: readWithout(['nuts']) }), {
      frontierOf: null,
    });
    expect(whatItBuys(must.ways[0]!.changes[0]!, must.choices)).toBeNull();
  });
  it('offers alternatives that differ, each no better than the best', () => {
    const { ways } = findWays(gratin, testAim([8]), testChoiceContext([LE]), { frontierOf: null });
    expect(ways.length).toBeGreaterThanOrEqual(3);
    expect(ways.slice(1).every((w) => w.differs !== null && w.departure >= ways[0]!.departure)).toBe(true);
    const keys = ways.map((w) => w.changes.map((c) => `${c.lineId}${c.swapId}${c.share}`).join());
    expect(new Set(keys).size).toBe(ways.length);
  });
  it('draws a frontier that only rises, from what it counts now', () => {
    const { frontier } = findWays(gratin, testAim([8]), testChoiceContext([LE]), { frontierOf: 0 });
    expect(frontier[0]).toMatchObject({ points: points(gratin, [LE])[0], departure: 0 });
    for (let i = 1; i < frontier.length; i++) {
      expect(frontier[i]!.points).toBeLessThan(frontier[i - 1]!.points);
      expect(frontier[i]!.departure).toBeGreaterThan(frontier[i - 1]!.departure);
    }
    const at8 = findWays(gratin, testAim([8]), testChoiceContext([LE]), { frontierOf: null }).ways[0]!;
    expect(frontier.filter((f) => f.points <= 8)[0]!.departure).toBe(at8.departure);
  });
  it('never touches a kept line, and says what stands in the way, with the closest', () => {
    const kept = { ...gratin, lines: gratin.lines.map((l) => ({ ...l, kept: l.item.includes('cream') })) };
    const { ways, obstacle } = findWays(kept, testAim([2]), testChoiceContext([LE]), { frontierOf: null });
    expect(ways).toEqual([]);
    expect(obstacle!.words[0]).toMatch(/Under LE it comes to \d+ at the least: heavy cream \(kept\)/);
    expect(obstacle!.closest!.changes.some((c) => c.from.includes('cream'))).toBe(false);
    const reachable = findWays(kept, testAim([10]), testChoiceContext([LE]), { frontierOf: null }).ways;
    for (const w of reachable) expect(w.changes.some((c) => c.from.includes('cream'))).toBe(false);
  });
  it('leaves out what somebody must not eat, will not eat, or what cannot be had', () => {
    const nuts = readWithout(['nuts']);
    const { ways } = findWays(gratin, testAim([20]), testChoiceContext([LE], { without: nuts }), { frontierOf: null });
    expect(ways[0]!.changes.map((c) => c.from)).toEqual(['50 g walnuts']);
    const noMilk = findWays(
      gratin,
      testAim([9]),
      testChoiceContext([LE], { without: readWithout(['dairy', 'nuts']) }),
      {
        frontierOf: null,
      },
    );
    for (const w of noMilk.ways) expect(w.changes.every((c) => !/milk|yogurt|cheese|quark/.test(c.to))).toBe(true);
    const lacking = new Set(['milk-evaporated-skim', 'cauliflower']);
    const { choices } = findWays(gratin, testAim([9]), testChoiceContext([LE], { lacking }), { frontierOf: null });
    expect(choices.flatMap((l) => l.choices).some((c) => /evaporated|cauliflower/.test(c.to))).toBe(false);
  });
  it('proves nothing under a rule that does not add up, and still keeps the target', () => {
    const capped = counterOf(
      testProgram({ coefficients: { kcal: 1, fibre: -20 }, caps: { fibre: 4 }, per: 45 }, { by: 'serving' }),
    );
    const { ways, proved } = findWays(gratin, testAim([8]), testChoiceContext([capped]), { frontierOf: null });
    expect(proved).toBe(false);
    for (const w of ways) expect(points(applied(gratin, w.changes), [capped])[0]!).toBeLessThanOrEqual(8);
  });
  it.each(['serving', 'items'] as const)('is right under counting by %s', (by) => {
    const counter = counterOf({ ...sample('LE'), by });
    const found = findWays(small, testAim([8]), testChoiceContext([counter]), { frontierOf: null });
    expect(found.ways[0]?.departure ?? null).toBe(tryAll(small, [counter], (v) => points(v, [counter])[0]! <= 8));
  });
});

describe('what somebody does without', () => {
  it('is sorted into allergens and foods', () => {
    expect(readWithout(['nuts', 'Milk', 'coriander leaf', ' ', 'tree nuts'])).toEqual({
      allergies: ['tree-nuts', 'peanuts', 'milk'],
      avoids: ['coriander leaf'],
    });
  });
});

describe('alternatives', () => {
  const { ways, choices } = findWays(gratin, testAim([8]), testChoiceContext([LE]), { frontierOf: null });
  const [best, ...others] = ways;
  it('are three at the most, the nearest first', () => {
    expect(others.length).toBeLessThanOrEqual(3);
    expect(others.map((w) => w.departure)).toEqual(others.map((w) => w.departure).sort((a, b) => a - b));
  });
  it('do what their words say', () => {
    for (const goal of [6, 7, 8, 9, 10, 11]) {
      const found = findWays(gratin, testAim([goal]), testChoiceContext([LE]), { frontierOf: null });
      const [first, ...rest] = found.ways;
      const widest = [...first!.changes].sort((a, b) => b.departure - a.departure)[0]!;
      for (const w of rest) {
        const { differs } = w;
        if (differs === 'fewer changes') expect(w.changes.length).toBeLessThan(first!.changes.length);
        else if (differs === 'nothing is left out') expect(w.changes.every((c) => c.kind !== 'leaveOut')).toBe(true);
        else if (differs === 'without stand-ins') expect(w.changes.every((c) => c.kind !== 'standIn')).toBe(true);
        else if (differs === 'no smaller plate')
          expect(w.grams).toBeGreaterThanOrEqual(countVersion(gratin, kitchenOf(), []).servingGrams - 1e-3);
        else {
          // "cream: as it is": the line that departs most in the best way.
          const line = gratin.lines.find((l) => l.id === widest.lineId)!;
          expect(differs).toBe(`${line.item}: as it is`);
          expect(w.changes.some((c) => c.lineId === widest.lineId)).toBe(false);
        }
      }
    }
  });
  it('are of the same choices as the best', () => {
    const known = new Set(choices.flatMap((l) => l.choices));
    for (const w of [best!, ...others]) for (const c of w.changes) expect(known.has(c)).toBe(true);
  });
});

describe('two at the table whose counts do not add up', () => {
  it.each([
    [7, 14],
    [9, 11],
    [20, 8],
    [8, 20],
  ])('at most %i by items and %i by serving: what trying every set of choices finds', (byItems, byServing) => {
    const small = { ...gratin, lines: gratin.lines.slice(0, 3) };
    const items = counterOf({ ...sample('LE'), by: 'items' });
    const serving = counterOf(
      testProgram({ coefficients: { kcal: 1, satFat: 9, fibre: -4 }, caps: { fibre: 4 }, per: 45 }, { by: 'serving' }),
    );
    const counters = [items, serving];
    const fits = (v: Version) => {
      const [a, b] = points(v, counters);
      return a! <= byItems && b! <= byServing;
    };
    const found = findWays(small, testAim([byItems, byServing]), testChoiceContext(counters), { frontierOf: null });
    const wanted = tryAll(small, counters, fits);
    for (const w of found.ways) expect(fits(applied(small, w.changes))).toBe(true);
    if (found.proved || wanted === null) expect(found.ways[0]?.departure ?? null).toBe(wanted);
    else expect(found.ways[0]!.departure).toBeGreaterThanOrEqual(wanted);
  });
});

describe('what cannot be reached', () => {
  it('is proved so where counts add up, and only said where they do not', () => {
    const low = findWays(gratin, testAim([0]), testChoiceContext([LE]), { frontierOf: null });
    expect(low).toMatchObject({ reachable: false, proved: true, ways: [] });
    const capped = counterOf(
      testProgram({ coefficients: { kcal: 1, fibre: -1 }, caps: { fibre: 4 } }, { by: 'serving' }),
    );
    const said = findWays(gratin, testAim([0]), testChoiceContext([capped]), { frontierOf: null });
    expect(said).toMatchObject({ reachable: false, proved: false });
  });
});

describe('the choices of a line', () => {
  const choicesOf = (version: Version) =>
    findWays(version, testAim([null]), testChoiceContext([LE]), { frontierOf: null }).choices;
  it('are none for what is left out, open, without a weight, or counts nothing', () => {
    const lines = gratin.lines.map((l, i) =>
      i === 0
        ? { ...l, leftOut: true }
        : i === 1
          ? { ...l, weight: null }
          : i === 2
            ? { ...l, food: { kind: 'open' as const } }
            : i === 3
              ? { ...l, food: { kind: 'nothing' as const, why: 'so' } }
              : l,
    );
    expect(choicesOf({ ...gratin, lines }).map((l) => l.lineId)).toEqual(['l4', 'l5']);
    const kept = { ...gratin, lines: gratin.lines.map((l) => ({ ...l, kept: true })) };
    expect(choicesOf(kept).every((l) => l.choices.length === 1 && l.choices[0]!.kind === 'stay')).toBe(true);
  });
  it('say what they bring in for the whole dish, by share and ratio, and nothing that is there anyway', () => {
    for (const line of choicesOf(gratin)) {
      const grams = gratin.lines.find((l) => l.id === line.lineId)!.weight!.grams;
      for (const c of line.choices) {
        const into = SWAPS.find((s) => s.id === c.swapId)?.into ?? [];
        const there = new Set(gratin.lines.map((l) => (l.food.kind === 'food' ? l.food.foodId : '')));
        const wanted = into.filter((t) => !there.has(t.foodId));
        expect(c.brings.map((b) => b.foodId)).toEqual(wanted.map((t) => t.foodId));
        for (const [i, b] of c.brings.entries()) expect(b.grams).toBeCloseTo(grams * c.share * wanted[i]!.ratio, 6);
      }
    }
  });
  it('depart as far as the household found', () => {
    const far = testChoiceContext([LE], { departureOf: (s) => (s.id === 'cream-to-evaporated' ? 77 : s.departure) });
    const { choices } = findWays(gratin, testAim([null]), far, { frontierOf: null });
    const cream = choices.flatMap((l) => l.choices).find((c) => c.swapId === 'cream-to-evaporated')!;
    expect(cream.departure).toBe(77);
  });
});

describe('which alternatives are offered', () => {
  const offered = (target: number, rest: Parameters<typeof testChoiceContext>[1] = {}) => {
    const { ways } = findWays(gratin, testAim([target]), testChoiceContext([LE], rest), { frontierOf: null });
    return { best: ways[0]!, differs: ways.slice(1).map((w) => w.differs), ways };
  };
  it('without leaving out only where the best leaves something out', () => {
    for (const target of [3, 4, 5, 6, 8, 10, 12]) {
      const { best, differs } = offered(target);
      if (best && !best.changes.some((c) => c.kind === 'leaveOut'))
        expect(differs).not.toContain('nothing is left out');
      if (best && !best.changes.some((c) => c.kind === 'standIn')) expect(differs).not.toContain('without stand-ins');
    }
  });
  it('with what is in the house where the best needs something else, and then it needs nothing else', () => {
    const stock = new Map<string, number | null>([['milk-evaporated-skim', null]]);
    const { best, ways } = offered(9, { house: { stock, only: false } });
    const there = (w: Way) => w.changes.every((c) => c.brings.every((b) => stock.has(b.foodId)));
    for (const w of ways.filter((x) => x.differs === 'with what is in the house')) expect(there(w)).toBe(true);
    if (there(best)) expect(ways.some((w) => w.differs === 'with what is in the house')).toBe(false);
    expect(offered(9).differs).not.toContain('with what is in the house');
  });
});

describe('what must not be in a dish', () => {
  const bars = readVersion(
    ['2 cups rolled oats', '1 cup walnuts', '1 cup almonds', '1/2 cup honey', '1/4 cup butter'],
    { servings: 12 },
  );
  const people = [{ name: 'Tomas', allergies: ['tree-nuts' as const], avoids: [] }];
  const found = findWays(
    bars,
    testAim([4]),
    testChoiceContext([LE], { without: { ...readWithout(['nuts']), people } }),
    { frontierOf: 0 },
  );
  it('goes first, with for whom, and is no departure', () => {
    expect(found.ways[0]!.departure).toBe(0);
    expect(found.ways[0]!.changes.map((c) => c.from)).toEqual(['1 cup walnuts', '1 cup almonds']);
    const gone = found.choices.filter((l) => l.mustGo.length > 0);
    expect(gone.map((l) => l.mustGo[0])).toEqual([
      'Tomas: allergic to tree nuts (walnuts)',
      'Tomas: allergic to tree nuts (almonds)',
    ]);
  });
  it('leaves the oats in, and the frontier says the same', () => {
    expect(found.ways[0]!.changes.some((c) => c.from.includes('oats'))).toBe(false);
    expect(found.frontier[0]!.departure).toBe(0);
    expect(found.frontier[0]!.points).toBe(found.ways[0]!.points[0]);
  });
  it('goes also where nobody knows how much of it there is', () => {
    const served = readVersion(['2 cups rolled oats', '1/2 cup honey', 'walnuts, to decorate'], { servings: 12 });
    const seasoned = readVersion(['500 g potatoes', '50 g butter', 'soy sauce to taste'], { servings: 4 });
    const context = testChoiceContext([LE], { without: { allergies: ['tree-nuts'], avoids: [], people } });
    const { ways } = findWays(served, testAim([4]), context, { frontierOf: 0 });
    expect(ways[0]!.changes.map((c) => c.from)).toContain('walnuts, to decorate');
    const soy = testChoiceContext([LE], { without: { allergies: ['soy'], avoids: [] } });
    const without = findWays(seasoned, testAim([9]), soy, { frontierOf: 0 }).ways[0]!;
    expect(without.changes.map((c) => c.from)).toContain('soy sauce to taste');
    // Who may eat it keeps it.
    const anybody = findWays(seasoned, testAim([9]), testChoiceContext([LE]), { frontierOf: 0 });
    expect(anybody.choices.some((l) => l.item.includes('soy'))).toBe(false);
  });
  it('is out of the calories that a limit is held against', () => {
    const context = testChoiceContext([LE], { without: readWithout(['nuts']) });
    expect(findWays(bars, testAim([null], { kcal: 150 }), context, { frontierOf: null }).reachable).toBe(true);
  });
});

describe('what somebody does not want on top', () => {
  const pot = readVersion(['500 g potatoes', '100 g cheddar'], {
    steps: [{ id: 's1', text: 'Boil the potatoes and scatter the cheddar on top.' }],
  });
  const inside = readVersion(['500 g potatoes', '100 g cheddar'], {
    steps: [{ id: 's1', text: 'Boil the potatoes and melt the cheddar into them.' }],
  });
  const people = [{ name: 'Juri', allergies: [], avoids: [], notOnTop: ['cheddar'] }];
  const context = testChoiceContext([LE], { without: { ...people[0]!, people } });
  it('goes where it is a topping, for whom it is said, and stays inside', () => {
    const top = { ...pot, lines: pot.lines.map((l, i) => (i === 1 ? { ...l, role: 'topping' as const } : l)) };
    expect(benchOf(top, context).choices[1]!.mustGo).toEqual(['Juri: avoids cheddar on top']);
    expect(benchOf(inside, context).choices[1]!.mustGo).toEqual([]);
  });
});

describe('what cannot be had', () => {
  const dip = readVersion(['500 g quark', '1 bunch chives']);
  it('goes first by what stands in for it, and is no departure that others could avoid', () => {
    const quark = dip.lines[0]!.food;
    const id = quark.kind === 'food' ? quark.foodId : '';
    const context = testChoiceContext([LE], { lacking: new Set([id]) });
    const { choices, ways } = findWays(dip, testAim([null]), context, { frontierOf: null });
    expect(choices[0]!.mustGo.join()).toMatch(/cannot be had/);
    expect(ways[0]!.changes.map((c) => c.lineId)).toEqual(['l0']);
    expect(ways[0]!.departure).toBe(0);
    expect(ways[0]!.changes[0]!.to).not.toBe('nothing');
  });
});
