import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { correctedDeparture, judgedSwaps, type Verdict } from './verdict.ts';

const swap = { id: 'soured-to-yogurt', departure: 10 };
const verdict = (again: Verdict['again'], place: 'inDish' | 'onTop' = 'inDish'): Verdict => ({
  versionId: 'v',
  eaterId: 'e',
  again,
  enough: null,
  note: '',
  swaps: [{ swapId: swap.id, place }],
});

describe('verdicts', () => {
  it('move a swap nearer when it is wanted again, and farther when not', () => {
    expect(correctedDeparture(swap, 'inDish', [])).toBe(10);
    expect(correctedDeparture(swap, 'inDish', [verdict('again')])).toBe(8.5);
    expect(correctedDeparture(swap, 'inDish', [verdict('again'), verdict('no')])).toBeCloseTo(11.5, 1);
    expect(correctedDeparture({ ...swap, id: 'another' }, 'inDish', [verdict('no')])).toBe(10);
  });
  it('hold apart in a dish and on top of it', () => {
    expect(correctedDeparture(swap, 'onTop', [verdict('no')])).toBe(10);
    expect(correctedDeparture(swap, 'onTop', [verdict('no', 'onTop')])).toBe(13.5);
  });
  it('move it only so far', () => {
    expect(correctedDeparture(swap, 'inDish', Array(30).fill(verdict('again')))).toBe(4);
    expect(correctedDeparture(swap, 'inDish', Array(30).fill(verdict('no')))).toBe(20);
  });
  it('know the swaps of a version and where they are', () => {
    const version = readVersion(['200 g soured cream', '50 g Parmesan']);
    const lines = version.lines.map((l, i) =>
      i === 0 ? { ...l, swapId: 'soured-to-light@0.5', role: 'topping' as const } : l,
    );
    expect(judgedSwaps({ ...version, lines }, shippedFood)).toEqual([{ swapId: 'soured-to-light', place: 'onTop' }]);
  });
});
