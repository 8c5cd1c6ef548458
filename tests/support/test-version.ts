import type { Food } from '../../src/core/food/food.ts';
import { indexFoods } from '../../src/core/food/match-food.ts';
import { SHIPPED_FOODS } from '../../src/core/food/shipped/index.ts';
import type { Kitchen } from '../../src/core/version/kitchen.ts';
import { lineOf } from '../../src/core/version/line-of.ts';
import type { Line, Version } from '../../src/core/version/version.ts';
import { readIngredient } from '../../src/core/weighing/read-ingredient.ts';

/** A bare line for tests of structure. */
export const testRecipeLine = (id: string, rest: Partial<Line> = {}): Line => ({
  id,
  originLineId: id,
  group: null,
  text: id,
  amount: null,
  item: id,
  note: null,
  read: null,
  taken: null,
  food: { kind: 'open' },
  weight: null,
  role: null,
  roleSaid: false,
  technique: null,
  loss: null,
  kept: false,
  leftOut: false,
  swapId: null,
  warnings: [],
  ...rest,
});

/** A version of bare lines. */
export const testVersion = (ids: readonly string[], rest: Partial<Version> = {}): Version => ({
  id: 'v1',
  recipeId: 'r1',
  parentId: null,
  kind: 'asWritten',
  name: 'as written',
  servings: 4,
  dish: null,
  madeFor: null,
  lines: ids.map((id) => testRecipeLine(id)),
  steps: [],
  revision: 0,
  ...rest,
});

const index = indexFoods(SHIPPED_FOODS);

/** A version read from ingredient lines, through the pantry. Line ids are l0, l1 … */
export const readVersion = (lines: readonly string[], rest: Partial<Version> = {}): Version => ({
  ...testVersion([]),
  lines: lines.map((text, i) => lineOf(readIngredient(text, null, index, 'us'), `l${i}`)),
  ...rest,
});

export const shippedFood = (id: string): Food | null => SHIPPED_FOODS.find((f) => f.id === id) ?? null;

/** A kitchen of the shipped foods and these versions. */
export const kitchenOf = (...versions: readonly Version[]): Kitchen => ({
  food: (id) => shippedFood(id),
  version: (id) => versions.find((v) => v.id === id) ?? null,
});
