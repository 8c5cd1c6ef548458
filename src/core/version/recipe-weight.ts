import { unitNamed } from '../quantity/units.ts';
import type { Reading } from '../reading/reading.ts';
import type { Weight } from '../weighing/weight.ts';
import { dishWeight } from './dish-weight.ts';
import type { Version } from './version.ts';

/**
 * What an amount of another recipe weighs, g: by weight, by volume at the density of water (an estimate), by
 * servings, else whole dishes. Null when the line says nothing that can be weighed.
 */
export function recipeWeight(reading: Reading, inner: Version): Weight | null {
  const whole = dishWeight(inner);
  const quantity = reading.quantity ?? 1;
  const unit = reading.unit === null ? null : unitNamed(reading.unit);
  const exact = (grams: number, from: Weight['from']): Weight => ({ grams, low: grams, high: grams, from });
  if (unit?.kind === 'weight') return exact(quantity * unit.factor!, 'weight');
  if (unit?.kind === 'volume') {
    const grams = quantity * unit.factor!;
    return { grams, low: grams * 0.9, high: grams * 1.1, from: 'estimate' };
  }
  if (unit?.name === 'serving')
    return inner.servings === null ? null : exact((whole / inner.servings) * quantity, 'count');
  return unit === null && whole > 0 ? exact(whole * quantity, 'count') : null;
}
