import type { Reading, ReadingRest } from '../reading/reading.ts';
import type { Ingredient } from '../weighing/read-ingredient.ts';
import type { Line } from './version.ts';

/** The line of a version that an ingredient becomes. */
export function lineOf(ingredient: Ingredient, id: string, originLineId: string = id): Line {
  const { reading, food, taken, weight, warnings } = ingredient;
  const role =
    food.kind === 'food' ? (ingredient.matches.find((m) => m.food.id === food.foodId)?.food.roles[0] ?? null) : null;
  return {
    id,
    originLineId,
    group: reading.group,
    text: reading.line,
    amount:
      reading.quantity === null
        ? null
        : { quantity: reading.quantity, quantityMax: reading.quantityMax, unit: reading.unit },
    item: reading.item,
    note: reading.note,
    read: restOf(reading),
    food,
    taken,
    weight,
    role,
    roleSaid: false,
    technique: null,
    loss: null,
    kept: false,
    leftOut: false,
    swapId: null,
    warnings,
  };
}

function restOf(reading: Reading): ReadingRest {
  const { packageQuantity, packageUnit, parts, modifiers, alternatives, energy, confidence, warnings } = reading;
  return { packageQuantity, packageUnit, parts, modifiers, alternatives, energy, confidence, warnings };
}
