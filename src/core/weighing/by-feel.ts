import type { Food, FoodKind } from '../food/food.ts';
import type { Reading } from '../reading/reading.ts';
import type { Weight } from './weight.ts';

/** Grams that a cook takes by feel: the usual, and a span that holds nearly everyone's hand. */
type Hand = readonly [usual: number, least: number, most: number];

/** A little of it, or some, by what it is; common practice, no published source. */
const A_LITTLE: ReadonlyArray<readonly [kinds: readonly FoodKind[], hand: Hand]> = [
  [
    ['oil', 'fatspread'],
    [7, 2, 20],
  ],
  [
    ['sugar', 'sweetener', 'sweet'],
    [8, 2, 25],
  ],
  [
    ['nuts', 'seed'],
    [10, 3, 30],
  ],
  [['sauce'], [10, 3, 30]],
  [['flour'], [15, 5, 60]],
  [
    ['veg', 'fruit'],
    [50, 15, 150],
  ],
  [
    ['juice', 'citrusjuice', 'drink', 'broth', 'alcohol'],
    [30, 10, 100],
  ],
  [
    ['grain', 'pasta', 'bread'],
    [20, 5, 60],
  ],
];
/** Cheese that melts or is strewn on, and cream and milk that are stirred in. */
const SOME_CHEESE: Hand = [15, 5, 50];
const SOME_DAIRY: Hand = [20, 5, 80];
/** "Enough flour": as much as it takes, which differs most of all. */
const TIMES_ENOUGH = 3;

/**
 * What is taken by feel when the line says so ("a little", "some", "enough", "until it looks right"): the usual amount
 * with its span. Null where nobody could say it: some chicken is any amount.
 */
export function byFeel(reading: Pick<Reading, 'modifiers'>, food: Food): Weight | null {
  const much = reading.modifiers.includes('enough');
  if (!much && !reading.modifiers.includes('a little')) return null;
  const hand = food.kinds.includes('dairy')
    ? food.roles.includes('melt') || food.roles.includes('topping')
      ? SOME_CHEESE
      : SOME_DAIRY
    : A_LITTLE.find(([kinds]) => kinds.some((k) => food.kinds.includes(k)))?.[1];
  if (hand === undefined) return null;
  const [usual, least, most] = much ? hand.map((g) => g * TIMES_ENOUGH) : hand;
  return { grams: usual!, low: least!, high: most!, from: 'estimate' };
}

/** What of a dish's food moves nobody's number: less than this in the whole dish, kcal. */
const MOVES_NOTHING = 20;
/** The most that a cook would take of something light without saying how much, g; common practice. */
const MOST_OF: ReadonlyArray<readonly [fits: (food: Food) => boolean, grams: number]> = [
  [(f) => f.kinds.includes('sauce') || f.kinds.includes('seasoning'), 15],
  [(f) => f.kinds.some((k) => k === 'veg' || k === 'fruit' || k === 'citrusjuice'), 60],
];

/**
 * A line without an amount whose food is so light that its largest sensible amount moves nobody's number: lettuce to
 * serve, lemon wedges, soy sauce. It is taken at a third of that, and is no question. Null for any other food.
 */
export function tooLightToAsk(food: Food): Weight | null {
  const most = MOST_OF.find(([fits]) => fits(food))?.[1];
  const { kcal, sugars } = food.per100g;
  if (most === undefined || (kcal.high * most) / 100 > MOVES_NOTHING) return null;
  if ((sugars.high * most) / 100 > MOVES_NOTHING / 4) return null;
  return { grams: most / 3, low: 0, high: most, from: 'estimate' };
}
