import { type MeasureSystem, measureScale } from '../quantity/measure-system.ts';
import { unitNamed } from '../quantity/units.ts';
import type { Food } from './food.ts';

/** An amount in which a booklet says its points: a slice of so many grams; a gram. */
export interface MeasureToSay {
  readonly unit: string;
  readonly grams: number;
  /** As in "2 points for 1 …". */
  readonly words: string;
}

const GRAM: MeasureToSay = { unit: 'gram', grams: 1, words: 'g' };

/**
 * What an amount of a food may be said in: grams first, then its household measures, each with what one weighs.
 *
 * @example measuresToSay(bread, 'us') // g, slice (30 g)
 */
export function measuresToSay(food: Food, system: MeasureSystem): MeasureToSay[] {
  const seen = new Set<string>();
  const own = food.measures.flatMap((m): MeasureToSay[] => {
    if (m.form !== null || m.unit === GRAM.unit || seen.has(m.unit)) return [];
    seen.add(m.unit);
    const grams = m.grams * measureScale(m.unit, system);
    const rounded = Math.round(grams * 10) / 10;
    return [{ unit: m.unit, grams, words: `${unitNamed(m.unit)?.name ?? m.unit} (${rounded} g)` }];
  });
  return [GRAM, ...own];
}
