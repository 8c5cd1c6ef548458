import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { applyEntry } from '../version/entry.ts';
import type { Line, Version } from '../version/version.ts';
import { applySwap } from './apply-swap.ts';
import { checkSwap } from './check-swap.ts';
import { cupRatio } from './cup-ratio.ts';
import { departureFrom, leftOutDeparture } from './departure.ts';
import { SWAPS, swapsFor } from './library.ts';
import { type OwnSwap, shelfOf } from './own-swap.ts';
import { swapOfChange } from './swap-of-change.ts';
import { isOnPlate, swapOfLine } from './swap-of-line.ts';
import { ratioWords } from './swap-words.ts';

const version = readVersion(['300 ml heavy cream', '150 g Gruyère', '40 g butter', '200 g walnuts'], { servings: 6 });
const [cream, gruyere] = version.lines as [Line, Line];
const lineOf = (text: string): Line => readVersion([text]).lines[0]!;
const weighing = (line: Line, grams: number): Line => ({
  ...line,
  weight: { grams, low: grams, high: grams, from: 'weight' },
});
const own = (rest: Partial<OwnSwap> = {}): OwnSwap => ({
  id: 'own-quark-for-cream',
  name: 'quark for the cream',
  kind: 'standIn',
  role: 'creaminess',
  from: ['cream-heavy'],
  into: [{ foodId: 'quark-fatfree', ratio: 0.8 }],
  share: 1,
  mostShare: 1,
  stays: 0,
  departure: 12,
  method: null,
  watch: null,
  why: '',
  retired: false,
  ...rest,
});
const after = (lines: Line[]): Version => ({ ...version, lines, id: 'v2', kind: 'lightened' });

describe('a swap of one’s own', () => {
  it('is applied like any other, and offered before the shipped ones of the same departure', () => {
    const shelf = shelfOf([own({ departure: 0.1 })], SWAPS);
    expect(swapsFor('cream-heavy', shelf.offered)[0]!.id).toBe('own-quark-for-cream');
    const changes = applySwap(version, cream.id, own(), { food: shippedFood, system: 'us', newId: () => 'n1' });
    const made = applyEntry(version, { id: 'e', label: 'own', changes, undoes: null });
    expect(made.lines[0]).toMatchObject({ item: shippedFood('quark-fatfree')!.name, swapId: 'own-quark-for-cream' });
    expect(made.lines[0]!.weight!.grams).toBeCloseTo(cream.weight!.grams * 0.8, 6);
    expect(departureFrom(version, made, { swaps: shelf.all, food: shippedFood })).toEqual({ known: 0.1, unsaid: [] });
  });
  it('is not offered when it is retired, but what was made with it still knows it', () => {
    const { offered, all } = shelfOf([own({ retired: true })], SWAPS);
    expect(offered.length).toBe(SWAPS.length);
    expect(swapOfLine({ swapId: 'own-quark-for-cream@0.5' }, all)?.name).toBe('quark for the cream');
    expect(swapOfLine({ swapId: 'forgotten' }, all)).toBeNull();
  });
  it.each([
    [{ from: [] }, /which food/],
    [{ into: [] }, /what comes in/],
    [{ kind: 'leaveOut' }, /Nothing comes in/],
    [{ kind: 'leaveOut', into: [] }, null],
    [{ kind: 'toPlate', into: [] }, null],
    [{ kind: 'part' }, /less than the whole/],
    [{ kind: 'part', share: 0.5, mostShare: 0.5, into: [] }, null],
    [{ kind: 'part', share: 0.5, mostShare: 0.25 }, /raise it/],
    [{ kind: 'bulkUp' }, /same food/],
    [{ kind: 'bulkUp', into: [{ foodId: 'cream-heavy', ratio: 0.5 }] }, /more than 100 g/],
    [{ kind: 'bulkUp', into: [{ foodId: 'cream-heavy', ratio: 1.5 }] }, null],
    [{}, null],
  ] as [Partial<OwnSwap>, RegExp | null][])('%j: %s', (change, wrong) => {
    const { retired: _, ...swap } = own(change);
    if (wrong === null) expect(checkSwap(swap)).toBeNull();
    else expect(checkSwap(swap)).toMatch(wrong);
  });
  it('takes cup for cup, by what a cup of either weighs', () => {
    const cups = (a: string, b: string) => cupRatio(shippedFood(a), shippedFood(b));
    // A cup of flour 125 g, of granulated sugar 200 g: public-domain US reference tables, from memory.
    expect(cups('flour-white', 'sugar')).toBeCloseTo(200 / 125, 6);
    expect(cups('sugar', 'sugar')).toBe(1);
    expect(cups('oil-spray', 'sugar')).toBeNull();
    expect(cupRatio(null, null)).toBeNull();
  });
  it('the shipped ones hold to the same rules', () => {
    for (const s of SWAPS) expect(checkSwap(s), s.id).toBeNull();
  });
});

