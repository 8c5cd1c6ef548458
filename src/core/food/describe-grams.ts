import { formatAmount, formatGrams } from '../quantity/format-amount.ts';
import { formatMeasure } from '../quantity/format-measure.ts';
import { type MeasureSystem, measureScale } from '../quantity/measure-system.ts';
import { unitNamed } from '../quantity/units.ts';
import type { Food, FoodKind } from './food.ts';

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

/** Nobody measures these by the cup: they are cut, or come in pieces. */
const CUT: readonly FoodKind[] = ['meat', 'poultry', 'poultrybreast', 'poultrydeli', 'fish'];
const isCut = (food: Food): boolean => food.kinds.some((k) => CUT.includes(k));
/** A piece of meat or fish is one of its own from here on, as a thigh is; a cube for a stew is none, g. */
const PIECE_OF_ITS_OWN = 60;
/** Halves of pieces are said up to here; more of them are counted whole. */
const HALVED_PIECES = 3;

/** Whether a kitchen says so many of a unit of a food: no meat by the cup, no half seconds of spray, no 4½ thighs. */
function isSaid(food: Food, unit: string, amount: number): boolean {
  const whole = Number.isInteger(amount);
  if (unitNamed(unit)?.kind === 'volume') return !isCut(food);
  if (unit === 'second') return whole;
  if (unit === 'piece' && isCut(food) && pieceOf(food) < PIECE_OF_ITS_OWN) return false;
  if (unit === 'piece') return whole || (!isCut(food) && amount < HALVED_PIECES && Number.isInteger(amount * 2));
  return true;
}

const pieceOf = (food: Food): number => food.measures.find((m) => m.unit === 'piece' && m.form === null)?.grams ?? 0;

/** Whether a measure may lie on either side of the grams, or must not exceed them, or not fall short. */
export type SafeSide = 'near' | 'atMost' | 'atLeast';

/** So many of a household measure. */
export interface HouseholdAmount {
  readonly quantity: number;
  readonly unit: string;
}

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

/** As `householdAmount`, in words: "¾ cup", "3 pieces". */
export function householdMeasure(
  food: Food,
  grams: number,
  system: MeasureSystem,
  side: SafeSide = 'near',
): string | null {
  const said = householdAmount(food, grams, system, side);
  return said === null ? null : formatMeasure(said.quantity, said.unit);
}

/**
 * The household measure near the grams (within 4 %, or 8 % on a safe side) that comes out as a kitchen fraction and is
 * said of such a food; null when none does.
 */
export function householdAmount(
  food: Food,
  grams: number,
  system: MeasureSystem,
  side: SafeSide = 'near',
): HouseholdAmount | null {
  for (const [unit] of HANDY) {
    const said = amountIn(unit, food, grams, system, side);
    if (said !== null) return said;
  }
  return null;
}

/** As `householdAmount`, in this one of the handy measures. */
export function amountIn(
  unit: string,
  food: Food,
  grams: number,
  system: MeasureSystem,
  side: SafeSide = 'near',
): HouseholdAmount | null {
  const [, least, most] = HANDY.find(([u]) => u === unit) ?? [unit, 0, 0];
  const m = food.measures.find((x) => x.unit === unit && x.form === null);
  if (!m) return null;
  const amount = grams / (m.grams * measureScale(unit, system));
  if (amount < least || amount > most) return null;
  const round = side === 'near' ? Math.round : side === 'atMost' ? Math.floor : Math.ceil;
  const rounded = round(amount * 12 + (side === 'atMost' ? 1e-9 : side === 'atLeast' ? -1e-9 : 0)) / 12;
  if (!isNeat(formatAmount(rounded)) || Math.abs(rounded - amount) > (side === 'near' ? 0.04 : 0.08) * amount)
    return null;
  return isSaid(food, unit, rounded) ? { quantity: rounded, unit } : null;
}
