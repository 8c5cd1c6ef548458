import { describe, expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { applyEntry, type Change, invertChanges } from '../version/entry.ts';
import { pairLines } from '../version/pair-lines.ts';
import type { Version } from '../version/version.ts';
import { applySwap } from './apply-swap.ts';
import { SWAPS } from './library.ts';
import { restoreLine } from './restore-line.ts';

const asWritten = readVersion(['40 g butter', '20 g butter', '200 g soured cream'], {
  steps: [{ id: 's', text: 'Fry in the butter, stir in the soured cream.' }],
});
let n = 0;
const after = (v: Version, changes: readonly Change[]): Version =>
  applyEntry(v, { id: `e${n++}`, label: 'test', changes, undoes: null });
const swapped = (v: Version, line: string, id: string): Version => {
  const swap = SWAPS.find((s) => s.id === id)!;
  return after(v, applySwap(v, line, swap, { food: shippedFood, system: 'us', newId: () => `n${n++}` }));
};
const restored = (v: Version, line: number): Version => after(v, restoreLine(v, pairLines(asWritten, v)[line]!, SWAPS));

describe('a line as written again', () => {
  it('takes back what came in and the step that its swap brought along', () => {
    const light = swapped(asWritten, 'l0', 'butter-pan-to-spray');
    expect(light.steps.length).toBe(2);
    const back = restored(light, 0);
    expect(back.steps).toEqual(asWritten.steps);
    expect(back.lines).toEqual(asWritten.lines);
  });
  it('leaves a step that another line still needs', () => {
    const light = swapped(swapped(asWritten, 'l0', 'butter-pan-to-spray'), 'l1', 'butter-pan-to-spray');
    expect(restored(light, 0).steps.length).toBe(2);
    expect(restored(restored(light, 0), 1).steps).toEqual(asWritten.steps);
  });
  it('removes the second line of a part swap, and is undone in one go', () => {
    const light = swapped(asWritten, 'l2', 'soured-half');
    expect(light.lines.length).toBe(4);
    const changes = restoreLine(light, pairLines(asWritten, light)[2]!, SWAPS);
    const back = after(light, changes);
    expect(back.lines).toEqual(asWritten.lines);
    expect(after(back, invertChanges(changes)).lines).toEqual(light.lines);
  });
  it('has nothing to do for a new line', () => {
    const added = { ...asWritten.lines[0]!, id: 'x', originLineId: 'x' };
    const more = { ...asWritten, lines: [...asWritten.lines, added] };
    expect(restoreLine(more, pairLines(asWritten, more)[3]!, SWAPS)).toEqual([]);
  });
});
