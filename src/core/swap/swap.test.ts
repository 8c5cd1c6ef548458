import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { plainCounter } from '../program/program.ts';
import { applyEntry } from '../version/entry.ts';
import { scaledStep } from '../version/scale-step.ts';
import type { Version } from '../version/version.ts';
import { allergensBroughtIn, applySwap, mostShareOf, whyNot } from './apply-swap.ts';
import { avoidedBy } from './avoided.ts';
import { departureFrom } from './departure.ts';
import { fitsRole } from './fits-line.ts';
import { SWAPS, swapsFor } from './library.ts';
import { SWAP_KINDS, type Swap } from './swap.ts';

let ids = 0;
const context = { food: shippedFood, system: 'us', newId: () => `new-${ids++}` } as const;
const swap = (id: string): Swap => SWAPS.find((s) => s.id === id)!;
const swapped = (version: Version, lineId: string, s: Swap): Version =>
  applyEntry(version, {
    id: `e${ids++}`,
    label: s.name,
    changes: applySwap(version, lineId, s, context),
    undoes: null,
  });
const grams = (v: Version): number[] => v.lines.map((l) => Math.round((l.weight?.grams ?? 0) * 10) / 10);

describe('the library', () => {
  it('has at least 220 swaps, over every kind, all with foods of the pantry', () => {
    expect(SWAPS.length).toBeGreaterThanOrEqual(220);
    expect(new Set(SWAPS.map((s) => s.kind))).toEqual(new Set(SWAP_KINDS));
    expect(new Set(SWAPS.map((s) => s.id)).size).toBe(SWAPS.length);
    for (const s of SWAPS) {
      for (const id of [...s.from, ...s.into.map((i) => i.foodId)])
        expect(shippedFood(id), `${s.id}: ${id}`).not.toBeNull();
      expect(s.share).toBeGreaterThan(0);
      expect(s.share).toBeLessThanOrEqual(1);
      expect(s.departure).toBeGreaterThan(0);
    }
  });
  // Every swap, on every food it names: what comes in weighs what the ratio says, and somebody's points do not
  // rise but where the swap is for bulk.
  it.each(SWAPS.map((s) => [s.id, s] as const))('%s leaves amounts, points, steps and allergens right', (_, s) => {
    for (const from of s.from) {
      const food = shippedFood(from)!;
      const version = readVersion([`200 g ${food.name}`], { servings: 2, steps: [{ id: 's1', text: 'Cook it.' }] });
      const line = {
        ...version.lines[0]!,
        food: { kind: 'food', foodId: from, revision: 1 } as const,
        weight: { grams: 200, low: 200, high: 200, from: 'weight' } as const,
      };
      const before = { ...version, lines: [line] };
      const after = swapped(before, line.id, s);
      const total = after.lines.filter((l) => !l.leftOut).reduce((sum, l) => sum + l.weight!.grams, 0);
      const wanted =
        s.kind === 'leaveOut' || s.kind === 'toPlate'
          ? 0
          : s.kind === 'bulkUp'
            ? 200 * s.into[0]!.ratio
            : 200 * (1 - s.share) + 200 * s.share * s.into.reduce((r, t) => r + t.ratio, 0);
      expect(total).toBeCloseTo(wanted, 6);
      expect(after.lines.every((l) => l.originLineId === line.originLineId)).toBe(true);
      const said = new Set(s.methods!.map((m) => m.text));
      expect(after.steps.filter((x) => x.text !== 'Cook it.').every((x) => said.has(x.text))).toBe(true);
      if (s.method !== null) expect(after.steps.length).toBe(2);
      // What is in it now has the allergens of what stayed and of what came in, and no other.
      const here = after.lines.filter((l) => !l.leftOut).map((l) => (l.food.kind === 'food' ? l.food.foodId : ''));
      const stayed = here.includes(from) ? [from] : [];
      const [had, has] = [[food], here.map((id) => shippedFood(id)!)];
      const wantedFoods = [...stayed, ...s.into.map((t) => t.foodId)].map((id) => shippedFood(id)!);
      expect(new Set(has.flatMap((f) => f.allergens))).toEqual(new Set(wantedFoods.flatMap((f) => f.allergens)));
      expect(new Set(allergensBroughtIn(had, has))).toEqual(
        new Set(s.into.flatMap((t) => shippedFood(t.foodId)!.allergens).filter((a) => !food.allergens.includes(a))),
      );
      const counters = ['LE', 'LA', 'HA'].map((m) => plainCounter(sample(m)));
      const raws = (v: Version) => countVersion(v, kitchenOf(), counters).counts.map((c) => c.raw);
      const was = raws(before);
      // Brown rice is lighter only where whole grains are uncounted: somebody must gain.
      if (s.kind !== 'bulkUp' && !s.sameAgain)
        expect(
          raws(after).some((r, i) => r <= was[i]! + 1e-9),
          `${s.id} on ${from}`,
        ).toBe(true);
    }
  });
});

