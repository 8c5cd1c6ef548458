import { describe, expect, it } from 'vitest';
import { sample } from '../../../tests/support/test-lines.ts';
import { kitchenOf, readVersion } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { applyEntry, invertChanges } from './entry.ts';
import { pairLines } from './pair-lines.ts';
import { scaleChanges } from './scale-version.ts';

const version = readVersion(
  [
    '1 cup flour',
    '3 eggs',
    '2 to 3 cloves garlic',
    '500 g potatoes, diced',
    '1 (14.5 oz) can tomatoes',
    'salt to taste',
  ],
  { servings: 4 },
);
const scaled = (to: number) =>
  applyEntry(version, { id: 'e', label: 'scale', undoes: null, changes: scaleChanges(version, to) });

describe('scaling', () => {
  it('rewrites amounts as people write them, pieces that do not divide in grams too', () => {
    expect(scaled(2).lines.map((l) => l.text)).toEqual([
      '½ cup flour',
      '1½ eggs (75 g)',
      '1 to 1½ cloves garlic',
      '250 g potatoes, diced',
      '½ can (14½ oz) tomatoes',
      'salt to taste',
    ]);
    expect(
      scaled(8)
        .lines.map((l) => l.text)
        .slice(0, 3),
    ).toEqual(['2 cups flour', '6 eggs', '4 to 6 cloves garlic']);
  });
  it('leaves a serving as it was, for everyone', () => {
    const counters = ['LE', 'LA', 'HA', 'HO'].map((m) => plainCounter(sample(m)));
    const raws = (v: typeof version) => countVersion(v, kitchenOf(), counters).counts.map((c) => c.raw);
    for (const to of [1, 3, 7.5, 100]) {
      for (const [i, r] of raws(scaled(to)).entries()) expect(r).toBeCloseTo(raws(version)[i]!, 9);
    }
    expect(scaled(6).servings).toBe(6);
  });
  it('leaves alone what has no amount, and scales the weight of what has one only by weight', () => {
    const [salt] = version.lines.filter((l) => l.amount === null);
    expect(scaled(8).lines.find((l) => l.id === salt!.id)).toEqual(salt);
    const grams = { grams: 30, low: 20, high: 40, from: 'estimate' as const };
    const rest = { ...version, lines: [{ ...salt!, id: 'rest', weight: grams }] };
    const changes = scaleChanges(rest, 8);
    const twice = applyEntry(rest, { id: 'e', label: 'scale', undoes: null, changes }).lines[0]!;
    expect(twice).toEqual({ ...rest.lines[0], weight: { ...grams, grams: 60, low: 40, high: 80 } });
  });
  it('scales the words of a line that nobody could weigh', () => {
    const dust = readVersion(['2 cups mystery dust'], { servings: 2 });
    expect(dust.lines[0]!.weight).toBeNull();
    const changes = scaleChanges(dust, 4);
    const line = applyEntry(dust, { id: 'e', label: 'scale', undoes: null, changes }).lines[0]!;
    expect(line.text).toBe('4 cups mystery dust');
    expect(line.weight).toBeNull();
  });
  it('is no change of the dish', () => {
    expect(pairLines(version, scaled(7)).filter((p) => p.changed)).toEqual([]);
  });
  it('can be undone', () => {
    const there = scaled(3);
    const back = applyEntry(there, {
      id: 'u',
      label: 'undo',
      undoes: 'e',
      changes: invertChanges(scaleChanges(version, 3)),
    });
    expect(back.lines).toEqual(version.lines);
  });
  it('does nothing from nothing, or to the same', () => {
    expect(scaleChanges({ ...version, servings: null }, 8)).toEqual([]);
    expect(scaleChanges(version, 4)).toEqual([]);
  });
});
