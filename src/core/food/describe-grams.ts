import { formatAmount, formatGrams } from '../quantity/format-amount.ts';
import { formatMeasure } from '../quantity/format-measure.ts';
import { type MeasureSystem, measureScale } from '../quantity/measure-system.ts';
import { unitNamed } from '../quantity/units.ts';
import type { Food } from './food.ts';

/** Measures a cook reaches for, and between which amounts of them. */
const HANDY: ReadonlyArray<readonly [string, number, number]> = [
  ['cup', 0.24, 12],
  ['tablespoon', 0.5, 4],
  ['teaspoon', 0.24, 3],
  ['slice', 0.5, 12],
  ['clove', 0.5, 12],
  ['second', 0.5, 20],
  ['piece', 0.5, 24],
];
const NEAT = ['¼', '⅓', '½', '⅔', '¾'];
const isNeat = (text: string) => /^\d*$/.test(text) || NEAT.some((f) => text === f || text.replace(/^\d+/, '') === f);

/** Whether a measure may lie on either side of the grams, or must not exceed them, or not fall short. */
export type SafeSide = 'near' | 'atMost' | 'atLeast';

/**
 * Grams of a food as people say them: the household measure that comes out even, then the grams.
 *
 * @example describeGrams(mozzarella, 84, 'us') // '¾ cup (84 g)'
 */
export function describeGrams(
  food: Food | null,
  grams: number,
  system: MeasureSystem,
  side: SafeSide = 'near',
): string {
  const plain = formatGrams(grams);
  const said = food === null ? null : householdMeasure(food, grams, system, side);
  return said === null ? plain : `${said} (${plain})`;
}

/**
 * The household measure near the grams (within 4 %, or 8 % on a safe side) that comes out as a kitchen fraction; null
 * when none does.
 */
export function householdMeasure(
  food: Food,
  grams: number,
  system: MeasureSystem,
  side: SafeSide = 'near',
): string | null {
  for (const [unit, least, most] of HANDY) {
    const m = food.measures.find((x) => x.unit === unit && x.form === null);
    if (!m) continue;
    const per = m.grams * measureScale(unit, system);
    const amount = grams / per;
    if (amount < least || amount > most) continue;
    const round = side === 'near' ? Math.round : side === 'atMost' ? Math.floor : Math.ceil;
    const rounded = round(amount * 12 + (side === 'atMost' ? 1e-9 : side === 'atLeast' ? -1e-9 : 0)) / 12;
    const text = formatAmount(rounded);
    if (!isNeat(text) || Math.abs(rounded - amount) > (side === 'near' ? 0.04 : 0.08) * amount) continue;
    // Pieces are counted whole or halved.
    if (unit === 'piece' && !Number.isInteger(rounded * 2)) continue;
    if (unit === 'piece') return text;
    return unitNamed(unit) ? formatMeasure(rounded, unit) : `${text} ${unit}`;
  }
  return null;
}
