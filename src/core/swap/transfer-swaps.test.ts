import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { applyEntry, invertChanges } from '../version/entry.ts';
import { applySwap } from './apply-swap.ts';
import { SWAPS } from './library.ts';
import { transferSwaps } from './transfer-swaps.ts';

let n = 0;
const context = { food: shippedFood, system: 'us', newId: () => `t${n++}` } as const;
const swapped = (lines: string[], marks: (string | null)[]) => {
  const version = readVersion(lines);
  return { ...version, lines: version.lines.map((l, i) => ({ ...l, swapId: marks[i] ?? null })) };
};

describe('one recipe’s swaps on another', () => {
  const from = swapped(['1 cup yogurt', '100 g cheese', '1 kg beans'], ['soured-half@0.75', 'cheese-less', null]);
  const to = readVersion(['200 g soured cream', '120 g cheddar', '500 g potatoes'], {
    steps: [{ id: 's', text: 'Scatter the cheddar over and bake.' }],
  });
  it('fit where they fit, in the shares they were made with', () => {
    const { changes, fitted, unfitted } = transferSwaps(from, to, SWAPS, context);
    const after = applyEntry(to, { id: 'e', label: '', undoes: null, changes });
    expect(fitted).toHaveLength(2);
    expect(unfitted).toEqual([]);
    expect(after.lines.map((l) => Math.round(l.weight!.grams))).toEqual([50, 150, 60, 500]);
    const back = applyEntry(after, { id: 'u', label: '', undoes: 'e', changes: invertChanges(changes) });
    expect(back.lines).toEqual(to.lines);
    expect(back.steps).toEqual(to.steps);
  });
  it('say which do not fit, and never touch a kept line', () => {
    const kept = { ...to, lines: to.lines.map((l) => ({ ...l, kept: true })) };
    const { changes, unfitted } = transferSwaps(from, kept, SWAPS, context);
    expect(changes).toEqual([]);
    expect(unfitted).toHaveLength(2);
  });
  it('takes a swap only where it holds: no purée out of a cake into a pan', () => {
    const steps = (text: string) => ({ servings: 8, steps: [{ id: 's', text }] });
    const cake = readVersion(
      ['250 g flour', '150 g butter', '200 g sugar', '3 eggs'],
      steps('Cream butter and sugar, beat in the eggs, fold in the flour and bake in a tin.'),
    );
    const changes = applySwap(cake, 'l1', SWAPS.find((s) => s.id === 'fat-to-applesauce')!, context);
    const lighter = applyEntry(cake, { id: 'e', label: 'e', changes, undoes: null });
    const pan = readVersion(['40 g butter', '4 onions'], steps('Soften the onions in the butter.'));
    const { fitted, unfitted } = transferSwaps(lighter, pan, SWAPS, context);
    expect(fitted).toEqual([]);
    expect(unfitted).toHaveLength(1);
  });
});
