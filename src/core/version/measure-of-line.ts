import { formatMeasure } from '../quantity/format-measure.ts';
import { type MeasureSystem, measureScale } from '../quantity/measure-system.ts';
import { unitNamed } from '../quantity/units.ts';
import type { Line } from './version.ts';

/** A household measure that a line is written in, and how many of it. */
export interface LineMeasure {
  readonly unit: string;
  readonly quantity: number;
  /** One of it in words: "1 bunch", "one piece". */
  readonly words: string;
}

/** The measure whose weight a line's grams would teach; null for lines by weight and without an amount. */
export function measureOfLine(line: Line): LineMeasure | null {
  if (line.amount === null || !(line.amount.quantity > 0)) return null;
  const { quantity, quantityMax, unit } = line.amount;
  const middle = (quantity + (quantityMax ?? quantity)) / 2;
  if (unit === null) return { unit: 'piece', quantity: middle, words: 'one piece' };
  if (unitNamed(unit)?.kind === 'weight') return null;
  return { unit, quantity: middle, words: formatMeasure(1, unit) };
}

/** What one measure weighs, g, when so many of them weigh `grams`; for US measures, as the pantry keeps them. */
export const gramsOfOne = (measure: LineMeasure, grams: number, system: MeasureSystem): number =>
  Math.round((grams / measure.quantity / measureScale(measure.unit, system)) * 100) / 100;
