import { expect, it } from 'vitest';
import { readVersion, shippedFood } from '../../../tests/support/test-version.ts';
import { gramsAtSteps } from '../stove/grams-at-steps.ts';
import { stepsAtStove } from '../stove/steps-at-stove.ts';
import { applyEntry } from '../version/entry.ts';
import { weighedIn } from './weighed-in.ts';

const gratin = readVersion(['1.2 kg potatoes', '½ cup grated Gruyère'], { servings: 6 });
const after = (grams: number) =>
  applyEntry(gratin, {
    id: 'e1',
    label: 'Weighed',
    changes: weighedIn(gratin, gratin.lines[1]!.originLineId, { s0: grams }, shippedFood, 'us'),
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
  expect(weighedIn(gratin, 'nobody', { s0: 5 }, shippedFood, 'us')).toEqual([]);
});

it('leaves a divided line divided as it was weighed: what went in here, and what is to come as it was', () => {
  const stew = readVersion(['4 tbsp olive oil, divided', '2 onions'], {
    servings: 4,
    steps: [
      { id: 's0', text: 'Soften the onions in 1 tbsp of the olive oil.' },
      { id: 's1', text: 'Brown it in the remaining olive oil.' },
    ],
  });
  const origin = stew.lines[0]!.originLineId;
  // 20 g here instead of one of four spoons: the other three stay.
  const atSteps = gramsAtSteps(stepsAtStove(stew, shippedFood).steps, origin, 0, 20);
  expect(atSteps.s1).toBeCloseTo(40.5, 1);
  const changes = weighedIn(stew, origin, atSteps, shippedFood, 'us');
  const weighed = applyEntry(stew, { id: 'e1', label: 'Weighed', changes, undoes: null });
  const grams = stepsAtStove(weighed, shippedFood).steps.map((s) => s.uses.find((u) => u.lineId === 'l0')!.grams!);
  expect(grams[0]).toBeCloseTo(20, 1);
  expect(grams[1]).toBeCloseTo(40.5, 1);
});
