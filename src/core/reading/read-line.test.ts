import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { readLine } from './read-line.ts';
import { readNumber } from './read-number.ts';
import type { Reading, ReadingPart } from './reading.ts';

type HardLine = Partial<Reading> & Pick<Reading, 'line'>;
// Lines and expectations were written before the reader, and are not edited to suit it.
const HARD: HardLine[] = JSON.parse(
  readFileSync(new URL('../../../tests/data/hard-lines.json', import.meta.url), 'utf8'),
);
const lower = (t: string | null | undefined): string | null => t?.toLowerCase() ?? null;
const sorted = (xs: readonly string[] = []): string[] => [...xs].map((x) => x.toLowerCase()).sort();

/** Whether a line is read whole: every part of it as expected. */
function readsWhole(want: HardLine): boolean {
  const got = readLine(want.line);
  const close = (a: number | null | undefined, b: number | null) =>
    a == null || b === null ? (a ?? null) === b : Math.abs(a - b) < 1e-9;
  const parts = (ps: readonly ReadingPart[] = []) =>
    JSON.stringify(ps.map((p) => [p.quantity, p.quantityMax ?? null, p.unit, p.relation]));
  return (
    close(want.quantity, got.quantity) &&
    close(want.quantityMax, got.quantityMax) &&
    close(want.packageQuantity, got.packageQuantity) &&
    (want.unit ?? null) === got.unit &&
    (want.packageUnit ?? null) === got.packageUnit &&
    lower(want.item) === lower(got.item) &&
    lower(want.note) === lower(got.note) &&
    parts(want.parts) === parts(got.parts) &&
    JSON.stringify(sorted(want.modifiers)) === JSON.stringify(sorted(got.modifiers)) &&
    JSON.stringify(sorted(want.alternatives)) === JSON.stringify(sorted(got.alternatives))
  );
}

describe('100 hard lines', () => {
  it('are read whole, at least 95 of them', () => {
    expect(HARD).toHaveLength(100);
    const missed = HARD.filter((h) => !readsWhole(h)).map((h) => h.line);
    expect(missed.length, missed.join('\n')).toBeLessThanOrEqual(5);
  });
});

describe('numbers', () => {
  it.each([
    ['1 1/2 cups', 1.5],
    ['2/3 cup', 2 / 3],
    ['1,5 kg', 1.5],
    ['1,200 g', 1200],
    ['12,345 g', 12345],
    ['0,250 l', 0.25],
    ['.5 l', 0.5],
    ['one and a half cups', 1.5],
    ['2 and a half cups', 2.5],
    ['three quarters of a cup', 0.75],
    ['a third of a cup', 1 / 3],
    ['half a dozen eggs', 6],
    ['two dozen eggs', 24],
    ['a couple of carrots', 2],
    ['twelve eggs', 12],
  ])('%s', (text, value) => expect(readNumber(text)!.value).toBeCloseTo(value, 12));
  it.each(['', 'sugar', '1/0 cup', 'x 2'])('has none in "%s"', (text) => expect(readNumber(text)).toBeNull());
});

describe('more shapes of lines', () => {
  it.each<[string, Partial<Reading>]>([
    [
      'four 6-oz salmon fillets',
      { quantity: 4, unit: null, packageQuantity: 6, packageUnit: 'ounce', item: 'salmon fillets' },
    ],
    [
      'Chicken breasts, 4 (about 150 g each)',
      { quantity: 4, packageQuantity: 150, packageUnit: 'gram', item: 'Chicken breasts' },
    ],
    ['1 1-lb package spaghetti', { quantity: 1, unit: 'package', packageQuantity: 1, packageUnit: 'pound' }],
    [
      '14.5 oz can tomatoes',
      { quantity: 1, unit: 'can', packageQuantity: 14.5, packageUnit: 'ounce', item: 'tomatoes' },
    ],
    [
      'vegetable or chicken broth, 2 cups',
      { item: 'vegetable broth', alternatives: ['chicken broth'], quantity: 2, unit: 'cup' },
    ],
    ['4 x 150g salmon fillets', { quantity: 4, packageQuantity: 150, packageUnit: 'gram', item: 'salmon fillets' }],
    [
      '3 medium (about 1 lb) carrots',
      {
        quantity: 3,
        packageQuantity: null,
        parts: [{ quantity: 1, quantityMax: null, unit: 'pound', relation: 'same' }],
      },
    ],
    [
      'juice of half a lemon (about 1 tablespoon)',
      {
        quantity: 0.5,
        item: 'lemon juice',
        parts: [{ quantity: 1, quantityMax: null, unit: 'tablespoon', relation: 'same' }],
      },
    ],
    ['juice of 2 large tomatoes', { quantity: 2, item: 'tomato juice', modifiers: ['large'] }],
    ['1 thumb-sized piece of ginger', { quantity: 1, unit: 'knob', item: 'ginger' }],
    ['2 cm piece of ginger', { quantity: 2, unit: 'centimeter', item: 'ginger' }],
    ['onions (2)', { quantity: 2, unit: null, item: 'onions' }],
    ['carrots x 3', { quantity: 3, unit: null, item: 'carrots' }],
    ['1/2 of a medium onion', { quantity: 0.5, item: 'onion', modifiers: ['medium'] }],
    ['1 large egg plus 1 egg yolk', { quantity: 1, item: 'egg', note: 'plus 1 egg yolk' }],
    ['3 cloves', { quantity: 3, unit: null, item: 'cloves' }],
    ['1 tablespoon minced garlic', { item: 'garlic', note: 'minced' }],
    ['1 lb minced beef', { item: 'minced beef', note: null }],
    ['2 c shredded carrots', { quantity: 2, unit: 'cup', item: 'carrots', note: 'shredded' }],
    ['1 cup sugar, plus 2 tbsp for dusting', { quantity: 1, unit: 'cup', item: 'sugar' }],
  ])('%s', (line, want) => expect(readLine(line)).toMatchObject(want));
});

describe('a range', () => {
  it.each([
    ['2 to 3 eggs', 2, 3],
    ['2 to 2 eggs', 2, null],
    ['2-2½ cups flour', 2, 2.5],
  ])('%s', (line, quantity, quantityMax) =>
    expect(readLine(line, null)).toMatchObject({ quantity, quantityMax, item: line.replace(/^.* /, '') }),
  );
});

describe('bad lines', () => {
  it('warns of an amount of nothing', () => {
    const r = readLine('0 cups flour');
    expect(r).toMatchObject({ quantity: 0, unit: 'cup', item: 'flour' });
    expect(r.warnings[0]).toMatch(/zero/);
  });
  it('takes no amount below zero, and asks', () => {
    const r = readLine('-3 eggs');
    expect(r.quantity).toBeNull();
    expect(r.item).toContain('3 eggs');
    expect(r.confidence).toBeLessThan(0.5);
    expect(r.warnings[0]).toMatch(/below zero/);
  });
  it('keeps a line of 2,000 characters whole, and asks whether it is one', () => {
    const long = `1 cup ${'sugar and spice '.repeat(125)}`;
    const r = readLine(long);
    expect(r.line).toBe(long);
    expect(r.warnings[0]).toMatch(/too long/);
  });
  it('reads ten thousand digits and slashes at once', () => {
    const before = performance.now();
    readLine('1/2 '.repeat(95));
    readLine('1 2 3 4 5 6 7 8 9 '.repeat(22));
    expect(performance.now() - before).toBeLessThan(1000);
  });
});
