import { describe, expect, it } from 'vitest';
import { swapsByUse } from './swaps-by-use.ts';

const swap = (id: string, ...from: string[]) => ({ id, from });

describe('swaps by what the household cooks', () => {
  const butter = swap('butter for oil', 'butter');
  const cream = swap('cream for milk', 'cream', 'double-cream');
  const lard = swap('lard for oil', 'lard');
  const any = swap('fat for purée', 'lard', 'butter');

  it('puts what is used in most recipes first, and what no recipe has apart', () => {
    const found = swapsByUse(
      [butter, lard, cream],
      new Map([
        ['butter', 2],
        ['double-cream', 7],
      ]),
    );
    expect(found.cooked).toEqual([
      { swap: cream, recipes: 7 },
      { swap: butter, recipes: 2 },
    ]);
    expect(found.others).toEqual([lard]);
  });

  it('counts the food that is used most, for one recipe may have several of them', () => {
    const used = new Map([
      ['butter', 2],
      ['cream', 3],
      ['double-cream', 4],
    ]);
    expect(swapsByUse([cream, any], used).cooked.map((c) => c.recipes)).toEqual([4, 2]);
  });

  it('keeps the order among equals, and says nothing is cooked where nothing is', () => {
    const same = new Map([
      ['butter', 1],
      ['lard', 1],
    ]);
    expect(swapsByUse([lard, butter], same).cooked.map((c) => c.swap.id)).toEqual(['lard for oil', 'butter for oil']);
    expect(swapsByUse([lard, butter], new Map())).toEqual({ cooked: [], others: [lard, butter] });
  });
});
