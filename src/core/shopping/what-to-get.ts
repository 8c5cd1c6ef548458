import { resolveOne } from '../counting/resolve-lines.ts';
import { amountIn } from '../food/describe-grams.ts';
import type { Food } from '../food/food.ts';
import { EPSILON } from '../program/rule.ts';
import { formatGrams } from '../quantity/format-amount.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { houseOf } from '../stock/house-of.ts';
import type { StockItem } from '../stock/stock.ts';
import type { Kitchen } from '../version/kitchen.ts';
import type { Line, Version } from '../version/version.ts';
import type { Buying } from './buying.ts';
import { soldPackageWords } from './sold-package.ts';
import type { TripItem } from './trip.ts';

/** A dish that is going to be cooked, and for how many servings. */
export interface DishToCook {
  readonly title: string;
  readonly version: Version;
  readonly servings: number;
}

/** A food that is going to be eaten as it is. */
export interface FoodToEat {
  readonly foodId: string;
  readonly grams: number;
  /** Who eats it. */
  readonly who: string;
}

export interface ToGetFrom {
  readonly dishes: readonly DishToCook[];
  readonly foods: readonly FoodToEat[];
  readonly stock: readonly StockItem[];
  readonly buying: readonly Buying[];
  readonly kitchen: Kitchen;
  /** A food in its newest state. */
  food(id: string): Food | null;
  readonly system: MeasureSystem;
}

interface Need {
  grams: number;
  readonly uses: string[];
}

/** Why something is got that no dish needs. */
const ALWAYS_THERE = 'always in the house';
/** A package less that leaves no more than this short would nearly do. */
const NEARLY = 0.05;
/** Less than this is nothing to go for, g. */
const LEAST_G = 1;

/**
 * What has to be got for what is planned: what its dishes need, less what is in the house, and what should always be
 * there. What was not read stands there by its words.
 *
 * @example whatToGet(plan).map((i) => `${i.needed} ${i.name}`) // ['650 g butter', …]
 */
export function whatToGet(from: ToGetFrom): TripItem[] {
  const needs = new Map<string, Need>();
  const unread = new Map<string, TripItem>();
  const need = (foodId: string, grams: number, use: string): void => {
    const had = needs.get(foodId) ?? { grams: 0, uses: [] };
    had.grams += grams;
    if (!had.uses.includes(use)) had.uses.push(use);
    needs.set(foodId, had);
  };
  for (const dish of from.dishes) {
    const factor = dish.servings / (dish.version.servings ?? dish.servings);
    for (const line of dish.version.lines) {
      if (line.leftOut) continue;
      const parts = partsToGet(dish.version, line, from.kitchen);
      if (parts === null) addUnread(unread, line, dish.title);
      else for (const p of parts) need(p.foodId, p.grams * factor, dish.title);
    }
  }
  for (const f of from.foods) need(f.foodId, f.grams, f.who);
  for (const b of from.buying) if (b.leastGrams !== null && !needs.has(b.foodId)) need(b.foodId, 0, ALWAYS_THERE);

  const house = houseOf(from.stock);
  const items = [...needs].flatMap(([foodId, n]): TripItem[] => {
    const item = itemOf(foodId, n, from, house.get(foodId));
    return item === null ? [] : [item];
  });
  return [...items, ...unread.values()];
}

/** The foods of a line with what is bought of them; none for what comes from the tap or a box, null for what was not read. */
export function partsToGet(
  version: Version,
  line: Line,
  kitchen: Kitchen,
): readonly { readonly foodId: string; readonly grams: number }[] | null {
  switch (line.food.kind) {
    case 'food':
      // Bought is all of it, also what is poured off or left in the pan.
      return line.weight === null ? null : [{ foodId: line.food.foodId, grams: line.weight.grams }];
    case 'recipe':
      if (line.food.cookId !== undefined) return [];
      return resolveOne(version, line, kitchen).parts.map((p) => ({ foodId: p.food.id, grams: p.grams }));
    case 'open':
      return null;
    default:
      return [];
  }
}

function addUnread(unread: Map<string, TripItem>, line: Line, title: string): void {
  const name = line.text.trim() || line.item;
  const had = unread.get(name);
  if (had !== undefined) {
    if (!had.uses.includes(title)) unread.set(name, { ...had, uses: [...had.uses, title] });
    return;
  }
  unread.set(name, { ...BARE_ITEM, id: `words-${slug(name)}`, name, uses: [title] });
}

/** A thing to get of which only the name is known. */
export const BARE_ITEM: Omit<TripItem, 'id' | 'name'> = {
  foodId: null,
  grams: null,
  needed: '',
  sold: null,
  soldGrams: null,
  shop: '',
  uses: [],
  notThat: '',
  inHouse: '',
  price: null,
};

/** Words as an id: the same words are the same thing to get. */
function slug(words: string): string {
  let sum = 0;
  for (const c of words) sum = (sum * 31 + c.codePointAt(0)!) >>> 0;
  const plain = words
    .toLowerCase()
    .replace(/[^a-z0-9]+/g, '-')
    .replace(/^-|-$/g, '')
    .slice(0, 40);
  return `${plain || 'x'}-${sum.toString(36)}`;
}

/** As one asks for it in a shop: whole pieces where it comes in pieces, grams where it does not. */
function neededWords(food: Food | null, grams: number, system: MeasureSystem): string {
  const plain = formatGrams(grams);
  const pieces = food === null ? null : amountIn('piece', food, grams, system, 'atLeast');
  return pieces !== null && Number.isInteger(pieces.quantity) ? `${pieces.quantity} (${plain})` : plain;
}

/** One package less, where that is nearly enough. */
function nearlyEnough(packs: number, packGrams: number, grams: number, pack: string): string {
  const short = grams - (packs - 1) * packGrams;
  return packs < 2 || short > NEARLY * grams ? '' : `; ${packs - 1} × ${pack} would be ${formatGrams(short)} short`;
}

function itemOf(
  foodId: string,
  need: Need,
  { buying, food: foodOf, system }: ToGetFrom,
  there: number | null | undefined,
): TripItem | null {
  const food = foodOf(foodId);
  const own = buying.find((b) => b.foodId === foodId);
  const isThere = there !== undefined;
  const have = there ?? 0;
  const least = own?.leastGrams ?? 0;
  const used = Math.min(have, need.grams);
  const toFill = Math.max(0, least - (have - used));
  const grams = need.grams - used + toFill;
  // Some of it is there, and nobody weighed it: it stays on the list, to be looked at.
  if (grams < LEAST_G) return null;
  const packs = own?.packGrams == null ? null : Math.ceil(grams / own.packGrams - EPSILON);
  const pack = own?.packGrams == null ? '' : soldPackageWords(food, own.packGrams, system);
  return {
    ...BARE_ITEM,
    id: foodId,
    foodId,
    name: food?.name ?? foodId,
    grams: Math.round(grams * 10) / 10,
    needed: `${neededWords(food, grams, system)}${packs === null ? '' : nearlyEnough(packs, own!.packGrams!, grams, pack)}`,
    sold: packs === null ? null : `${packs} × ${pack}`,
    soldGrams: packs === null ? null : packs * own!.packGrams!,
    shop: own?.shop ?? '',
    uses: toFill > 0 && need.grams > 0 ? [...need.uses, ALWAYS_THERE] : need.uses,
    inHouse: !isThere
      ? ''
      : there === null
        ? 'some is in the house: look first'
        : have > 0
          ? `${formatGrams(have)} in the house`
          : '',
    price: packs === null || own?.price == null ? null : Math.round(packs * own.price * 100) / 100,
  };
}