describe('twins for what is not there', () => {
  it.each(SWAPS.filter((s) => s.sameAgain).map((s) => [s.id, s] as const))('%s leaves the points alone', (_, s) => {
    expect(s.departure).toBeLessThanOrEqual(6);
    for (const from of s.from) {
      // As much as a dish for two has of it.
      const grams = shippedFood(from)!.kinds.includes('spice') ? 4 : s.role === 'flavour' ? 20 : 200;
      const version = readVersion([`${grams} g salt`], { servings: 2 });
      const line = {
        ...version.lines[0]!,
        food: { kind: 'food', foodId: from, revision: 1 } as const,
        weight: { grams, low: grams, high: grams, from: 'weight' } as const,
      };
      const before = { ...version, lines: [line] };
      const le = plainCounter(sample('LE'));
      const raw = (v: Version): number => countVersion(v, kitchenOf(), [le]).counts[0]!.raw;
      expect(Math.abs(raw(swapped(before, line.id, s)) - raw(before)), `${s.id} on ${from}`).toBeLessThan(0.5);
    }
  });
});

describe('what a swap says of the method', () => {
  const texts = SWAPS.flatMap((s) => s.methods!.map((m) => [s.id, m.text] as const));
  it.each(texts)('%s stands by itself, whatever the batch: %s', (_, text) => {
    expect(text).not.toMatch(/^[A-Z][a-z-]+ (?:it|them|they)\b/);
    expect(scaledStep(text, 2)).toBe(text);
  });
});

describe('applying a swap', () => {
  const gratin = readVersion(['1 kg potatoes', '300 ml cream', '150 g Gruyère', '2 tbsp mayonnaise'], {
    steps: [
      { id: 's1', text: 'Slice the potatoes.' },
      { id: 's2', text: 'Warm the cream.' },
    ],
  });
  it('replaces the line and says so in the steps, before the step it belongs to', () => {
    const v = swapped(gratin, 'l1', swap('cream-to-evaporated'));
    expect(v.lines[1]).toMatchObject({
      id: 'l1',
      originLineId: 'l1',
      item: 'evaporated milk, skimmed',
      swapId: 'cream-to-evaporated',
    });
    expect(v.lines[1]!.weight!.grams).toBeCloseTo(301.8, 0);
    expect(v.steps.map((s) => s.id === 's1' || s.id === 's2')).toEqual([true, false, true]);
  });
  it('takes a share out and puts what comes in behind it', () => {
    const v = swapped(gratin, 'l1', swap('cream-half-evaporated'));
    expect(grams(v).slice(1, 3)).toEqual([150.9, 150.9]);
    expect(v.lines[2]!.originLineId).toBe('l1');
  });
  it('puts two foods in for one', () => {
    const v = swapped(gratin, 'l3', swap('mayo-to-yogurt'));
    expect(v.lines.slice(3).map((l) => l.item)).toEqual(['strained yogurt, plain, fat-free', 'mustard, prepared']);
  });
  it('only lessens where nothing comes in', () => {
    expect(grams(swapped(gratin, 'l2', swap('cheese-less')))).toEqual([1000, 301.8, 75, 27.6]);
  });
  it('never touches a kept line, nor the wrong food', () => {
    const kept = { ...gratin.lines[1]!, kept: true };
    expect(whyNot(swap('cream-to-evaporated'), kept)).toMatch(/kept/);
    expect(whyNot(swap('cream-to-evaporated'), gratin.lines[0]!)).toMatch(/another food/);
    expect(() => applySwap({ ...gratin, lines: [kept] }, 'l1', swap('cream-to-evaporated'), context)).toThrow(/kept/);
  });
  it('takes no more than leaves what has to stay, so that no share that is offered is refused', () => {
    const pan = readVersion(['10 g butter', '2 onions'], { servings: 4 });
    const half = swap('butter-half-pan');
    const most = mostShareOf(half, pan.lines[0]!, 4);
    expect(most).toBeCloseTo(0.6, 9);
    expect(whyNot(half, pan.lines[0]!, most, 4)).toBeNull();
    expect(whyNot(half, pan.lines[0]!, half.mostShare, 4)).toMatch(/too little/);
    expect(mostShareOf(half, { ...pan.lines[0]!, weight: { ...pan.lines[0]!.weight!, grams: 100 } }, 4)).toBe(0.75);
  });
  it('adds up its departure, once for each line', () => {
    const v = swapped(swapped(gratin, 'l1', swap('cream-half-evaporated')), 'l2', swap('cheese-less'));
    const departs = (version: Version) => departureFrom(gratin, version, { swaps: SWAPS, food: shippedFood }).known;
    expect(departs(v)).toBe(7 + 11);
    expect(departs(gratin)).toBe(0);
  });
  it('offers the nearest swap first', () => {
    const departures = swapsFor('cream-heavy').map((s) => s.departure);
    expect(departures.length).toBeGreaterThan(2);
    expect(departures).toEqual([...departures].sort((a, b) => a - b));
  });
});

