import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { departureFrom, leftOutDeparture } from './departure.ts';
import { shareDeparture } from './departure-of-swap.ts';
import { fitsRole } from './fits-line.ts';
import { SWAPS } from './library.ts';
import { isBatter, roleOfLine } from './role-of-line.ts';
import { alongRefOf, readSwapRef, swapRefOf } from './swap-ref.ts';

const cake = readVersion(['300 g flour', '150 g butter', '150 g sugar', '3 eggs', '1 tsp baking powder'], {
  servings: 12,
});
const stew = readVersion(['1 kg beef chuck', '2 tbsp oil', '2 tbsp flour', '300 ml cream'], { servings: 6 });
const dressing = readVersion(['200 ml olive oil', '50 ml vinegar'], { servings: 4 });
const role = (version: typeof cake, i: number) => roleOfLine(version.lines[i]!, version, shippedFood);
const swap = (id: string) => SWAPS.find((s) => s.id === id)!;

describe('the part a line plays', () => {
  it('is judged by the dish: fat in a batter, in a pan, in a dressing', () => {
    expect([isBatter(cake, shippedFood), isBatter(stew, shippedFood)]).toEqual([true, false]);
    expect(role(cake, 1)).toBe('fat');
    expect(role(stew, 1)).toBe('browning');
    expect(role(dressing, 0)).toBe('fat');
  });
  it('of flour is to thicken a stew and to hold a cake', () => {
    expect(role(stew, 2)).toBe('thickener');
    expect(role(cake, 0)).toBe('starch-base');
  });
  it('is what the cook says, where the cook says it', () => {
    const corrected = { ...stew, lines: stew.lines.map((l, i) => (i === 3 ? { ...l, role: 'topping' as const } : l)) };
    expect(role(corrected, 3)).toBe('topping');
  });
  it('decides which swaps fit: no spray in a batter, no purée in a pan, no cake without its flour', () => {
    expect(fitsRole(swap('butter-pan-to-spray'), 'fat')).toBe(false);
    expect(fitsRole(swap('butter-pan-to-spray'), 'browning')).toBe(true);
    expect(fitsRole(swap('fat-to-applesauce'), 'browning')).toBe(false);
    expect(fitsRole(swap('fat-to-applesauce'), 'fat')).toBe(true);
    expect(fitsRole(swap('flour-out'), 'starch-base')).toBe(false);
    expect(fitsRole(swap('flour-out'), 'thickener')).toBe(true);
    expect(fitsRole(swap('butter-to-light'), 'browning')).toBe(false);
  });
});

describe('departure', () => {
  it('grows with the share of a part swap, to 100 at most', () => {
    const half = swap('soured-half');
    expect(shareDeparture(half, half.share)).toBe(half.departure);
    expect(shareDeparture(half, 0.75)).toBe(half.departure * 1.5);
    expect(shareDeparture({ ...half, departure: 90 }, 0.75)).toBe(100);
  });
  it('of leaving out is little for a topping and most for what the dish is made of', () => {
    expect(leftOutDeparture('topping')).toBeLessThan(leftOutDeparture('sweetness'));
    expect(leftOutDeparture('sweetness')).toBeLessThan(leftOutDeparture('protein'));
    expect(leftOutDeparture(null)).toBeGreaterThan(0);
  });
  it('adds up swaps, their shares and what is left out, and takes corrections', () => {
    const changed = {
      ...stew,
      lines: stew.lines.map((l, i) =>
        i === 3 ? { ...l, swapId: 'cream-half-evaporated' } : i === 2 ? { ...l, leftOut: true } : l,
      ),
    };
    const own = swap('cream-half-evaporated').departure;
    const departs = (corrected?: () => number) =>
      departureFrom(stew, changed, { swaps: SWAPS, food: shippedFood, ...(corrected && { corrected }) }).known;
    expect(departs()).toBe(own + leftOutDeparture('thickener'));
    expect(departs(() => 1)).toBe(1 + leftOutDeparture('thickener'));
  });
});

describe('the mark of a swap on a line', () => {
  it('names the swap, and its share where it is not the usual', () => {
    expect(swapRefOf('soured-half', 0.5, 0.5)).toBe('soured-half');
    expect(swapRefOf('soured-half', 0.75, 0.5)).toBe('soured-half@0.75');
    expect(readSwapRef('soured-half@0.75')).toEqual({ swapId: 'soured-half', share: 0.75, along: false });
    expect(readSwapRef('soured-half')).toEqual({ swapId: 'soured-half', share: null, along: false });
    expect(readSwapRef(alongRefOf('roux-half'))).toEqual({ swapId: 'roux-half', share: null, along: true });
    expect(readSwapRef(null)).toBeNull();
  });
});
