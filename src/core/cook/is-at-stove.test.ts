import { expect, it } from 'vitest';
import { newTimer } from '../stove/timer.ts';
import { isAtStove, minutesAtStove } from './is-at-stove.ts';
import { newCook } from './new-cook.ts';

const AT = Date.parse('2026-11-28T12:00:00Z');
const cook = newCook({ id: 'c', recipeId: 'r', versionId: 'v', as: 'cooked', day: '2026-11-28' });
const begun = { ...cook, begun: new Date(AT).toISOString() };
const out = { by: 'grams', amount: 900, grams: 900, cut: null } as const;
const timer = newTimer({ id: 't', name: 'Rest', stepId: null, from: 600, to: null }, AT);

it('knows what stands at the stove: begun and not dished up, or with a timer that runs', () => {
  expect(isAtStove(cook)).toBe(false);
  expect(isAtStove(begun)).toBe(true);
  expect(isAtStove({ ...begun, out })).toBe(false);
  expect(isAtStove({ ...begun, out, timers: { t: timer } })).toBe(true);
});

it('knows how long it took, where somebody was led and did not go away in between', () => {
  const after = (minutes: number): number => AT + minutes * 60_000;
  expect(minutesAtStove(begun, after(95))).toBe(95);
  expect(minutesAtStove(cook, after(95))).toBeNull();
  expect(minutesAtStove(begun, after(0.2))).toBeNull();
  expect(minutesAtStove(begun, after(24 * 60))).toBeNull();
});
