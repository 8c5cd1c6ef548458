import { formatAmount } from './format-amount.ts';
import { unitNamed } from './units.ts';

/**
 * An amount with its unit, as on a recipe: `¾ cup`, `2 cloves`, `300 g`.
 *
 * @example formatMeasure(0.75, 'cup') // '¾ cup'
 */
export function formatMeasure(quantity: number, unitName: string | null, quantityMax: number | null = null): string {
  const amount = quantityMax === null ? formatAmount(quantity) : `${formatAmount(quantity)} to ${formatAmount(quantityMax)}`;
  if (unitName === null) return amount;
  const unit = unitNamed(unitName);
  if (unit === null) return `${amount} ${unitName}`;
  const many = (quantityMax ?? quantity) > 1;
  const word = unit.short === unit.name ? (many ? unit.plural : unit.name) : unit.short;
  return `${amount} ${word}`;
}
