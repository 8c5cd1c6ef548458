import type { Counter } from '../../src/core/program/program.ts';
import { SWAPS } from '../../src/core/swap/library.ts';
import type { Aim } from '../../src/core/ways/aim.ts';
import type { ChoiceContext } from '../../src/core/ways/line-choices.ts';
import { kitchenOf, shippedFood } from './test-version.ts';

/** An aim of points alone, with whatever else a test wants. */
export const testAim = (points: readonly (number | null)[], rest: Partial<Aim> = {}): Aim => ({
  points,
  kcal: null,
  protein: null,
  sodium: null,
  grams: null,
  changes: null,
  ...rest,
});

/** The shipped pantry and swaps, nobody at the table who must not eat something. */
export const testChoiceContext = (counters: readonly Counter[], rest: Partial<ChoiceContext> = {}): ChoiceContext => ({
  kitchen: kitchenOf(),
  food: shippedFood,
  swaps: SWAPS,
  counters,
  system: 'us',
  without: { allergies: [], avoids: [] },
  lacking: new Set(),
  ...rest,
});
