import { describe, expect, it } from 'vitest';
import { testVersion } from '../../../tests/support/test-version.ts';
import { SWAPS } from '../swap/library.ts';
import { shippedSwapsIn } from '../swap/swap-in.ts';
import { hintsIn } from './hints-in.ts';

const hints = (...texts: string[]) => [
  ...hintsIn(testVersion([], { steps: texts.map((text, i) => ({ id: `s${i}`, text })) }), SWAPS),
];

describe('steps that swaps bring along', () => {
  it.each([
    'Cook chickpea pasta a minute less than the packet says: it softens quickly.',
    'Breast is done sooner than thighs: cook the breast gently, and only until 165 °F (74 °C) inside.',
    'Grate the parmesan very finely.',
    'Spray the hot pan once and add a spoon of water or broth when it begins to stick.',
    'Back bacon gives no fat of its own: spray the pan first.',
  ])('say how the next is done: %s', (text) => {
    expect(hints(text, 'Cook it.')).toEqual([text]);
  });
  it('know the words with which a swap came in, whatever the household says now', () => {
    const spray = 'Spray the hot pan once and add a spoon of water or broth when it begins to stick.';
    const version = testVersion([], { steps: [spray, 'Cook it.'].map((text, i) => ({ id: `s${i}`, text })) });
    expect([...hintsIn(version, shippedSwapsIn('gb'))]).toEqual([spray]);
  });
  it.each([
    'Boil the lentils soft first.',
    'Blend the cottage cheese smooth.',
    'Cut the carrots into sticks and roast them at 425 °F (220 °C) for 25 minutes on a sprayed tray, not touching.',
    'Stir the soured cream in off the heat.',
    'Grate the parmesan over it, as the family does.',
  ])('are work of their own: %s', (text) => {
    expect(hints(text, 'Cook it.')).toEqual([]);
  });
});
