import { edibleShare } from '../food/edible-share.ts';
import { countedName } from '../food/say-like.ts';
import { formatGrams } from '../quantity/format-amount.ts';
import { formatMeasure } from '../quantity/format-measure.ts';
import { sayVolume, TEASPOONS } from '../quantity/say-volume.ts';
import { PACKAGE_UNITS, unitNamed } from '../quantity/units.ts';
import type { ReadingPart } from '../reading/reading.ts';
import type { Line } from './version.ts';

/** Words that say which piece or how it fills the cup, and stand before the food. */
const BEFORE_FOOD = new Set(['small', 'medium', 'large', 'extra-large', 'jumbo', 'packed']);
/** What is not counted though its line is: the juice of two lemons is no "juices". */
const NO_PLURAL = /(?:zest|juice|peel|rind|garlic|dough|parsley|celery)$/i;

/**
 * The words of a line for the amount that it has now, with all that was read of it: size, package, further amounts and
 * note. Pieces that do not come out whole, and what the amount alone does not weigh, are told in grams too.
 *
 * @param was the quantity that its item's words were written for, which decides between "onion" and "onions"
 * @example wordsOfLine(half(lineOf('3 large onions, diced')), 3) // '1½ large onions (225 g), diced'
 * @example wordsOfLine(half(lineOf('1 (14.5 oz) can tomatoes')), 1) // '½ can (14.5 oz) tomatoes'
 */
export function wordsOfLine(line: Line, was: number): string {
  if (line.amount === null) return line.text;
  return tinAsSaid(wordsFor(line, was), line.text);
}

/** Who wrote tins reads tins: both are one unit. */
export const tinAsSaid = (words: string, said: string): string =>
  /\btins?\b/i.test(said) ? words.replace(/^(\S+ )can(s?)\b/, '$1tin$2') : words;

function wordsFor(line: Line, was: number): string {
  const { read, item, note } = line;
  const amount = line.amount!;
  const { quantity, quantityMax, unit } = amount;
  const many = quantityMax ?? quantity;
  const crosses = was > 1 !== many > 1 && unit === null && !NO_PLURAL.test(item);
  const name = [
    ...(read?.modifiers.filter((m) => BEFORE_FOOD.has(m)) ?? []),
    crosses ? countedName(item, many) : item,
  ].join(' ');
  const tail = note === null ? '' : `, ${note}`;
  const said = sumWords(line);
  // Nobody measures 0.17 of a bag.
  if (said.startsWith('0.') && line.weight !== null && !hasRefuse(line))
    return `${formatGrams(line.weight.grams)} ${name}${tail}`;
  const inside = bracketOf(line, said, many);
  const bracket = inside === null ? '' : ` (${inside})`;
  // "1½ (75 g) eggs" would be pieces of 75 g each.
  return unit === null ? `${said} ${name}${bracket}${tail}` : `${said}${bracket} ${name}${tail}`;
}

const further = (line: Line): readonly ReadingPart[] => line.read?.parts.filter((p) => p.relation === 'plus') ?? [];

/** "½ cup + 1 tbsp": what is added, in one measure where it can be. */
function sumWords(line: Line): string {
  const { quantity, quantityMax, unit } = line.amount!;
  if (quantityMax !== null) return formatMeasure(quantity, unit, quantityMax);
  const all = [{ quantity, unit }, ...further(line)];
  const spoons = all.map((p) => (p.unit === null ? undefined : TEASPOONS[p.unit]));
  if (spoons.every((s) => s !== undefined)) {
    const total = all.reduce((sum, p, i) => sum + p.quantity * spoons[i]!, 0);
    return sayVolume(total / TEASPOONS[unit!]!, unit);
  }
  return all.map((p) => smaller(p.quantity, p.unit)).join(' + ');
}

/** Parts of a litre, a pint or a pound in the next smaller unit. */
function smaller(quantity: number, unit: string | null): string {
  if (unit === 'liter' && quantity < 1) return formatMeasure(quantity * 1000, 'milliliter');
  if (unit === 'kilogram' && quantity < 1) return formatMeasure(quantity * 1000, 'gram');
  if (unit === 'pound' && quantity < 1) return formatMeasure(quantity * 16, 'ounce');
  if (unit === 'pint' && quantity < 1) return sayVolume(quantity * 2, 'cup');
  if (unit === 'quart' && quantity < 1) return sayVolume(quantity * 4, 'cup');
  return sayVolume(quantity, unit);
}

/** Whether the words say that it comes with bones or peel: a weight beside them would be taken for one with them. */
export const hasRefuse = (line: Line): boolean =>
  line.food.kind === 'food' && edibleShare({ id: line.food.foodId }, line.text) !== null;

/** What stands in brackets behind the amount; null for nothing. */
function bracketOf(line: Line, said: string, many: number): string | null {
  const { read, weight } = line;
  const { quantity, unit } = line.amount!;
  const each = unit === null || many > 1 ? ' each' : '';
  if (read?.packageQuantity != null && read.packageUnit !== null)
    return `${formatMeasure(read.packageQuantity, read.packageUnit)}${each}`;
  const same = read?.parts.find((p) => p.relation === 'same');
  if (same !== undefined) {
    // "1 tube dough (8 oz)" is the size of one.
    const ofOne = unit === null && PACKAGE_UNITS.has(line.item.split(' ')[0]!.toLowerCase());
    return ofOne
      ? `${formatMeasure(same.quantity / quantity, same.unit)} each`
      : formatMeasure(same.quantity, same.unit, same.quantityMax);
  }
  if (weight === null || (unit !== null && PACKAGE_UNITS.has(unit)) || hasRefuse(line)) return null;
  const kind = unit === null ? 'count' : unitNamed(unit)?.kind;
  const whole = Math.abs(quantity - Math.round(quantity)) < 1e-6;
  const inOtherMeasures = kind === 'volume' && said !== formatMeasure(quantity, unit);
  const saysLess =
    (read?.modifiers.length ?? 0) > 0 || weight.from === 'estimate' || weight.from === 'weight' || inOtherMeasures;
  return kind !== 'weight' && ((kind === 'count' && !whole) || saysLess) ? formatGrams(weight.grams) : null;
}
