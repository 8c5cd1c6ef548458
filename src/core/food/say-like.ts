import { formatGrams } from '../quantity/format-amount.ts';
import { formatMeasure } from '../quantity/format-measure.ts';
import { type MeasureSystem, measureScale } from '../quantity/measure-system.ts';
import { unitNamed } from '../quantity/units.ts';
import { describeGrams } from './describe-grams.ts';
import type { Food } from './food.ts';

/** Less than this is said by the spoon even to who weighs, g. */
const BY_THE_SPOON_G = 20;

/**
 * Grams of a food in the words of a line that it takes the place of: who weighs goes on weighing, who pours by the
 * litre goes on pouring, others get a household measure.
 *
 * @param unit the unit of the line as it was; null for pieces or none
 * @example sayLike('liter', skimmedMilk, 1031, 'us') // '1 l (1031 g)'
 */
export function sayLike(unit: string | null, food: Food | null, grams: number, system: MeasureSystem): string {
  if (grams < BY_THE_SPOON_G) return describeGrams(food, grams, system);
  if (unit === 'gram' || unit === 'kilogram') return formatGrams(grams);
  const cup = food?.measures.find((m) => m.unit === 'cup' && m.form === null);
  if ((unit !== 'liter' && unit !== 'milliliter') || cup === undefined) return describeGrams(food, grams, system);
  const ml = (grams / (cup.grams * measureScale('cup', system))) * (unitNamed('cup')?.factor ?? 240);
  const even = Math.round(ml / (ml >= 200 ? 10 : 5)) * (ml >= 200 ? 10 : 5);
  const said =
    even >= 1000 && even % 100 === 0 ? formatMeasure(even / 1000, 'liter') : formatMeasure(even, 'milliliter');
  return `${said} (${formatGrams(grams)})`;
}