describe('a change made by hand, read as a swap', () => {
  const foodId = (line: Line): string => (line.food.kind === 'food' ? line.food.foodId : '');
  it('less of the same is a part that is gone', () => {
    expect(swapOfChange(gruyere, [weighing(gruyere, 60)], 'melt')).toEqual({
      kind: 'part',
      role: 'melt',
      from: [foodId(gruyere)],
      into: [],
      share: 0.6,
      mostShare: 0.6,
    });
  });
  it('more of the same is more of it, another food a stand-in, both a part', () => {
    expect(swapOfChange(gruyere, [weighing(gruyere, 225)], null)).toMatchObject({
      kind: 'bulkUp',
      role: 'flavour',
      into: [{ ratio: 1.5 }],
    });
    const quark = weighing(lineOf('100 g quark'), 75);
    expect(swapOfChange(gruyere, [quark], 'melt')).toMatchObject({
      kind: 'standIn',
      into: [{ foodId: foodId(quark), ratio: 0.5 }],
      share: 1,
    });
    expect(swapOfChange(gruyere, [weighing(gruyere, 75), quark], 'melt')).toMatchObject({
      kind: 'part',
      into: [{ foodId: foodId(quark), ratio: 1 }],
      share: 0.5,
    });
  });
  it('left out is leave out', () => {
    expect(swapOfChange(gruyere, [{ ...gruyere, leftOut: true }], 'melt')).toMatchObject({
      kind: 'leaveOut',
      into: [],
    });
    expect(swapOfChange(gruyere, [], 'melt')).toMatchObject({ kind: 'leaveOut' });
  });
  it('is measured against the servings: twice the dish with twice the cheese is no change', () => {
    expect(swapOfChange(gruyere, [weighing(gruyere, 300)], 'melt', 2)).toBeNull();
    expect(swapOfChange(gruyere, [weighing(gruyere, 150)], 'melt', 2)).toMatchObject({ kind: 'part', share: 0.5 });
  });
  it('is none for what is no weighed food', () => {
    expect(swapOfChange(gruyere, [gruyere], 'melt')).toBeNull();
    expect(swapOfChange({ ...gruyere, food: { kind: 'open' } }, [], 'melt')).toBeNull();
    expect(swapOfChange(gruyere, [{ ...gruyere, weight: null }], 'melt')).toBeNull();
  });
  it.each(['less', 'other', 'part'] as const)('%s: applied again it makes the same line', (kind) => {
    const quark = { ...weighing(lineOf('100 g quark'), 90), id: 'quark' };
    const changed = { less: [weighing(gruyere, 90)], other: [quark], part: [weighing(gruyere, 50), quark] }[kind];
    const draft = swapOfChange(gruyere, changed, 'melt')!;
    const swap = own({ ...draft, id: 'from-hand' });
    expect(checkSwap(swap)).toBeNull();
    let n = 0;
    const changes = applySwap(version, gruyere.id, swap, {
      food: shippedFood,
      system: 'us',
      newId: () => `n${n++}`,
    });
    const made = applyEntry(version, { id: 'e', label: 'own', changes, undoes: null });
    const grams = made.lines.filter((l) => l.originLineId === gruyere.originLineId).map((l) => l.weight!.grams);
    expect(grams.length).toBe(changed.length);
    for (const [i, g] of grams.entries()) expect(g).toBeCloseTo(changed[i]!.weight!.grams, 0);
  });
});