describe('allergens and things avoided', () => {
  const foods = (...names: string[]) => names.map((id) => SHIPPED_FOODS.find((f) => f.id === id)!);
  it('are found when a swap brings them in', () => {
    expect(allergensBroughtIn(foods('mayonnaise'), foods('yogurt-greek-fatfree', 'mustard'))).toEqual(['milk']);
    expect(allergensBroughtIn(foods('milk-whole'), foods('milk-skim'))).toEqual([]);
  });
  it('are matched with the eaters', () => {
    const eater = { allergies: ['tree-nuts'], avoids: ['cilantro', 'liver'] } as const;
    expect(avoidedBy(eater, foods('walnuts', 'coriander-leaf'))).toEqual([
      'allergic to tree nuts (walnuts)',
      'avoids cilantro',
    ]);
    expect(avoidedBy(eater, foods('potato'))).toEqual([]);
  });
});

describe('the part that a swap is for', () => {
  const swap = (role: Swap['role'], kind: Swap['kind'] = 'standIn'): Swap => ({ ...SWAPS[0]!, role, kind });
  it('must be the line’s own for fat, browning and thickeners, and may be any for the rest', () => {
    expect(fitsRole(swap('fat'), 'fat')).toBe(true);
    expect(fitsRole(swap('fat'), 'browning')).toBe(false);
    expect(fitsRole(swap('thickener'), 'starch-base')).toBe(false);
    expect(fitsRole(swap('fat'), null)).toBe(true);
    expect(fitsRole(swap('melt'), 'topping')).toBe(true);
  });
  it('is anything for a twin, but a twin of fat does not brown', () => {
    expect(fitsRole(swap('fat', 'twin'), 'browning')).toBe(false);
    expect(fitsRole(swap('fat', 'twin'), 'topping')).toBe(true);
    expect(fitsRole(swap('melt', 'twin'), 'browning')).toBe(true);
    expect(fitsRole(swap('thickener', 'twin'), 'melt')).toBe(true);
  });
});

describe('what is avoided', () => {
  const foods = ['cream-heavy', 'walnuts', 'cheddar'].map((id) => shippedFood(id)!);
  const avoiding = (...avoids: string[]) => avoidedBy({ allergies: [], avoids }, foods);
  it('is a food whose name or synonym holds all of its words', () => {
    expect(avoiding('walnut')).toEqual(['avoids walnut']);
    expect(avoiding('heavy cream')).toEqual(['avoids heavy cream']);
    expect(avoiding('sour cream')).toEqual([]);
  });
  it('is nothing where nothing is said', () => {
    expect(avoiding('', '  ', '…')).toEqual([]);
  });
});
