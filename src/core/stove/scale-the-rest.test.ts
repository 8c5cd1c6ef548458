import { describe, expect, it } from 'vitest';
import { readVersion } from '../../../tests/support/test-version.ts';
import { applyEntry } from '../version/entry.ts';
import { scaleTheRest } from './scale-the-rest.ts';

const cake = readVersion(['200 g flour', '4 eggs', '100 g sugar'], {
  servings: 8,
  steps: [
    { id: 's0', text: 'Beat the eggs.' },
    { id: 's1', text: 'Fold in 200 g flour and the sugar.' },
  ],
});
const after = (isIn: string[], factor: number) =>
  applyEntry(cake, {
    id: 'e1',
    label: 'Half of the rest',
    changes: scaleTheRest(cake, (l) => isIn.includes(l.id), factor),
    undoes: null,
  });

describe('half a batch that is begun too late', () => {
  it('halves what is not in yet, and leaves what is', () => {
    const half = after(['l1'], 0.5);
    expect(half.lines.map((l) => l.weight!.grams)).toEqual([100, cake.lines[1]!.weight!.grams, 50]);
    expect(half.lines.map((l) => l.text)).toEqual(['100 g flour', '4 eggs', '50 g sugar']);
  });
  it('makes half the servings only where nothing is in', () => {
    expect(after([], 0.5).servings).toBe(4);
    // How many it makes now, nobody can say but the cook: it is counted as it went in.
    expect(after(['l1'], 0.5).servings).toBe(4);
  });
  it('changes nothing where all is in', () => {
    expect(scaleTheRest(cake, () => true, 0.5)).toEqual([]);
  });
});
