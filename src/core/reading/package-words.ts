import { findUnit, PACKAGE_UNITS } from '../quantity/units.ts';
import type { Draft } from './draft.ts';
import type { AmountRead } from './read-amount.ts';
import { takeUnit } from './read-amount.ts';
import { readNumber } from './read-number.ts';

const SIZE_UNIT = String.raw`(?:fl\.? ?oz|fluid ounces?|oz|ounces?|lbs?|pounds?|g|gr|grams?|kg|ml|cl|dl|l|liters?|litres?)`;
const PACKAGE_WORD = [...PACKAGE_UNITS, 'tin', 'pkg', 'pack'].join('|');
/** A size and the package of that size: "14-oz can", "400 g tins". A pot roast and pot cheese are no packages. */
export const SIZED_PACKAGE = new RegExp(
  String.raw`^\(?(\d+(?:[.,]\d+)?(?: \d\/\d)?|\d\/\d)[ -]?(${SIZE_UNIT})\.?\)?[ -]?(${PACKAGE_WORD})(?:s|es)?\b(?! (?:cheese|roast|barley)\b)\.?\s*`,
  'i',
);
/** The size of a piece before its name: "6-oz salmon fillets". */
export const PIECE_SIZE = new RegExp(String.raw`^(\d+(?:[.,]\d+)?)[ -]?(${SIZE_UNIT})\.?,?\s+(?=[a-z])`, 'i');

/** A size in figures and its unit, as SIZED_PACKAGE and PIECE_SIZE find them. */
export function sizeOf(figures: string, unit: string): Draft['packageSize'] {
  const quantity = readNumber(figures)?.value;
  const name = takeUnit(unit)?.unit.name;
  return quantity === undefined || name === undefined ? null : { quantity, unit: name };
}

/** The draft after so many packages of a size, of which `text` begins with one. */
export function withSizedPackage(
  draft: Draft,
  count: Pick<AmountRead, 'quantity' | 'quantityMax'>,
  found: RegExpExecArray,
  text: string,
): Draft {
  const word = found[3]!;
  const unit = (findUnit(word) ?? findUnit(word.replace(/s$/, '')))?.name ?? 'package';
  return {
    ...draft,
    text: text.slice(found[0].length),
    amount: { quantity: count.quantity, quantityMax: count.quantityMax, unit },
    packageSize: sizeOf(found[1]!, found[2]!),
  };
}
