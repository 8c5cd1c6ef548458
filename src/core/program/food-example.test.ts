import { describe, expect, it } from 'vitest';
import { shippedFood } from '../../../tests/support/test-version.ts';
import { copyOfProgram } from './copy-program.ts';
import { exampleOf } from './food-example.ts';
import { plainCounter } from './program.ts';
import { programsApart } from './programs-apart.ts';
import { SAMPLE_PROGRAMS } from './samples.ts';

const [ledger, larder, , house] = SAMPLE_PROGRAMS;
const food = (id: string) => shippedFood(id)!;

describe('a food worked out under a rule', () => {
  it('is the sum of its terms, rounded once', () => {
    const e = exampleOf(food('gouda'), 30, plainCounter(ledger!));
    const p = food('gouda').per100g;
    const by = (n: 'kcal' | 'satFat' | 'sugars' | 'protein' | 'fibre', c: number) => (0.3 * p[n].value! * c) / 45;
    // Worked by hand from the rule's sentence.
    const raw = by('kcal', 1) + by('satFat', 6.75) + by('sugars', 2) + by('protein', -2) + by('fibre', -2);
    expect(e.raw).toBeCloseTo(raw, 9);
    expect(e.terms.reduce((s, t) => s + t.points, 0)).toBeCloseTo(raw, 9);
    expect(e.points).toBe(Math.floor(raw + 0.5));
    expect(e.listing.uncounted).toBe(false);
  });
  it('is nothing where the list says so, and the terms still say what the rule would', () => {
    const e = exampleOf(food('potato'), 200, plainCounter(larder!));
    expect(e.points).toBe(0);
    expect(e.listing).toEqual({ uncounted: true, words: 'what lies in a cellar' });
    expect(e.terms.find((t) => t.nutrient === 'kcal')!.points).toBeGreaterThan(1);
  });
});

describe('a copy of a program', () => {
  it('is called so, and has a mark that nobody has', () => {
    const copy = copyOfProgram(ledger!, 'copy-1', ['LE', 'LA', 'HA', 'HO']);
    expect(copy).toMatchObject({ id: 'copy-1', revision: 1, name: 'Ledger, our own', rule: ledger!.rule });
    expect(copy.mark).toMatch(/^[A-Z]{2,3}$/);
    expect(['LE', 'LA', 'HA', 'HO']).not.toContain(copy.mark);
    const again = copyOfProgram(copy, 'copy-2', ['LE', copy.mark]);
    expect(again.mark).not.toBe(copy.mark);
    expect(again.name.length).toBeLessThanOrEqual(60);
  });
  it('finds a mark however many there are', () => {
    const letters = [...'ABCDEFGHIJKLMNOPQRSTUVWXYZ'];
    const taken = letters.flatMap((a) => letters.map((b) => a + b));
    expect(taken).not.toContain(copyOfProgram(ledger!, 'x-1', taken).mark);
  });
});

describe('two programs over the pantry', () => {
  it('part where a serving counts otherwise, the furthest first', () => {
    const foods = ['potato', 'gouda', 'butter', 'lentils-dry'].map(food);
    const apart = programsApart(foods, plainCounter(ledger!), plainCounter(larder!));
    expect(apart.map((a) => a.food.id)).not.toContain('nothing');
    const potato = apart.find((a) => a.food.id === 'potato')!;
    expect(potato.points[1]).toBe(0);
    expect(potato.points[0]).toBe(exampleOf(food('potato'), potato.grams, plainCounter(ledger!)).points);
    const gaps = apart.map((a) => Math.abs(a.points[0] - a.points[1]));
    expect(gaps).toEqual([...gaps].sort((x, y) => y - x));
    // Butter counts the same under both; half points count otherwise.
    expect(apart.find((a) => a.food.id === 'butter')!.points[0]).toBe(
      apart.find((a) => a.food.id === 'butter')!.points[1],
    );
    expect(
      programsApart(foods, plainCounter(house!), plainCounter(house!)).every((a) => a.points[0] === a.points[1]),
    ).toBe(true);
  });
});
