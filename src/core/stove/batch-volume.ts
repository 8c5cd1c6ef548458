import { densityOf, type Food } from '../food/food.ts';
import type { Version } from '../version/version.ts';

/** How much room the lines of a dish take before they shrink, ml. */
export interface BatchVolume {
  readonly ml: number;
  /** Lines of which nobody knows what they weigh, in their words: the volume is without them. */
  readonly unknown: readonly string[];
}

/** What a food weighs where nobody measured a cup of it, g a ml: as water does. */
const AS_WATER = 1;
/** Nobody misses a pinch. */
const BY_FEEL = /\bto taste\b|\bpinch\b|\bfor the table\b/i;

/**
 * The room that a dish takes, by what a cup of each food weighs. An estimate: what cooks down or rises takes another.
 *
 * @param food a line's food by its id
 */
export function batchVolume(version: Pick<Version, 'lines'>, food: (id: string) => Food | null): BatchVolume {
  let ml = 0;
  const unknown: string[] = [];
  for (const line of version.lines) {
    if (line.leftOut || line.food.kind === 'nothing') continue;
    if (line.weight === null) {
      if (!BY_FEEL.test(line.text)) unknown.push(line.text);
      continue;
    }
    const of = line.food.kind === 'food' ? food(line.food.foodId) : null;
    ml += line.weight.grams / ((of && densityOf(of)) ?? AS_WATER);
  }
  return { ml, unknown };
}
