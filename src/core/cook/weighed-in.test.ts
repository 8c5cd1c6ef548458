import { expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { applyEntry } from '../version/entry.ts';
import { weighedIn } from './weighed-in.ts';

const gratin = readVersion(['1.2 kg potatoes', '½ cup grated Gruyère'], { servings: 6 });
const after = (grams: number) =>
  applyEntry(gratin, {
    id: 'e1',
    label: 'Weighed',
    changes: weighedIn(gratin, gratin.lines[1]!.originLineId, grams, shippedFood, 'us'),
    undoes: null,
  }).lines[1]!;

it('puts what the scale showed into the line, without any doubt left of it', () => {
  expect(after(71.25)).toMatchObject({
    weight: { grams: 71.3, low: 71.3, high: 71.3, from: 'weight' },
    leftOut: false,
  });
  expect(after(71).text).toMatch(/^71 g .*Gruyère/);
});
it('leaves out what did not go in, and touches no other line', () => {
  expect(after(0).leftOut).toBe(true);
  expect(weighedIn(gratin, 'nobody', 5, shippedFood, 'us')).toEqual([]);
});
