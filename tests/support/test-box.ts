import type { Box } from '../../src/core/cook/cook.ts';

/** A box of tomato sauce in the fridge: a quarter of 800 g. */
export const testBox = (id: string, over: Partial<Box> = {}): Box => ({
  id,
  cookId: 'sauce',
  recipeId: 'r1',
  title: 'Tomato sauce',
  share: 0.25,
  grams: 200,
  eaterId: null,
  kindId: null,
  as: 'cooked',
  apart: [],
  place: 'fridge',
  packed: '2026-11-25',
  keepUntil: '2026-11-28',
  counts: [],
  kcal: null,
  protein: null,
  taken: null,
  kept: null,
  ...over,
});
