import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { RIGHT } from './line-food.ts';
import { readIngredient } from './read-ingredient.ts';

const INDEX = indexFoods(SHIPPED_FOODS);
const ROWS = readFileSync(new URL('../../../tests/data/every-word.txt', import.meta.url), 'utf8')
  .split('\n')
  .filter((l) => l !== '' && !l.startsWith('#'))
  .map((row) => row.split(' ¦ ') as [line: string, quantity: string, unit: string, food: string, grams: string]);

const close = (a: number | null, b: number | null): boolean =>
  a === null || b === null ? a === b : Math.abs(a - b) < 1e-3;

/**
 * What is wrong with how a line was read, matched and weighed, and whether it was taken without a question: "read as …,
 * right?" is one.
 */
function judge([line, quantity, unit, food, grams]: (typeof ROWS)[number]): { faults: string[]; taken: boolean } {
  const { reading, weight, matches, food: read, taken: how } = readIngredient(line, null, INDEX, 'us');
  const id = read.kind === 'food' ? read.foodId : read.kind === 'nothing' ? (matches[0]?.food.id ?? null) : null;
  if (food === '?')
    return {
      faults: id === null ? [] : [`taken as ${id}`],
      taken: id !== null && how !== null && how.confidence >= RIGHT,
    };
  const [least, most] = quantity === '-' ? [null, null] : quantity.split('..').map(Number);
  const [low, high] = grams.split('-').map(Number);
  const g = weight?.grams ?? Number.NaN;
  const faults = [
    quantity === '*' || (close(least!, reading.quantity) && close(most ?? null, reading.quantityMax))
      ? null
      : `amount ${reading.quantity}..${reading.quantityMax}`,
    unit === '*' || unit === (reading.unit ?? '-') ? null : `unit ${reading.unit}`,
    (food === '*' ? id !== null : food.split('|').includes(id ?? '')) ? null : `food ${id}`,
    grams === '*' || (g >= low! * 0.998 && g <= (high ?? low!) * 1.002) ? null : `${g} g`,
  ].filter((f) => f !== null);
  return { faults, taken: id !== null && how !== null && how.confidence >= RIGHT };
}

describe('what looks like a slip or a vague word and is none', () => {
  it.each([
    ['a small shallot', 1, 'shallot'],
    ['a small leek, sliced', 1, 'leek'],
    ['a little gem lettuce', 1, null],
    ['I cup flour', 1, 'flour-white'],
  ] as const)('%s', (line, quantity, food) => {
    const read = readIngredient(line, null, INDEX, 'us');
    expect(read.reading.quantity).toBe(quantity);
    if (food !== null) expect(read.food).toMatchObject({ foodId: food });
  });
  it('the cook speaking of herself is no amount', () => {
    expect(readIngredient('I use whatever is there', null, INDEX, 'us').reading.quantity).toBeNull();
  });
});

describe('300 lines in which every word counts', () => {
  const judged = ROWS.map((row) => ({ line: row[0], ...judge(row) }));
  const wrong = judged.filter((j) => j.faults.length > 0);
  it('are 300', () => expect(ROWS).toHaveLength(300));
  it('are read wholly right, 98 in a hundred', () => {
    expect(wrong.length, wrong.map((w) => `${w.line} → ${w.faults.join(', ')}`).join('\n')).toBeLessThanOrEqual(6);
  });
  it('are asked about where they are not', () => {
    expect(wrong.filter((w) => w.taken).map((w) => w.line)).toEqual([]);
  });
});
