import { describe, expect, it } from 'vitest';
import { basesThere } from './bases-there.ts';
import type { Box } from './cook.ts';

const box = (id: string, over: Partial<Box>): Box => ({
  id,
  cookId: 'sauce',
  recipeId: 'r1',
  title: 'Tomato sauce',
  share: 0.25,
  grams: 200,
  eaterId: null,
  kindId: null,
  as: 'cooked',
  apart: [],
  place: 'fridge',
  packed: '2026-11-25',
  keepUntil: '2026-11-28',
  counts: [],
  kcal: null,
  protein: null,
  taken: null,
  kept: null,
  ...over,
});

describe('bases that are there to cook with', () => {
  it('are the boxes of one cook together, by words of their names, without what was taken or is a kit', () => {
    const boxes = [
      box('a', {}),
      box('b', { grams: 350, share: 0.4375 }),
      box('c', { cookId: 'stock', title: 'Chicken stock', recipeId: 'r2' }),
      box('d', { taken: { eaterId: null, name: 'Runa', at: '' } }),
      box('e', { cookId: 'kits', as: 'kits' }),
      box('f', { cookId: 'old', grams: null }),
    ];
    expect(basesThere(boxes, ['sauce'], 'other')).toEqual([
      { cookId: 'sauce', recipeId: 'r1', title: 'Tomato sauce', packed: '2026-11-25', grams: 550, whole: 800 },
    ]);
    expect(basesThere(boxes, ['sauce'], 'r1')).toEqual([]);
    expect(basesThere(boxes, ['stock', 'nothing'], 'other').map((b) => b.cookId)).toEqual(['stock']);
  });
});
