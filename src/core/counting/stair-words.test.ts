import { describe, expect, it } from 'vitest';
import { counterOf, pointFood, sample, testLine, testProgram } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { holdingTogether } from '../dish/holds-together.ts';
import { plainCounter } from '../program/program.ts';
import { countVersion } from './count-version.ts';
import { exactWords, stairPlace } from './stair-words.ts';

const NOBODY: ReadonlySet<string> = new Set();

describe('where a dish stands on its stair', () => {
  const gratin = readVersion(['1.2 kg potatoes', '300 ml cream', '150 g Gruyère', '40 g butter'], { servings: 6 });
  const lines = countVersion(gratin, kitchenOf(), []).lines;
  const place = (mark: string, kept = NOBODY) =>
    stairPlace(lines, plainCounter(sample(mark)), { servings: 6 }, kept, 'us');
  it('says how much of what must go, and it is true', () => {
    const { less, count } = place('LE');
    const m = /(\d+) g\)? less (\w+) makes it (\d+)\./.exec(less)!;
    expect(Number(m[3])).toBe(count.points - 1);
    const shorter = {
      ...gratin,
      lines: gratin.lines.map((l) =>
        l.item.startsWith(m[2]!) ? { ...l, weight: { ...l.weight!, grams: l.weight!.grams - Number(m[1]) } } : l,
      ),
    };
    expect(countVersion(shorter, kitchenOf(), [plainCounter(sample('LE'))]).counts[0]!.points).toBe(count.points - 1);
  });
  it.each(['LE', 'LA', 'HA', 'HO'])(
    'takes as much as it says away for %s, and a step less is what comes of it',
    (mark) => {
      const { cut, less } = place(mark);
      if (cut === null) return expect(less).not.toMatch(/makes it/);
      const shorter = gratin.lines.map((l) =>
        l.id === cut.lineId ? { ...l, weight: { ...l.weight!, grams: l.weight!.grams - cut.grams } } : l,
      );
      const { counts } = countVersion({ ...gratin, lines: shorter }, kitchenOf(), [plainCounter(sample(mark))]);
      expect(counts[0]!.points).toBe(cut.points);
    },
  );
  it('says it in a measure of the kitchen where one comes out even', () => {
    const mash = readVersion(['1 kg potatoes', '60 g butter'], { servings: 4 });
    const lines = countVersion(mash, kitchenOf(), []).lines;
    const house = stairPlace(lines, plainCounter(sample('HO')), { servings: 4 }, NOBODY, 'us');
    // Who weighs the butter goes on weighing it; who measures it does not.
    expect(house.more).toBe('Up to 6 g more butter changes nothing.');
    // Of a kilo of potatoes nobody misses it; of the butter it would be a larger share.
    expect(house.less).toBe('27 g less potatoes makes it 7.');
    const spoons = readVersion(['1 kg potatoes', '4 tbsp butter'], { servings: 4 });
    const spooned = countVersion(spoons, kitchenOf(), []).lines;
    const potatoes = new Set([spoons.lines[0]!.id]);
    const by = stairPlace(spooned, plainCounter(sample('HO')), { servings: 4 }, potatoes, 'us');
    expect(`${by.less} ${by.more}`).toMatch(/ t(?:b?)sp \(/);
    // A line of two foods has no measure of its own.
    const two = [{ ...lines[1]!, parts: [...lines[1]!.parts, lines[0]!.parts[0]!] }];
    const mixed = stairPlace(two, plainCounter(sample('HO')), { servings: 4 }, NOBODY, 'us');
    expect(`${mixed.less} ${mixed.more}`).not.toMatch(/tsp|tbsp|cup/);
  });
  it('never asks for more than a third of a line, nor for what holds the dish together', () => {
    // 20 g of butter of which nearly all would have to go.
    const toast = readVersion(['20 g butter', '40 g bread'], { servings: 1 });
    const lines = countVersion(toast, kitchenOf(), []).lines;
    for (const mark of ['LE', 'LA', 'HA', 'HO']) {
      const { less } = stairPlace(lines, plainCounter(sample(mark)), { servings: 1 }, NOBODY, 'us');
      const m = /^(\d+(?:\.\d+)?) g less (butter|bread)/.exec(less);
      if (m !== null) expect(Number(m[1]) / (m[2] === 'butter' ? 20 : 40)).toBeLessThanOrEqual(1 / 3);
      else expect(less).toMatch(/^No s/);
    }
    const sauce = readVersion(['40 g butter', '40 g flour', '500 ml milk'], {
      servings: 4,
      steps: [{ id: 's', text: 'Melt the butter, stir in the flour and cook the roux. Whisk in the milk.' }],
    });
    const held = holdingTogether(sauce, shippedFood);
    expect([...held]).toEqual([sauce.lines[0]!.id, sauce.lines[1]!.id]);
  });
  it('never names a kept line for going', () => {
    const named = place('LE').less;
    const id = gratin.lines.find((l) => named.includes(l.item))!.id;
    expect(place('LE', new Set([id])).less).not.toContain(gratin.lines.find((l) => l.id === id)!.item);
  });
  it('lies between the edges of its step', () => {
    for (const mark of ['LE', 'LA', 'HA', 'HO']) {
      const p = place(mark);
      expect(p.along).toBeGreaterThanOrEqual(0);
      expect(p.along).toBeLessThanOrEqual(1);
      expect(p.from).toBeLessThanOrEqual(p.count.raw + 1e-9);
      expect(p.to).toBeGreaterThan(p.count.raw);
    }
  });
  it('says so when nothing counts, and when no single line is enough', () => {
    const counter = counterOf(testProgram());
    expect(stairPlace([], counter, { servings: 1 }, NOBODY, 'us').less).toBe('It counts nothing.');
    const many = Array.from({ length: 5 }, (_, i) => testLine(pointFood(`p${i}`), 0.48));
    expect(stairPlace(many, counter, { servings: 1 }, new Set(many.map((l) => l.id)), 'us').less).toMatch(
      /No single line/,
    );
  });
  it('writes as many decimals as it takes to stand on the right step', () => {
    const half = counterOf(testProgram({ step: 0.5 }));
    expect(exactWords({ raw: 19.7481, points: 19.5, by: 'ingredients' }, half)).toBe('19.748');
    expect(exactWords({ raw: 5.602, points: 6, by: 'ingredients' }, counterOf(testProgram()))).toBe('5.60');
  });
});

describe('how far along its step a dish is', () => {
  it('is the share of the way from its lower edge to the next', () => {
    // 10.3 on a step from 9.5 to 10.5; 0.2 on the lowest one, which begins at 0.
    const at = (raw: number) =>
      stairPlace([testLine(pointFood(), raw)], counterOf(testProgram()), { servings: 1 }, NOBODY, 'us');
    expect(at(10.3)).toMatchObject({ from: 9.5, to: 10.5 });
    expect(at(10.3).along).toBeCloseTo(0.8, 9);
    expect(at(0.2)).toMatchObject({ from: 0, to: 0.5 });
    expect(at(0.2).along).toBeCloseTo(0.4, 9);
  });
});
