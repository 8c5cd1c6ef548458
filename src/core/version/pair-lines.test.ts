import { describe, expect, it } from 'vitest';
import { testRecipeLine, testVersion } from '../../../tests/support/test-version.ts';
import { pairLines } from './pair-lines.ts';
import { isOpen } from './version.ts';

const weighing = (grams: number) =>
  testVersion([], {
    lines: [
      testRecipeLine('a', {
        food: { kind: 'nothing', why: 'water' },
        weight: { grams, low: grams, high: grams, from: 'weight' },
      }),
    ],
  });
const changed = (was: number, wasFor: number | null, now: number, nowFor: number | null): boolean =>
  pairLines({ ...weighing(was), servings: wasFor }, { ...weighing(now), servings: nowFor })[0]!.changed;

describe('a line beside what became of it', () => {
  it('is unchanged where it is as much a serving', () => {
    expect(changed(100, 4, 200, 8)).toBe(false);
    expect(changed(100, 4, 100, 8)).toBe(true);
    expect(changed(100, 4, 200, 4)).toBe(true);
  });
  it('is compared as it is where one of the two says no servings', () => {
    expect(changed(100, null, 100, 8)).toBe(false);
    expect(changed(100, 4, 100, null)).toBe(false);
    expect(changed(100, null, 200, 8)).toBe(true);
  });
});

describe('a line that waits for an answer', () => {
  const open = testRecipeLine('a');
  it('is one whose food or weight nobody knows, unless it is left out', () => {
    expect(isOpen(open)).toBe(true);
    expect(isOpen({ ...open, leftOut: true })).toBe(false);
    expect(isOpen({ ...open, food: { kind: 'nothing', why: 'water' } })).toBe(false);
    expect(isOpen({ ...open, food: { kind: 'food', foodId: 'egg', revision: 1 } })).toBe(true);
    expect(isOpen({ ...open, food: { kind: 'recipe', recipeId: 'r', versionId: 'v' } })).toBe(true);
  });
});
