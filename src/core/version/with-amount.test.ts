import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { withAmount } from './with-amount.ts';

const cheese = readVersion(['150 g Gruyère, grated']).lines[0]!;
const change = (text: string) => withAmount(cheese, text, shippedFood('gruyere'), 'us');

describe('another amount', () => {
  it.each([
    ['65 g', 65, '65 g Gruyère, grated'],
    ['½ cup', 54, '½ cup Gruyère, grated'],
    ['2 oz', 56.69904625, '2 oz Gruyère, grated'],
    ['2 slices', 56, '2 slices Gruyère, grated'],
  ])('"%s" weighs and reads as said', (text, grams, words) => {
    const { line } = change(text) as { line: typeof cheese };
    expect(line.weight!.grams).toBeCloseTo(grams, 6);
    expect(line.text).toBe(words);
    expect(line.food).toEqual(cheese.food);
  });
  it('of a range counts at its middle and spans both ends', () => {
    expect(change('40 to 60 g')).toMatchObject({ line: { weight: { grams: 50, low: 40, high: 60 } } });
  });
  it.each([
    ['', 'Write an amount'],
    ['lots', 'Write an amount'],
    ['-5 g', 'Write an amount'],
    ['0 g', 'leave the line out'],
    ['3', 'Nobody knows'],
  ])('"%s" is refused in words', (text, words) => expect((change(text) as { wrong: string }).wrong).toContain(words));
  it('of another recipe is a weight', () => {
    expect(withAmount(cheese, '250 g', null, 'us')).toMatchObject({ line: { weight: { grams: 250 } } });
    expect(withAmount(cheese, '1 lb', null, 'us')).toMatchObject({ line: { weight: { grams: 453.59237 } } });
    expect((withAmount(cheese, '2 cups', null, 'us') as { wrong: string }).wrong).toContain('Write grams');
  });
});

describe('how far another amount may be off', () => {
  it('is what its measure may be off, at both ends of a range', () => {
    const lettuce = readVersion(['1 bunch lettuce']).lines[0]!;
    const said = withAmount(lettuce, '2 to 4 bunches', shippedFood('lettuce'), 'us') as { line: typeof lettuce };
    const one = (withAmount(lettuce, '1 bunch', shippedFood('lettuce'), 'us') as { line: typeof lettuce }).line.weight!;
    expect(one.high).toBeGreaterThan(one.grams);
    expect(said.line.weight!.grams).toBeCloseTo(3 * one.grams, 6);
    expect(said.line.weight!.low).toBeCloseTo(2 * one.low, 6);
    expect(said.line.weight!.high).toBeCloseTo(4 * one.high, 6);
  });
});
