import { describe, expect, it } from 'vitest';
import { testBox } from '../../../tests/support/test-box.ts';
import { basesThere } from './bases-there.ts';

describe('bases that are there to cook with', () => {
  it('are the boxes of one cook together, by words of their names, without what was taken or is a kit', () => {
    const boxes = [
      testBox('a', {}),
      testBox('b', { grams: 350, share: 0.4375 }),
      testBox('c', { cookId: 'stock', title: 'Chicken stock', recipeId: 'r2' }),
      testBox('d', { taken: { eaterId: null, name: 'Runa', at: '', entryId: null } }),
      testBox('e', { cookId: 'kits', as: 'kits' }),
      testBox('f', { cookId: 'old', grams: null }),
    ];
    expect(basesThere(boxes, ['sauce'], 'other')).toEqual([
      { cookId: 'sauce', recipeId: 'r1', title: 'Tomato sauce', packed: '2026-11-25', grams: 550, whole: 800 },
    ]);
    expect(basesThere(boxes, ['sauce'], 'r1')).toEqual([]);
    expect(basesThere(boxes, ['stock', 'nothing'], 'other').map((b) => b.cookId)).toEqual(['stock']);
  });
});
