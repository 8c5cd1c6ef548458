import { formatAmount, formatGrams, trimmed } from '../quantity/format-amount.ts';
import { formatMeasure } from '../quantity/format-measure.ts';
import { type MeasureSystem, measureScale } from '../quantity/measure-system.ts';
import { OUNCE_G, US_CUP_ML } from '../quantity/units.ts';
import { amountIn, type HouseholdAmount, householdAmount } from './describe-grams.ts';
import type { Food } from './food.ts';
import { singular } from './food-words.ts';

/** Less than this is said by the spoon even to who weighs, g. */
const BY_THE_SPOON_G = 20;
/** Packages are said whole or halved, and only where they come out so: more off than this share and grams are said. */
const PACKAGE_OFF = 0.02;
const SAID_WHOLE = ['can', 'jar', 'carton', 'packet', 'package', 'sachet', 'envelope', 'tub', 'pot', 'block', 'stick'];

/** An amount of a food as a line says it. */
export interface SaidLike {
  /** The whole line: amount, grams and name. */
  readonly text: string;
  readonly quantity: number;
  /** null for pieces. */
  readonly unit: string | null;
  /** Whether it says grams, or leaves them to what is printed on the package. */
  readonly saysGrams: boolean;
}

/**
 * Grams of a food in the words of a line that it takes the place of: who weighs goes on weighing, who pours by the
 * litre goes on pouring, a can stays a can and eggs are counted; others get a household measure.
 *
 * @param unit the unit of the line as it was; null for pieces or none
 * @param item what the food is called in the line
 * @example sayLike('liter', skimmedMilk, 1031, 'us', 'skimmed milk').text // '1 l (1031 g) skimmed milk'
 * @example sayLike(null, egg, 100, 'us', 'egg').text // '2 eggs (100 g)'
 */
export function sayLike(
  unit: string | null,
  food: Food | null,
  grams: number,
  system: MeasureSystem,
  item: string,
): SaidLike {
  const plain = formatGrams(grams);
  const kilos = unit === 'kilogram' ? inKilos(grams) : null;
  const weighed =
    kilos === null
      ? { text: `${plain} ${item}`, quantity: grams, unit: 'gram', saysGrams: true }
      : { text: `${trimmed(kilos, 2)} kg ${item}`, quantity: kilos, unit: 'kilogram', saysGrams: true };
  if (food === null) return weighed;
  const packages = inPackages(unit, food, grams);
  if (packages !== null)
    return { text: `${formatMeasure(packages, unit)} ${item}`, quantity: packages, unit, saysGrams: false };
  const spoons = grams < BY_THE_SPOON_G;
  if (!spoons && (unit === 'gram' || unit === 'kilogram')) return weighed;
  const said =
    (spoons ? null : (inOunces(unit, grams) ?? poured(unit, food, grams, system))) ??
    // What was counted is counted on.
    (unit === null ? amountIn('piece', food, grams, system) : null) ??
    householdAmount(food, grams, system);
  if (said === null) return weighed;
  // "2 (100 g) eggs" would be two of 100 g each.
  if (said.unit === 'piece') {
    const text = `${formatAmount(said.quantity)} ${countedName(item, said.quantity)} (${plain})`;
    return { text, quantity: said.quantity, unit: null, saysGrams: true };
  }
  return { text: `${formatMeasure(said.quantity, said.unit)} (${plain}) ${item}`, ...said, saysGrams: true };
}

/** Kilograms for who weighs by them: where they are one or more, and come out to the ten grams. */
const inKilos = (grams: number): number | null =>
  grams >= 1000 && Math.abs(grams / 10 - Math.round(grams / 10)) < 1e-6 ? Math.round(grams / 10) / 100 : null;

/** Whole or half packages, as the line was in; their grams are printed on them. Null where they come out otherwise. */
function inPackages(unit: string | null, food: Food, grams: number): number | null {
  const one = unit !== null && SAID_WHOLE.includes(unit) ? food.measures.find((m) => m.unit === unit && !m.form) : null;
  if (!one) return null;
  const many = Math.round((grams / one.grams) * 2) / 2;
  return many > 0 && Math.abs(many * one.grams - grams) <= PACKAGE_OFF * grams ? many : null;
}

/** Ounces and pounds for who weighs by them: to the quarter ounce, where that is near enough. */
function inOunces(unit: string | null, grams: number): HouseholdAmount | null {
  if (unit !== 'ounce' && unit !== 'pound') return null;
  const ounces = Math.round((grams / OUNCE_G) * 4) / 4;
  if (Math.abs(ounces * OUNCE_G - grams) > PACKAGE_OFF * grams) return null;
  return ounces >= 16 && ounces % 4 === 0
    ? { quantity: ounces / 16, unit: 'pound' }
    : { quantity: ounces, unit: 'ounce' };
}

function poured(unit: string | null, food: Food, grams: number, system: MeasureSystem): HouseholdAmount | null {
  const cup = food.measures.find((m) => m.unit === 'cup' && m.form === null);
  if ((unit !== 'liter' && unit !== 'milliliter') || cup === undefined) return null;
  const ml = (grams / (cup.grams * measureScale('cup', system))) * US_CUP_ML;
  const even = Math.round(ml / (ml >= 200 ? 10 : 5)) * (ml >= 200 ? 10 : 5);
  return even >= 1000 && even % 100 === 0
    ? { quantity: even / 1000, unit: 'liter' }
    : { quantity: even, unit: 'milliliter' };
}

/**
 * A food's name for so many of it: the last word of its first part in the plural or the singular.
 *
 * @example countedName('chicken thigh, skinless', 3) // 'chicken thighs, skinless'
 */
export function countedName(name: string, quantity: number): string {
  const [, before = '', word = '', after = ''] = /^([^,(]*?)([A-Za-z-]+)(\s*(?:[,(].*)?)$/.exec(name) ?? [];
  if (word === '') return name;
  return `${before}${quantity > 1 ? plural(word) : singular(word)}${after}`;
}

function plural(word: string): string {
  if (/s$/.test(word)) return word;
  if (/[^aeiou]y$/.test(word)) return `${word.slice(0, -1)}ies`;
  if (/(?:[sxz]|[cs]h|tomato|potato)$/.test(word)) return `${word}es`;
  if (/(?:leaf|loaf)$/.test(word)) return `${word.slice(0, -1)}ves`;
  return `${word}s`;
}
