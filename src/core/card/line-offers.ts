import { countVersion, type VersionCount } from '../counting/count-version.ts';
import { ALLERGEN_WORDS, type Allergen, type Food } from '../food/food.ts';
import type { Counter } from '../program/program.ts';
import type { MeasureSystem } from '../quantity/measure-system.ts';
import { type Kitchen, withNewest } from '../version/kitchen.ts';
import type { Line, Version } from '../version/version.ts';
import { weighAmount } from '../weighing/weigh.ts';
import type { LineNote } from './pass-on.ts';

/** What may stand in a line's place, and what it makes of the dish. */
export interface LineOffer {
  readonly words: string;
  /** Of a serving of the dish with it, for each program; null where nobody knows what so much of it weighs. */
  readonly points: readonly number[] | null;
  /** Whether it changes nothing for any of them. */
  readonly same: boolean;
  /** Allergens, in words, that it brings and the dish has not. */
  readonly contains: readonly string[];
}

interface Offering {
  readonly version: Version;
  readonly kitchen: Kitchen;
  readonly counters: readonly Counter[];
  readonly system: MeasureSystem;
  readonly now: VersionCount;
  /** What is in the dish as it is. */
  readonly allergens: readonly Allergen[];
  /** The newest of a food; null where there is none. */
  food(id: string): Food | null;
}

/** The choices that a line offers, each counted in its place, by the same measure. A food that is gone is none. */
export function lineOffers(line: Line, note: LineNote, from: Offering): LineOffer[] {
  return note.foods.flatMap((id): LineOffer[] => {
    const food = from.food(id);
    if (food === null) return [];
    const contains = food.allergens.filter((a) => !from.allergens.includes(a)).map((a) => ALLERGEN_WORDS[a]);
    const other = withOther(line, food, from.system);
    if (other === null) return [{ words: food.name, points: null, same: false, contains }];
    const lines = from.version.lines.map((l) => (l.id === line.id ? other : l));
    const kitchen = withNewest(from.kitchen, from.food);
    const points = countVersion({ ...from.version, lines }, kitchen, from.counters).counts.map((c) => c.points);
    return [{ words: food.name, points, same: points.every((p, i) => p === from.now.counts[i]!.points), contains }];
  });
}

/** The line with another food by the measure that it has; null where nobody knows what that weighs. */
function withOther(line: Line, food: Food, system: MeasureSystem): Line | null {
  if (line.weight === null) return null;
  const ref = { kind: 'food' as const, foodId: food.id, revision: food.revision };
  const { amount } = line;
  if (amount === null) return { ...line, food: ref };
  const middle = (amount.quantity + (amount.quantityMax ?? amount.quantity)) / 2;
  const said = weighAmount(middle, amount.unit, food, system, {
    modifiers: [],
    ...line.read,
    note: line.note,
    item: line.item,
  });
  // A rough guess is no number to choose by.
  if (said === null || said.from === 'estimate') return null;
  const each = said.grams / middle;
  return {
    ...line,
    food: ref,
    loss: null,
    weight: {
      grams: said.grams,
      low: amount.quantity * each * (1 - said.spread),
      high: (amount.quantityMax ?? amount.quantity) * each * (1 + said.spread),
      from: said.from,
    },
  };
}
