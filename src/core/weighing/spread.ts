import { densityOf, type Food, type FoodKind } from '../food/food.ts';
import type { Interval } from '../quantity/interval.ts';
import { unitNamed } from '../quantity/units.ts';
import type { Weight } from './weight.ts';

/**
 * How far household amounts usually lie from the grams that a table says of them, as a share of those grams: about two
 * in three cooks' cups, spoons and pieces lie within. Common practice; docs/counting.md has them as a table.
 */
const SPREAD = {
  /** Sold by weight or volume, which is printed on it: a can, a stick, a block, a packet. */
  sold: 0.01,
  /** What levels itself or fills every corner, in a cup: milk, oil, honey, yogurt, butter. */
  poured: 0.02,
  /** Grains that settle alike: sugar, rice, pulses, oats. */
  granular: 0.03,
  /** What packs: flour, cocoa, starch, ground nuts. */
  powder: 0.06,
  /** Grated or crumbled cheese: fine, and settles. */
  grated: 0.08,
  /** Chopped, sliced, leaves, berries, nuts: air between the pieces. */
  loose: 0.1,
  /** A spoon is levelled less well than a cup or a jug: times this. */
  spoon: 1.5,
  /** Eggs are graded by weight. */
  egg: 0.05,
  /** Made to a size: bread, rolls, biscuits, sheets of pasta or pastry. */
  made: 0.05,
  /** Cut or sliced to about a size: cheese, cold meat. */
  sliced: 0.08,
  /** As they grow: fruit, vegetables, potatoes. */
  grown: 0.15,
  /** Cuts of meat, poultry, fish. */
  cut: 0.12,
  /** By the hand: handfuls, pinches, bunches, knobs. */
  hand: 0.25,
} as const;

/** Units under which things are sold, with their contents printed on them. */
const SOLD = new Set(
  'can jar bottle carton package packet sachet envelope box bag tub pot container block log tube stick bar sleeve cube square'.split(
    ' ',
  ),
);
const BY_HAND = new Set(
  'handful pinch dash splash drizzle glug dollop squeeze drop grating knob pat bunch sprig spray second'.split(' '),
);
const isOneOf = (food: Food, ...kinds: readonly FoodKind[]): boolean => kinds.some((k) => food.kinds.includes(k));
/** Grams per millilitre from which a cup of something has no air in it. */
const NO_AIR = 0.9;

function volumeSpread(food: Food, unit: string): number {
  const density = densityOf(food) ?? 1;
  const dry = food.state === 'dry' || isOneOf(food, 'sugar', 'sweetener');
  const share =
    isOneOf(food, 'flour', 'cocoa', 'spice', 'seasoning', 'mix') && density < NO_AIR
      ? SPREAD.powder
      : isOneOf(food, 'oil', 'fatspread', 'drink', 'alcohol', 'juice', 'broth', 'citrusjuice') ||
          (density >= NO_AIR && !dry)
        ? SPREAD.poured
        : isOneOf(food, 'dairy')
          ? SPREAD.grated
          : isOneOf(food, 'nuts', 'driedfruit')
            ? SPREAD.loose
            : dry && density >= 0.3
              ? SPREAD.granular
              : SPREAD.loose;
  return unit === 'tablespoon' || unit === 'teaspoon' ? share * SPREAD.spoon : share;
}

function pieceSpread(food: Food): number {
  if (isOneOf(food, 'egg')) return SPREAD.egg;
  if (isOneOf(food, 'bread', 'dough', 'sweet', 'pasta', 'mix')) return SPREAD.made;
  if (isOneOf(food, 'poultry', 'poultrybreast', 'meat', 'fish', 'shellfish')) return SPREAD.cut;
  if (isOneOf(food, 'dairy', 'poultrydeli', 'fatspread', 'tofu')) return SPREAD.sliced;
  return SPREAD.grown;
}

/**
 * How far an amount of a food usually lies from its grams, as a share of them; 0 for what was weighed or says grams,
 * and for an estimate, whose interval the line has already.
 *
 * @param unit the line's unit; null for pieces
 * @example usualSpread(egg, 'count', null) // 0.05
 */
export function usualSpread(food: Food, from: Weight['from'], unit: string | null): number {
  const kind = unit === null ? null : unitNamed(unit)?.kind;
  if (from === 'weight' || from === 'estimate' || kind === 'weight') return 0;
  if (from === 'package' || (unit !== null && SOLD.has(unit))) return SPREAD.sold;
  if (unit !== null && BY_HAND.has(unit)) return SPREAD.hand;
  if (unit !== null && kind === 'volume') return volumeSpread(food, unit);
  return pieceSpread(food);
}

/**
 * What a line's grams likely are: what the line itself leaves open ("2 to 3", "scant", an estimate) together with the
 * usual spread of its measure. The two know nothing of each other and combine by the root of their squares.
 */
export function likelyGrams(weight: Weight, food: Food, unit: string | null): Interval {
  const usual = weight.grams * usualSpread(food, weight.from, unit);
  return {
    low: Math.max(0, weight.grams - Math.hypot(weight.grams - weight.low, usual)),
    high: weight.grams + Math.hypot(weight.high - weight.grams, usual),
  };
}
