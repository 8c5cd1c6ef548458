import { resolveLines } from '../counting/resolve-lines.ts';
import { boughtAsDish } from '../feast/bought-as-dish.ts';
import { portionOf } from '../feast/feast.ts';
import type { Food } from '../food/food.ts';
import type { Version } from '../version/version.ts';
import type { DaySources } from './count-entry.ts';
import type { DayEntry } from './day-entry.ts';

/** An amount of a food in something that is eaten; 0 where nobody knows how much. */
export interface FoodPart {
  readonly food: Food;
  readonly grams: number;
}

const partsOfShare = (version: Version | null, share: number, from: DaySources): FoodPart[] =>
  version === null
    ? []
    : resolveLines(version, from.kitchen).flatMap((l) => [
        ...l.parts.map((p) => ({ food: p.food, grams: p.grams * share })),
        ...(l.besides ?? []).map((food) => ({ food, grams: 0 })),
      ]);

/** The foods in something that is eaten; none for points that are only known. */
export function foodsInEntry({ what, portion, eaterId }: DayEntry, from: DaySources): FoodPart[] {
  const servingsOf = (version: Version | null, n: number) => partsOfShare(version, n / (version?.servings ?? 1), from);
  switch (what.kind) {
    case 'version':
      return servingsOf(from.version(what.versionId), portion);
    case 'pot':
      return servingsOf(from.version(from.pot(what.potId)?.versionId ?? ''), portion);
    case 'cook':
      return servingsOf(from.version(from.cook(what.cookId)?.versionId ?? ''), portion);
    case 'box': {
      const box = from.box(what.boxId);
      const cook = box === null ? null : from.cook(box.cookId);
      return partsOfShare(from.version(cook?.versionId ?? ''), (box?.share ?? 0) * portion, from);
    }
    case 'feast': {
      const feast = from.feast(what.feastId);
      if (feast === null) return [];
      return [
        ...feast.dishes.flatMap((d) => servingsOf(from.version(d.versionId), portionOf(d, eaterId) * portion)),
        ...feast.bought.flatMap((b) => servingsOf(boughtAsDish(b), portionOf(b, eaterId) * portion)),
      ];
    }
    case 'food': {
      const food = from.food(what.foodId);
      return food === null ? [] : [{ food, grams: what.grams * portion }];
    }
    case 'known':
      return [];
  }
}
