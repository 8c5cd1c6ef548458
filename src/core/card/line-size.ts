import type { Food } from '../food/food.ts';
import { countedName } from '../food/say-like.ts';
import { formatGrams } from '../quantity/format-amount.ts';
import { formatMeasure } from '../quantity/format-measure.ts';
import { PACKAGE_UNITS } from '../quantity/units.ts';
import type { Line } from '../version/version.ts';
import { hasRefuse, tinAsSaid } from '../version/words-of-line.ts';
import { isPouredOff } from '../weighing/weigh.ts';

/** How much of a line goes in, so that it can be said for other servings. */
export interface LineSize {
  /** null where the line says no amount. */
  readonly quantity: number | null;
  readonly quantityMax: number | null;
  readonly unit: string | null;
  /** What stands beside the amount, g; null where the amount says it, or there is too little to tell. */
  readonly grams: number | null;
  readonly isTin: boolean;
  /** Whether the grams are of what a can holds when it is drained. */
  readonly isDrained: boolean;
  readonly item: string;
  readonly note: string | null;
  /** Whether its name follows its number: it came in by a swap. */
  readonly isCounted: boolean;
}

/** Less beside an amount is too little to tell, g. */
const LEAST_TOLD_G = 3;

export function lineSize(line: Line, food: Food | null): LineSize {
  const unit = line.amount?.unit ?? null;
  const isWeighed = unit === 'gram' || unit === 'kilogram';
  const isTold =
    !isWeighed &&
    line.weight !== null &&
    line.weight.grams >= LEAST_TOLD_G &&
    line.food.kind !== 'nothing' &&
    !hasRefuse(line);
  return {
    quantity: line.amount?.quantity ?? null,
    quantityMax: line.amount?.quantityMax ?? null,
    unit,
    grams: line.amount !== null && isTold ? line.weight!.grams : null,
    isTin: /\btins?\b/i.test(line.text),
    isDrained: food !== null && (unit === 'can' || unit === 'jar') && isPouredOff(food, line.note),
    item: line.item,
    note: line.note,
    isCounted: line.swapId !== null,
  };
}

/**
 * A line as a card says it, for so many times as much. Pieces stand alone, with their grams behind the name: "2 (100 g)
 * eggs" would be two of 100 g each.
 *
 * @example sayLineSize(lineSize(cream, null)).amount // '¾ cup (84 g)'
 */
export function sayLineSize(size: LineSize, factor = 1): { readonly amount: string; readonly name: string } {
  const { quantity, unit, isDrained, item, note, isCounted } = size;
  const tail = note === null ? '' : `, ${note}`;
  if (quantity === null) return { amount: '', name: `${item}${tail}` };
  const many = quantity * factor;
  const most = size.quantityMax === null ? null : size.quantityMax * factor;
  const said = tinAsSaid(formatMeasure(many, unit, most), size.isTin ? 'tin' : '');
  if (size.grams === null) return { amount: said, name: `${item}${tail}` };
  const grams = formatGrams(size.grams * factor);
  if (unit === null) {
    const name = isCounted ? countedName(item, many) : item;
    return { amount: said, name: `${name} (${grams})${tail}` };
  }
  if (!PACKAGE_UNITS.has(unit)) return { amount: `${said} (${grams})`, name: `${item}${tail}` };
  // Behind a package stands what one of it holds.
  const one = formatGrams((size.grams * factor) / ((many + (most ?? many)) / 2));
  const each = (most ?? many) > 1 ? ' each' : '';
  return { amount: `${said} (${one}${each}${isDrained ? ' when drained' : ''})`, name: `${item}${tail}` };
}