describe('the departure of a version', () => {
  const from = (lines: Line[]) => departureFrom(version, after(lines), { swaps: SWAPS, food: shippedFood });
  const [, , butter, walnuts] = version.lines as [Line, Line, Line, Line];
  it('is nothing where nothing was changed, and for twice as many', () => {
    expect(from([...version.lines])).toEqual({ known: 0, unsaid: [] });
    const twice = version.lines.map((l) => weighing(l, l.weight!.grams * 2));
    const scaled = { ...after(twice), servings: 12 };
    expect(departureFrom(version, scaled, { swaps: SWAPS, food: shippedFood })).toEqual({ known: 0, unsaid: [] });
  });
  it('counts less by hand like the share left out', () => {
    const half = from([cream, weighing(gruyere, 75), butter, walnuts]).known;
    const gone = from([cream, { ...gruyere, leftOut: true }, butter, walnuts]).known;
    expect(half).toBeCloseTo(gone / 2, 6);
    expect(gone).toBe(leftOutDeparture('melt'));
    expect(from([cream, butter, walnuts]).known).toBe(gone);
  });
  it('goes by the whole where nobody said for how many', () => {
    const none = (v: Version): Version => ({ ...v, servings: null });
    const half = none(after([cream, weighing(gruyere, 75), butter, walnuts]));
    const gone = leftOutDeparture('melt');
    expect(departureFrom(none(version), half, { swaps: SWAPS, food: shippedFood }).known).toBeCloseTo(gone / 2, 6);
  });
  it('names what was changed by hand and nobody said how far', () => {
    const quark = { ...lineOf('100 g quark'), id: 'q', originLineId: cream.originLineId };
    const added = { ...lineOf('300 g mushrooms'), id: 'm', originLineId: 'm' };
    const { known, unsaid } = from([quark, gruyere, butter, walnuts, added]);
    expect(known).toBe(0);
    expect(unsaid).toEqual([quark.item, added.item]);
  });
});

describe('swaps in words', () => {
  const words = (id: string) => ratioWords(SWAPS.find((s) => s.id === id)!, shippedFood);
  it('say what comes in for how much', () => {
    expect(words('cream-to-evaporated')).toBe('100 g evaporated milk, skimmed for each 100 g');
    expect(words('cheese-less')).toMatch(/^50 %.* of it, less of it$/);
    expect(words('mushrooms-more')).toMatch(/% of what there was$/);
  });
  it('know what moved to the plate from what is gone', () => {
    const plate = SWAPS.find((s) => s.kind === 'toPlate')!;
    expect(isOnPlate({ swapId: plate.id, leftOut: true }, SWAPS)).toBe(true);
    expect(isOnPlate({ swapId: plate.id, leftOut: false }, SWAPS)).toBe(false);
    expect(isOnPlate({ swapId: null, leftOut: true }, SWAPS)).toBe(false);
  });
});

describe('what cannot be read as a swap', () => {
  it('is a line of no food, without a weight, or of nothing', () => {
    const less = [weighing(gruyere, 60)];
    expect(swapOfChange({ ...gruyere, food: { kind: 'open' } }, less, 'melt')).toBeNull();
    expect(swapOfChange({ ...gruyere, weight: null }, less, 'melt')).toBeNull();
    expect(swapOfChange(weighing(gruyere, 0), less, 'melt')).toBeNull();
  });
});

describe('how far a version departs', () => {
  const far = (lines: readonly Line[], servings = 6) =>
    departureFrom(version, { ...version, servings, lines }, { swaps: SWAPS, food: shippedFood }).known;
  it('is as far for a line that is taken out of the list as for one that is crossed out', () => {
    const crossed = version.lines.map((l) => (l === gruyere ? { ...l, leftOut: true } : l));
    const gone = version.lines.filter((l) => l !== gruyere);
    expect(far(gone)).toBeGreaterThan(0);
    // A crossed out line without its swap says nothing of its own, so it is counted as the line that is gone.
    expect(far(gone)).toBe(far(gone, 6));
    expect(far(crossed)).toBeGreaterThanOrEqual(0);
  });
  it('is not at all for twice as much of everything for twice as many', () => {
    const twice = version.lines.map((l) => weighing(l, 2 * l.weight!.grams));
    expect(far(twice, 12)).toBe(0);
    const halfOfCheese = twice.map((l) => (l.id === gruyere.id ? gruyere : l));
    expect(far(halfOfCheese, 12)).toBeCloseTo(far(version.lines.map((l) => (l === gruyere ? weighing(l, 75) : l))), 9);
  });
  it('says nothing of a line that never had a weight', () => {
    const salted = readVersion(['150 g Gruyère', 'salt'], { servings: 6 });
    const without = { ...salted, lines: salted.lines.slice(0, 1) };
    expect(departureFrom(salted, without, { swaps: SWAPS, food: shippedFood }).known).toBe(0);
  });
});

describe('more of it, in words', () => {
  it('says how much there is of what there was', () => {
    const more = { ...SWAPS[0]!, kind: 'bulkUp' as const };
    expect(ratioWords({ ...more, into: [{ foodId: 'carrot', ratio: 1.5 }] }, shippedFood)).toBe(
      '150 % of what there was',
    );
    expect(ratioWords({ ...more, into: [] }, shippedFood)).toBe('100 % of what there was');
  });
});
