import type { Version } from '../version/version.ts';
import type { BoughtFood } from './feast.ts';

/** Something bought as a dish of one serving: counted by the same engine, and no search may touch it. */
export const boughtAsDish = (b: BoughtFood): Version => ({
  id: b.id,
  recipeId: b.id,
  parentId: null,
  kind: 'asWritten',
  name: 'bought',
  servings: 1,
  dish: null,
  madeFor: null,
  lines: [
    {
      id: `${b.id}-line`,
      originLineId: `${b.id}-line`,
      group: null,
      text: b.text,
      amount: null,
      item: b.text,
      note: null,
      read: null,
      food: { kind: 'food', foodId: b.foodId, revision: b.revision },
      taken: null,
      weight: { grams: b.grams, low: b.grams, high: b.grams, from: 'weight' },
      role: null,
      roleSaid: false,
      technique: null,
      loss: null,
      kept: true,
      leftOut: false,
      swapId: null,
      warnings: [],
    },
  ],
  steps: [],
  revision: 0,
});
