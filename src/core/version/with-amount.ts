import type { Food } from '../food/food.ts';
import { formatMeasure } from '../quantity/format-measure.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { unitNamed } from '../quantity/units.ts';
import { normalizeText } from '../reading/normalize-text.ts';
import { readAmount } from '../reading/read-amount.ts';
import { weighAmount } from '../weighing/weigh.ts';
import { scaledLoss } from './line-loss.ts';
import type { Line } from './version.ts';

/** A line with another amount, or why it cannot be, in words for the cook. */
export type NewAmount = { readonly line: Line } | { readonly wrong: string };

/**
 * Puts another amount of the same food into a line, as a cook says it: "65 g", "½ cup", "2".
 *
 * @param food the line's food; null for a line that takes from another recipe, which knows weights only.
 */
export function withAmount(line: Line, text: string, food: Food | null, system: MeasureSystem): NewAmount {
  const amount = readAmount(normalizeText(text));
  if (amount === null || amount.rest !== '') return { wrong: 'Write an amount, such as 65 g or ½ cup.' };
  if (amount.quantity === 0) return { wrong: 'For none of it, leave the line out.' };
  const { quantity, quantityMax, unit } = amount;
  const middle = (quantity + (quantityMax ?? quantity)) / 2;
  const unitOf = unit === null ? null : unitNamed(unit);
  const said =
    food !== null
      ? weighAmount(middle, unit, food, system, { modifiers: amount.modifiers, note: line.note, item: line.item })
      : unitOf?.kind === 'weight'
        ? { grams: middle * unitOf.factor!, from: 'weight' as const, spread: 0 }
        : null;
  if (said === null) {
    return {
      wrong:
        food === null
          ? 'Write grams for this line, such as 250 g.'
          : `Nobody knows what that weighs of ${food.name}. Write grams.`,
    };
  }
  const perUnit = said.grams / middle;
  const was = line.weight?.grams ?? 0;
  return {
    line: {
      ...line,
      amount: { quantity, quantityMax, unit },
      read: null,
      loss: was > 0 ? scaledLoss(line.loss, said.grams / was) : null,
      weight: {
        grams: said.grams,
        low: quantity * perUnit * (1 - said.spread),
        high: (quantityMax ?? quantity) * perUnit * (1 + said.spread),
        from: said.from,
      },
      text: `${formatMeasure(quantity, unit, quantityMax)} ${line.item}${line.note ? `, ${line.note}` : ''}`,
    },
  };
}
