import { amountIn } from '../food/describe-grams.ts';
import type { Food } from '../food/food.ts';
import { formatAmount, formatGrams } from '../quantity/format-amount.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { readLine } from '../reading/read-line.ts';
import { weighAmount, weighLine } from '../weighing/weigh.ts';

/** What stands for the food while only its amount is read. */
const FOOD = 'stuff';
/** Volumes that things are sold in, ml. */
const SOLD_ML = [200, 250, 330, 500, 700, 750, 1000, 1500, 2000];
/** A weight that is a multiple of this is sold by weight, g. */
const EVEN_G = 25;
const SAME_VOLUME = 0.005;

/**
 * What a package holds, g, as it stands on the package: "250 g", "1 l", "10"; a bare number is pieces where the food
 * comes in pieces, else grams.
 *
 * @returns null where nobody can say what that weighs
 * @example readSoldPackage('1 l', milk, 'metric') // 1031
 */
export function readSoldPackage(text: string, food: Food, system: MeasureSystem): number | null {
  const said = text.trim();
  if (said === '') return null;
  const reading = readLine(`${said} ${FOOD}`);
  // Whatever was not understood would stand with the food.
  if (reading.item !== FOOD || reading.note !== null) return null;
  const { weight } = weighLine(reading, food, system);
  if (weight !== null && weight.from === 'estimate') return null;
  const grams = weight?.grams ?? (reading.unit === null ? reading.quantity : null);
  return grams !== null && grams > 0 ? Math.round(grams * 10) / 10 : null;
}

/**
 * A package in words, as one asks for it: by volume or pieces where it is sold so, else by weight.
 *
 * @example soldPackageWords(milk, 1031, 'metric') // '1 l'
 */
export function soldPackageWords(food: Food | null, grams: number, system: MeasureSystem): string {
  const plain = formatGrams(grams);
  if (food === null) return plain;
  const pieces = amountIn('piece', food, grams, system);
  if (pieces !== null && pieces.quantity > 1 && Number.isInteger(pieces.quantity)) return `${pieces.quantity}`;
  if (grams % EVEN_G === 0) return plain;
  const one = weighAmount(1, 'milliliter', food, system);
  const ml = one === null ? undefined : SOLD_ML.find((v) => Math.abs(grams / one.grams - v) <= v * SAME_VOLUME);
  if (ml === undefined) return plain;
  return ml >= 1000 ? `${formatAmount(ml / 1000)} l` : `${ml} ml`;
}
