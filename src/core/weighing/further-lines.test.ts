import { readFileSync } from 'node:fs';
import { describe, expect, it } from 'vitest';
import { indexFoods } from '../food/match-food.ts';
import { SHIPPED_FOODS } from '../food/shipped/index.ts';
import { readIngredient } from './read-ingredient.ts';

/** What a line should be read as and weigh; null where the list says nothing of it. */
interface Expected {
  readonly line: string;
  readonly quantity: number | null;
  readonly quantityMax: number | null;
  readonly unit: string;
  readonly food: string;
  readonly grams: readonly [number, number] | null;
}

const numbers = (text: string, by: string | RegExp): number[] => text.split(by).map(Number);

const LINES: Expected[] = readFileSync(new URL('../../../tests/data/further-lines.txt', import.meta.url), 'utf8')
  .split('\n')
  .filter((l) => l !== '' && !l.startsWith('#'))
  .map((row) => {
    const [line, quantity, unit, food, grams] = row.split(' ¦ ') as [string, string, string, string, string];
    const [least, most] = quantity === '-' ? [null, null] : numbers(quantity, '..');
    const [low, high] = grams === '*' ? [] : numbers(grams, '-');
    return {
      line,
      quantity: least!,
      quantityMax: most ?? null,
      unit,
      food,
      grams: low === undefined ? null : [low * 0.998, (high ?? low) * 1.002],
    };
  });

const INDEX = indexFoods(SHIPPED_FOODS);
const close = (a: number | null, b: number | null): boolean =>
  a === null || b === null ? a === b : Math.abs(a - b) < 1e-3;

/** What is wrong with how a line was read, matched and weighed; null when nothing is. */
function wrong(want: Expected): string | null {
  const got = readIngredient(want.line, null, INDEX, 'us');
  const { reading } = got;
  const food = got.food.kind === 'nothing' || got.food.kind === 'food' ? (got.matches[0]?.food.id ?? null) : null;
  const unit = reading.unit ?? '-';
  const faults = [
    close(want.quantity, reading.quantity) && close(want.quantityMax, reading.quantityMax)
      ? null
      : `amount ${reading.quantity}..${reading.quantityMax}`,
    want.unit === '*' || want.unit.replace('-', ' ') === unit.replace('-', ' ') ? null : `unit ${unit}`,
    want.food === '*' ? (food === null ? 'no food' : null) : want.food === food ? null : `food ${food}`,
    want.grams === null ||
    (got.weight !== null && got.weight.grams >= want.grams[0] && got.weight.grams <= want.grams[1])
      ? null
      : `${got.weight?.grams ?? 'no'} g`,
  ].filter((f) => f !== null);
  return faults.length === 0 ? null : `${want.line} → ${faults.join(', ')}`;
}

describe('250 further hard lines', () => {
  it('are read, matched and weighed right, at least 99 in a hundred', () => {
    expect(LINES).toHaveLength(250);
    const missed = LINES.map(wrong).filter((w) => w !== null);
    expect(missed.length, missed.join('\n')).toBeLessThanOrEqual(2);
  });
});
