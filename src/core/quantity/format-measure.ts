import { formatAmount, trimmed } from './format-amount.ts';
import { unitNamed } from './units.ts';

/**
 * An amount with its unit, as on a recipe: `¾ cup`, `2 cloves`, `300 g`.
 *
 * @example formatMeasure(0.75, 'cup') // '¾ cup'
 */
export function formatMeasure(quantity: number, unitName: string | null, quantityMax: number | null = null): string {
  // A scale and a jug show decimals, never fractions.
  const said = (n: number): string =>
    unitName === 'gram' || unitName === 'milliliter'
      ? trimmed(n, n >= 10 ? 0 : n >= 1 ? 1 : 2)
      : unitName === 'kilogram'
        ? trimmed(n, 2)
        : formatAmount(n);
  const amount = quantityMax === null ? said(quantity) : `${said(quantity)} to ${said(quantityMax)}`;
  if (unitName === null) return amount;
  const unit = unitNamed(unitName);
  if (unit === null) return `${amount} ${unitName}`;
  const many = (quantityMax ?? quantity) > 1;
  const word = unit.short === unit.name ? (many ? unit.plural : unit.name) : unit.short;
  return `${amount} ${word}`;
}
