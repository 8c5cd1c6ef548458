import type { Food } from '../food/food.ts';
import type { FoodIndex } from '../food/match-food.ts';
import type { CountLine } from '../program/count.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { readIngredient } from '../weighing/read-ingredient.ts';
import { likelyGrams } from '../weighing/spread.ts';

/** A thing on a plate, as it was typed and as it counts. */
export interface PlateLine {
  readonly text: string;
  /** null when the pantry does not know it. */
  readonly food: Food | null;
  readonly grams: number | null;
  readonly line: CountLine;
}

/** Reads what lies on a plate. What cannot be weighed is an open line and counts nothing yet. */
export function plateLines(texts: readonly string[], index: FoodIndex, system: MeasureSystem): PlateLine[] {
  return texts.map((text, i) => {
    const read = readIngredient(text, null, index, system);
    const food = read.food.kind === 'open' ? null : (read.matches[0]?.food ?? null);
    const weight = read.food.kind === 'food' ? read.weight : null;
    const grams = read.food.kind === 'nothing' ? (read.weight?.grams ?? 0) : (weight?.grams ?? null);
    return {
      text,
      food,
      grams,
      line: {
        id: `plate-${i}`,
        label: food?.name ?? text,
        parts:
          food && weight ? [{ food, grams: weight.grams, range: likelyGrams(weight, food, read.reading.unit) }] : [],
        open: grams === null,
      },
    };
  });
}
