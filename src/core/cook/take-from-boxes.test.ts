import { describe, expect, it } from 'vitest';
import { FIXTURE_PROGRAMS } from '../../../tests/support/fixture-programs.ts';
import { testBox } from '../../../tests/support/test-box.ts';
import { kitchenOf, readVersion, testRecipeLine } from '../../../tests/support/test-version.ts';
import { countVersion } from '../counting/count-version.ts';
import { plainCounter } from '../program/program.ts';
import { boxCounts } from './box-of.ts';
import type { Box } from './cook.ts';
import { freeze } from './freeze.ts';
import { takeFromBoxes } from './take-from-boxes.ts';

const eaters = FIXTURE_PROGRAMS.map((program) => ({ key: program.id, program, counter: plainCounter(program) }));
const counted = countVersion(
  readVersion(['1 kg tomatoes', '2 tbsp oil'], { servings: 4 }),
  kitchenOf(),
  eaters.map((e) => e.counter),
);
const frozen = freeze(counted, eaters, '2026-11-25T18:00:00Z');
const box = (id: string, share: number, keepUntil: string, over: Partial<Box> = {}): Box =>
  testBox(id, { recipeId: 'r', share, grams: share * 800, keepUntil, ...boxCounts(frozen, share), ...over });
const line = (grams: number, cookId = 'sauce') =>
  testRecipeLine('l', {
    food: { kind: 'recipe', recipeId: 'r', versionId: 'v', cooked: 800, cookId },
    weight: { grams, low: grams, high: grams, from: 'weight' },
  });
const at = { name: 'Lasagne', instant: '2026-11-27T18:00:00Z' };

describe('a base that was cooked before', () => {
  it('comes out of its boxes, the first to be eaten first, and the rest is counted anew', () => {
    const boxes = [box('later', 0.5, '2026-11-29'), box('first', 0.25, '2026-11-28')];
    const taken = takeFromBoxes(boxes, [line(300)], () => frozen, at);
    expect(taken.map((t) => [t.before.id, t.after.taken?.name ?? null, Math.round(t.after.grams!)])).toEqual([
      ['first', 'Lasagne', 200],
      ['later', null, 300],
    ]);
    const rest = taken[1]!.after;
    expect(rest.share).toBeCloseTo(0.375, 9);
    expect(rest.counts).toEqual(boxCounts(frozen, rest.share).counts);
  });
  it('takes nothing of another cook, of what was taken, of what nobody weighed, and no more than there is', () => {
    const none = (boxes: readonly Box[], l = line(300)) => takeFromBoxes(boxes, [l], () => frozen, at);
    expect(none([box('a', 0.5, '2026-11-28')], line(300, 'other'))).toEqual([]);
    expect(
      none([box('a', 0.5, '2026-11-28', { taken: { eaterId: null, name: 'Runa', at: '', entryId: null } })]),
    ).toEqual([]);
    expect(none([box('a', 0.5, '2026-11-28', { grams: null })])).toEqual([]);
    expect(none([box('a', 0.25, '2026-11-28')]).map((t) => t.after.taken !== null)).toEqual([true]);
    expect(none([box('a', 0.5, '2026-11-28')], { ...line(300), leftOut: true })).toEqual([]);
  });
});
